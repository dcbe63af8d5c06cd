import {
  capLength,
  domeLength,
  loftSection,
  sectionOutline,
  sectionPoint,
  type AxisSample,
  type LoftPart,
  type SkinPart,
  type SleevePart,
} from '@keen-sinew/core';
import {
  BufferAttribute,
  BufferGeometry,
  CylinderGeometry,
  Matrix4,
  Quaternion,
  SphereGeometry,
  Vector3,
  type Vector3Tuple,
} from 'three';

/** Points round a section, sections along a loft, steps of a rounded end. */
const ROUND = 24;
const ALONG = 18;
const CAP = 5;
const UP = new Vector3(0, 1, 0);

const vector = (v: readonly number[]): Vector3 => new Vector3(...(v as Vector3Tuple));

/** The surfaces of one part of the flesh, mm, in the axes of the posed skeleton. */
export function fleshGeometry(part: SkinPart): readonly BufferGeometry[] {
  if (part.kind === 'loft') return [loftGeometry(part)];
  if (part.kind === 'sleeve') return [sleeveGeometry(part)];
  if (part.kind === 'ellipsoid') {
    const [x, y, z] = part.axes.map((axis, i) => vector(axis).multiplyScalar(part.radii[i]!));
    const matrix = new Matrix4().makeBasis(x!, y!, z!).setPosition(vector(part.centre));
    return [new SphereGeometry(1, ROUND, 16).applyMatrix4(matrix)];
  }
  const [a, b] = [vector(part.a), vector(part.b)];
  const ends = [ball(a, part.radiusA), ball(b, part.radiusB)];
  const long = a.distanceTo(b);
  const slope = (part.radiusA - part.radiusB) / long;
  // One ball holds the other: there is no flank.
  if (!(Math.abs(slope) < 1)) return ends;
  const flat = Math.sqrt(1 - slope ** 2);
  const flank = new CylinderGeometry(
    part.radiusB * flat,
    part.radiusA * flat,
    long * flat ** 2,
    ROUND,
    1,
    true,
  );
  const way = b.clone().sub(a).normalize();
  const middle = (long + slope * (part.radiusA + part.radiusB)) / 2;
  const turned = new Matrix4()
    .makeRotationFromQuaternion(new Quaternion().setFromUnitVectors(UP, way))
    .setPosition(a.clone().addScaledVector(way, middle));
  return [flank.applyMatrix4(turned), ...ends];
}

const ball = (at: Vector3, radius: number): BufferGeometry =>
  new SphereGeometry(radius, ROUND, 14).translate(at.x, at.y, at.z);

/** Rings along the axis, and at both ends the smaller rings of a rounded end. */
function loftGeometry({ origin, axes, stations }: LoftPart): BufferGeometry {
  const at = loftSection(stations);
  const [first, last] = [stations[0]!, stations.at(-1)!];
  const long = last.along - first.along;
  const angles = Array.from({ length: CAP }, (_, i) => (Math.PI / 2) * (1 - i / CAP));
  const rings = [
    ...angles.map((t) => ({ of: first, share: Math.cos(t), out: -Math.sin(t) })),
    ...Array.from({ length: ALONG + 1 }, (_, i) => ({
      of: at(first.along + (long * i) / ALONG),
      share: 1,
      out: 0,
    })),
    ...angles.toReversed().map((t) => ({ of: last, share: Math.cos(t), out: Math.sin(t) })),
  ];
  const [along, deep, wide] = axes.map(vector) as [Vector3, Vector3, Vector3];
  const positions = rings.flatMap(({ of, share, out }) =>
    Array.from({ length: ROUND }, (_, k) => {
      const t = (2 * Math.PI * k) / ROUND;
      const part = (v: number): number => Math.sign(v) * Math.abs(v) ** (2 / of.square);
      return vector(origin)
        .addScaledVector(along, of.along + out * capLength(of))
        .addScaledVector(deep, of.up + share * of.deep * part(Math.cos(t)))
        .addScaledVector(wide, of.side + share * of.wide * part(Math.sin(t)))
        .toArray();
    }).flat(),
  );
  return ringed(positions, rings.length);
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
