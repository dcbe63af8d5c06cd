import { least } from '../geometry/extremes.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import type { PlacedMass } from '../body/supports.ts';
import { distance, lerp, type Vec3 } from '../geometry/vec3.ts';
import { gramsPerMetre } from './metals.ts';
import type { PlannedWire } from './plannedWire.ts';
import type { WirePlan } from './wirePlan.ts';

/**
 * All wires of an armature as weights on their bones, g: each as heavy as it is cut, spread along its
 * way, and shafts at the ends of the bones that their parts sit on.
 */
export function wireMasses(
  { posed }: Pick<StancePlan, 'posed'>,
  { wires, shafts }: Pick<WirePlan, 'wires' | 'shafts'>,
): readonly PlacedMass[] {
  const ofWires = wires.flatMap((wire): readonly PlacedMass[] => {
    if (wire.otherEndOf !== null) return [];
    const grams = wireGrams(wire);
    // The two ends of a folded wire share what is cut once.
    const ends = [wire, ...wires.filter(({ otherEndOf }) => otherEndOf === wire.key)];
    const legs = ends.flatMap((end) => legsOf(end, posed));
    const whole = legs.reduce((sum, { weight }) => sum + weight, 0);
    return legs.map(({ boneId, at, weight }) => ({ boneId, at, grams: (grams * weight) / whole }));
  });
  const ofShafts = shafts.flatMap(({ boneId, cut, count, diameterMm, densityKgM3 }) => {
    if (cut === null) return [];
    const grams = (count * cut.value * gramsPerMetre(diameterMm, densityKgM3)) / 1000;
    const key = posed.byId.get(boneId)?.bone.key;
    const own = posed.bones.filter(({ bone }) => bone.key === key);
    const on = own.length > 0 ? own : posed.bones.slice(0, 1);
    return on.map(({ bone, end }) => ({ boneId: bone.id, at: end, grams: grams / on.length }));
  });
  return [...ofWires, ...ofShafts];
}

/** Grams of a wire as cut, with the shorter strands twisted onto it, and as often as it is made. */
function wireGrams({ cut, count, moreStrands, diameterMm, densityKgM3 }: PlannedWire): number {
  const mm =
    cut.value * count + moreStrands.reduce((sum, more) => sum + more.cut.value * more.count, 0);
  return (mm * gramsPerMetre(diameterMm, densityKgM3)) / 1000;
}

interface Leg {
  readonly boneId: string;
  readonly at: Vec3;
  readonly weight: number;
}

/** The legs of a wire's way, each on the bone of it that is nearest, weighed by length and strands. */
function legsOf(
  { route, strandsAt, through }: PlannedWire,
  posed: StancePlan['posed'],
): readonly Leg[] {
  const own = through.flatMap(({ boneId }) => posed.byId.get(boneId) ?? []);
  const bones = own.length > 0 ? own : posed.bones;
  return route.points.slice(1).map(({ at: to }, leg): Leg => {
    const from = route.points[leg]!.at;
    const at = lerp(from, to, 0.5);
    const far = bones.map(({ start, end }) => distance(lerp(start, end, 0.5), at));
    const nearest = bones[far.indexOf(least(far))]!;
    return { boneId: nearest.bone.id, at, weight: distance(from, to) * (strandsAt[leg] ?? 1) };
  });
}
