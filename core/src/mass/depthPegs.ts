import { greatest, least } from '../geometry/extremes.ts';
import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { sidedId } from '../anatomy/plans/kit/bilateral.ts';
import { sampleField, wayOut } from '../body/sampleField.ts';
import { posedMuscles } from '../body/muscles.ts';
import { nearestOfSegments } from '../geometry/segments.ts';
import { turn } from '../geometry/quat.ts';
import { add, mirrored, scale, unit, type Vec3 } from '../geometry/vec3.ts';
import type { Layers } from './layers.ts';
import type { WireLine } from './wireLines.ts';

/** A small guide stuck in where clay is built up to a height, mm of the model. */
export interface DepthPeg {
  readonly id: string;
  readonly name: string;
  readonly boneId: string;
  /** Over a muscle's belly, or at a landmark where skin lies on bone. */
  readonly over: 'muscle' | 'bone';
  /** On the surface of the clay. */
  readonly at: Vec3;
  readonly heightMm: number;
  /** What it stands on. */
  readonly onto: 'core' | 'wire';
}

/** Pegs over every muscle's belly and at every bony landmark of the midline and the left side. */
export function depthPegs(
  layers: Layers,
  posed: PosedSkeleton,
  wires: readonly WireLine[],
): readonly DepthPeg[] {
  const { skeleton } = posed;
  const muscles = posedMuscles(posed)
    .filter(({ muscle }) => muscle.side !== 'right')
    .map(({ muscle, centre, axes, boneId }) => ({
      id: muscle.id,
      name: muscle.spec.name,
      boneId,
      over: 'muscle' as const,
      from: centre,
      out: axes[1],
    }));
  const bones = skeleton.plan.bonyLandmarks.flatMap((spec) => {
    const left = sidedId(spec.bone, 'left');
    const id = skeleton.byId.has(left) ? left : spec.bone;
    if (!skeleton.byId.has(id)) return [];
    const at = posedBone(posed, id);
    const out = skeleton.byId.get(id)!.side === 'right' ? mirrored(spec.out) : spec.out;
    return [
      {
        id: spec.id,
        name: spec.name,
        boneId: id,
        over: 'bone' as const,
        from: alongBone(at, spec.at),
        out: unit(turn(at.rotation, out)),
      },
    ];
  });
  const far = greatest(layers.cells) * layers.cellMm;
  return [...muscles, ...bones].flatMap(({ from, out, ...peg }): DepthPeg[] => {
    const reach = wayOut(layers.clay, layers, from, out, far);
    if (reach === undefined) return [];
    const at = add(from, scale(out, reach));
    const down = coreBelow(layers, at, scale(out, -1), far);
    const toWire = wireBelow(wires, at);
    if (down !== undefined && !(toWire !== undefined && toWire < down))
      return [{ ...peg, at, heightMm: down, onto: 'core' }];
    return toWire === undefined ? [] : [{ ...peg, at, heightMm: toWire, onto: 'wire' }];
  });
}

/** How far below a place the core begins; undefined where the clay goes right through. */
function coreBelow(layers: Layers, at: Vec3, way: Vec3, far: number): number | undefined {
  const step = layers.cellMm / 2;
  let before = sampleField(layers.core, layers, ...at);
  for (let s = step; s < far; s += step) {
    const p = add(at, scale(way, s));
    const value = sampleField(layers.core, layers, ...p);
    if (value < 0) return before === Infinity ? s : s - (step * value) / (value - before);
    // Out on the other side.
    if (s > 2 * layers.cellMm && sampleField(layers.clay, layers, ...p) > 0) return undefined;
    before = value;
  }
  return undefined;
}

/** Distance to the surface of the nearest wire. */
function wireBelow(wires: readonly WireLine[], at: Vec3): number | undefined {
  const ways = wires.flatMap(({ points, diameterMm }) =>
    points
      .slice(1)
      .map((to, i) => nearestOfSegments(at, at, points[i]!, to).distance - diameterMm / 2),
  );
  return ways.length === 0 ? undefined : Math.max(0, least(ways));
}
