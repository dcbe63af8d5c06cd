import {
  domeLength,
  sectionOutline,
  sectionPoint,
  type AxisSample,
  type SkinPart,
  type SleevePart,
} from '@keen-sinew/core';
import {
  BufferAttribute,
  BufferGeometry,
  Matrix4,
  SphereGeometry,
  Vector3,
  type Vector3Tuple,
} from 'three';

/** Points round a section, steps of a rounded end. */
const ROUND = 24;
const CAP = 5;

const vector = (v: readonly number[]): Vector3 => new Vector3(...(v as Vector3Tuple));

/** The surfaces of one part of the flesh, mm, in the axes of the posed skeleton. */
export function fleshGeometry(part: SkinPart): readonly BufferGeometry[] {
  if (part.kind === 'sleeve') return [sleeveGeometry(part)];
  const [x, y, z] = part.axes.map((axis, i) => vector(axis).multiplyScalar(part.radii[i]!));
  const matrix = new Matrix4().makeBasis(x!, y!, z!).setPosition(vector(part.centre));
  return [new SphereGeometry(1, ROUND, 16).applyMatrix4(matrix)];
}

/** A surface through rings of {@link ROUND} points each, one after the other. */
function ringed(positions: readonly number[], rings: number): BufferGeometry {
  const index = Array.from({ length: rings - 1 }, (_, r) =>
    Array.from({ length: ROUND }, (__, k) => {
      const [p, q] = [r * ROUND + k, r * ROUND + ((k + 1) % ROUND)];
      return [p, q, p + ROUND, q, q + ROUND, p + ROUND];
    }).flat(),
  ).flat();
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(Float32Array.from(positions), 3));
  geometry.setIndex(index);
  geometry.computeVertexNormals();
  return geometry;
}

/** Rings at the samples of a run, and smaller ones in the domes at the ends of its sleeve. */
function sleeveGeometry({ samples, domes }: SleevePart): BufferGeometry {
  const angles = Array.from({ length: CAP }, (_, i) => (Math.PI / 2) * (1 - i / CAP));
  const dome = (of: AxisSample, t: number, away: 1 | -1) => ({
    of,
    share: Math.cos(t),
    out: away * Math.sin(t) * domeLength(of),
  });
  const [first, last] = [samples[0]!, samples.at(-1)!];
  const rings = [
    ...(domes[0] ? angles.map((t) => dome(first, t, -1)) : []),
    ...samples.map((of) => ({ of, share: 1, out: 0 })),
    ...(domes[1] ? angles.toReversed().map((t) => dome(last, t, 1)) : []),
  ];
  const positions = rings.flatMap(({ of, share, out }) =>
    sectionOutline(of, ROUND, share).flatMap(([up, side]) =>
      vector(sectionPoint(of, up, side))
        .addScaledVector(vector(of.along), out)
        .toArray(),
    ),
  );
  return ringed(positions, rings.length);
}
