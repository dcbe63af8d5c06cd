import type { Animal } from './animal.ts';
import { EURASIAN_OTTER } from './animals/eurasianOtter.ts';
import { GREY_WOLF } from './animals/greyWolf.ts';
import { THYLACINE } from './animals/thylacine.ts';
import type { BodyPlan } from './bodyPlan.ts';
import { FACINGS, zoneOf } from './coat.ts';
import { FOUR_FOOTED_MAMMAL } from './plans/fourFootedMammal.ts';

/** Every body plan that ships. */
export const BODY_PLANS: readonly BodyPlan[] = Object.freeze([FOUR_FOOTED_MAMMAL]);

/** Every animal that ships, in the order in which they are offered. */
export const ANIMALS: readonly Animal[] = Object.freeze([EURASIAN_OTTER, GREY_WOLF, THYLACINE]);

/** The plan with this id, or undefined. */
export const planById = (id: string): BodyPlan | undefined =>
  BODY_PLANS.find((plan) => plan.id === id);

/** The animal with this id, or undefined. */
export const animalById = (id: string): Animal | undefined =>
  ANIMALS.find((animal) => animal.id === id);

/**
 * Checks that a plan and an animal on it are whole: parents before children, unit directions and
 * axes, rest within limits, a life length with a range round it and flesh for every bone. Returns
 * sentences, empty where all is well.
 */
export function registryFaults(plan: BodyPlan, animal: Animal): readonly string[] {
  const seen = new Set<string>();
  const faults: string[] = [];
  const unitLike = (v: readonly number[]): boolean => Math.abs(Math.hypot(...v) - 1) < 1e-9;
  for (const bone of plan.bones) {
    if (bone.parent !== null && !seen.has(bone.parent))
      faults.push(`${bone.id}: parent ${bone.parent} does not stand before it`);
    seen.add(bone.id);
    if (!unitLike(bone.rest)) faults.push(`${bone.id}: rest direction is not of length 1`);
    for (const [name, f] of Object.entries(bone.joint.freedoms)) {
      if (!unitLike(f.axis)) faults.push(`${bone.id} ${name}: axis is not of length 1`);
      if (f.minDeg > 0 || f.maxDeg < 0) faults.push(`${bone.id} ${name}: rest is outside limits`);
    }
    const life = animal.lengths[bone.key];
    if (life === undefined) faults.push(`${animal.id}: no life length for ${bone.key}`);
    else if (life.mm < life.range[0] || life.mm > life.range[1])
      faults.push(`${animal.id}: ${bone.key} lies outside its own range`);
    if ((animal.flesh[bone.key] ?? []).length === 0)
      faults.push(`${animal.id}: no flesh on ${bone.key}`);
  }
  const named = [
    ...plan.contacts.flatMap((contact) => [contact.bone, contact.level, ...contact.reach]),
    ...plan.limbPairs.flatMap((pair) => pair.bonesLeft),
    ...plan.spine,
    plan.withersBone,
  ];
  for (const id of named) if (!seen.has(id)) faults.push(`${plan.id}: no bone ${id}`);
  return [
    ...faults,
    ...regionFaults(plan),
    ...coatFaults(plan, animal),
    ...padFaults(plan, animal),
  ];
}

const keysOf = (plan: BodyPlan): readonly string[] => [
  ...new Set(plan.bones.map((bone) => bone.key)),
];

/** Every bone lies in one region, and regions name only bones there are. */
function regionFaults(plan: BodyPlan): readonly string[] {
  const listed = plan.regions.flatMap((region) => region.bones);
  const keys = keysOf(plan);
  return [
    ...keys
      .filter((key) => listed.filter((one) => one === key).length !== 1)
      .map((key) => `${plan.id}: ${key} is not in exactly one region`),
    ...listed
      .filter((key) => !keys.includes(key))
      .map((key) => `${plan.id}: no bone ${key} for a region`),
  ];
}

/** Every patch of skin finds a zone of the coat, whichever way it looks. */
function coatFaults(plan: BodyPlan, animal: Animal): readonly string[] {
  return keysOf(plan).flatMap((key) =>
    FACINGS.filter((facing) => zoneOf(animal.coat, key, facing) === undefined).map(
      (facing) => `${animal.id}: no zone of the coat for ${key} looking ${facing}`,
    ),
  );
}

/** The sole is told from the last round cone of the bone that carries it. */
function padFaults(plan: BodyPlan, animal: Animal): readonly string[] {
  return plan.contacts.flatMap(({ bone }) => {
    const key = plan.bones.find((one) => one.id === bone)?.key ?? '';
    const last = animal.flesh[key]?.at(-1);
    return last === undefined || 'radii' in last
      ? [`${animal.id}: ${key} carries a foot and does not end in a round cone`]
      : [];
  });
}
