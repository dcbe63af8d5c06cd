import type { Place } from '../anatomy/place.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { sampleField, wayOut } from '../body/sampleField.ts';
import { sectionAxes, skinParts } from '../body/skin.ts';
import { halfHeight } from '../body/sleeveSection.ts';
import { contourLoops, insideLoop, loopArea, loopLength } from '../geometry/contours.ts';
import type { Point2 } from '../geometry/hull.ts';
import { dot, lerp, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import type { CardStation } from './cardStations.ts';
import type { Layers } from './layers.ts';
import type { WireLine } from './wireLines.ts';

/** A wire where it goes through a section. */
export interface SectionWire {
  readonly wireId: string;
  readonly at: Point2;
  readonly diameterMm: number;
}

/**
 * A section of the model square to a bone, mm of the model: x to the animal's right, y towards its
 * back, the bone in the origin. Outlines run anticlockwise.
 */
export interface SectionCut extends Place {
  /** Which of the stations it was cut at. */
  readonly index: number;
  /** Without its side: both sides of a pair of bones are alike. */
  readonly boneName: string;
  readonly centre: Vec3;
  /** Unit: along the bone, towards the back, to the right. */
  readonly axes: readonly [Vec3, Vec3, Vec3];
  readonly skin: readonly Point2[];
  readonly clay: readonly Point2[];
  /** Pieces of core; a loop the other way round is clay inside it. */
  readonly core: readonly (readonly Point2[])[];
  readonly wires: readonly SectionWire[];
  readonly girthMm: number;
  readonly clayGirthMm: number;
  readonly widthMm: number;
  readonly depthMm: number;
}

/** Samples in the edge of a cell. */
const FINER = 1.25;
/** A section so many times larger than the bone's own flesh has other parts of the body in it. */
const MERGED = 1.5;
/** The window is this much larger than the reach from the bone to the skin. */
const WINDOW = 1.4;

/**
 * Cuts the layers at a station. Undefined where the bone lies outside the flesh there, or where the
 * section has no end of its own: a limb that is one with the trunk.
 */
// eslint-disable-next-line max-lines-per-function -- one cut, from the window to its loops
export function sectionCut(
  layers: Layers,
  posed: PosedSkeleton,
  { bone, along }: CardStation,
  wires: readonly WireLine[],
): Omit<SectionCut, 'index'> | undefined {
  const of = posedBone(posed, bone.id);
  const axes = sectionAxes(of);
  const [forward, up, right] = axes;
  const centre = alongBone(of, along);
  const far = greatest(layers.cells) * layers.cellMm;
  const reaches = [up, scale(up, -1), right, scale(right, -1)].map((way) =>
    wayOut(layers.skin, layers, centre, way, far),
  );
  if (reaches.includes(undefined)) return undefined;
  const half = WINDOW * greatest(reaches as number[]) + 3 * layers.cellMm;
  const step = layers.cellMm / FINER;
  const n = 2 * Math.ceil(half / step) + 1;
  const mid = (n - 1) / 2;
  const loopsOf = (values: Float32Array): readonly (readonly Point2[])[] => {
    const plane = new Float32Array(n * n);
    for (let j = 0; j < n; j++)
      for (let i = 0; i < n; i++) {
        const [x, y] = [(i - mid) * step, (j - mid) * step];
        plane[i + n * j] = sampleField(
          values,
          layers,
          centre[0] + x * right[0] + y * up[0],
          centre[1] + x * right[1] + y * up[1],
          centre[2] + x * right[2] + y * up[2],
        );
      }
    return contourLoops(plane, n, n).map((loop) =>
      loop.map(([x, y]): Point2 => [(x - mid) * step, (y - mid) * step]),
    );
  };
  const around = (loops: readonly (readonly Point2[])[]) =>
    loops.find((loop) => loopArea(loop) > 0 && insideLoop(loop, [0, 0]));
  const skin = around(loopsOf(layers.skin));
  const clay = around(loopsOf(layers.clay));
  if (skin === undefined || clay === undefined) return undefined;
  const [xs, ys] = [skin.map(([x]) => x), skin.map(([, y]) => y)];
  const [widthMm, depthMm] = [greatest(xs) - least(xs), greatest(ys) - least(ys)];
  if (Math.max(widthMm, depthMm) > MERGED * ownSize(posed, bone.id)) return undefined;
  const core = loopsOf(layers.core).filter((loop) => insideLoop(skin, loop[0]!));
  return {
    boneId: bone.id,
    boneName: bone.plainName,
    along,
    centre,
    axes,
    skin,
    clay,
    core,
    wires: wiresThrough(wires, centre, forward, right, up, skin),
    girthMm: loopLength(skin),
    clayGirthMm: loopLength(clay),
    widthMm,
    depthMm,
  };
}

/** How large a bone's own flesh is across it, mm: its thickest part. */
function ownSize(posed: PosedSkeleton, boneId: string): number {
  const own = skinParts(posed).filter((part) => part.boneId === boneId);
  return greatest(
    own.map((part) =>
      part.kind === 'ellipsoid'
        ? 2 * Math.max(part.radii[1], part.radii[2])
        : 2 * greatest(part.samples.map((sample) => Math.max(halfHeight(sample), sample.half))),
    ),
  );
}

/** Where wires pass through the plane of a section, inside its outline. */
function wiresThrough(
  wires: readonly WireLine[],
  centre: Vec3,
  along: Vec3,
  right: Vec3,
  up: Vec3,
  skin: readonly Point2[],
): readonly SectionWire[] {
  return wires.flatMap(({ id, diameterMm, points }) =>
    points.slice(1).flatMap((to, i): SectionWire[] => {
      const from = points[i]!;
      const [a, b] = [dot(sub(from, centre), along), dot(sub(to, centre), along)];
      if (a < 0 === b < 0) return [];
      const p = sub(lerp(from, to, a / (a - b)), centre);
      const at: Point2 = [dot(p, right), dot(p, up)];
      return insideLoop(skin, at) ? [{ wireId: id, at, diameterMm }] : [];
    }),
  );
}
