import * as say from './words.ts';
import type { Animal, Flesh } from './animal.ts';
import { FACINGS, zoneOf } from './coat.ts';
import { facePlaces } from './face.ts';
import type { BodyPlan } from './bodyPlan.ts';
import { planFor } from './planFor.ts';

const keysOf = (plan: BodyPlan): readonly string[] => [
  ...new Set(plan.bones.map((bone) => bone.key)),
];

/**
 * Checks that a body plan is whole: parents before children, unit directions and axes, rest within
 * limits, every bone in one part and one region, and no name of a bone that there is not. Returns
 * sentences, empty where all is well.
 */
export function planFaults(plan: BodyPlan): readonly string[] {
  return [
    ...boneFaults(plan),
    ...coverFaults(
      plan,
      'region',
      plan.regions.map((region) => region.bones),
    ),
    ...coverFaults(
      plan,
      'part',
      plan.parts.map((part) => part.keys),
    ),
    ...nameFaults(plan),
    ...(plan.parts[0]?.kind === 'trunk' ? [] : [say.itsFirstPartIs(plan.id)]),
    ...(plan.sizes.some((size) => size.kind === 'chain') ? [] : [say.itHasNoLength(plan.id)]),
    ...(plan.stances.length > 0 ? [] : [say.itHasNoStance(plan.id)]),
  ];
}

const unitLike = (v: readonly number[]): boolean => Math.abs(Math.hypot(...v) - 1) < 1e-9;

function boneFaults(plan: BodyPlan): readonly string[] {
  const seen = new Set<string>();
  const faults: string[] = [];
  for (const bone of plan.bones) {
    if (bone.parent !== null && !seen.has(bone.parent))
      faults.push(say.parentDoesNotStand(bone.id, bone.parent));
    if (seen.has(bone.id)) faults.push(say.thereAreTwoOf(bone.id));
    seen.add(bone.id);
    if (!unitLike(bone.rest)) faults.push(say.restDirectionIsNot(bone.id));
    for (const [name, f] of Object.entries(bone.joint.freedoms)) {
      if (!unitLike(f.axis)) faults.push(say.axisIsNotOf(bone.id, name));
      if (f.minDeg > 0 || f.maxDeg < 0) faults.push(say.restIsOutsideLimits(bone.id, name));
    }
  }
  return faults;
}

/** Every bone lies in exactly one of some groups, and the groups name only bones there are. */
function coverFaults(
  plan: BodyPlan,
  what: string,
  groups: readonly (readonly string[])[],
): readonly string[] {
  const listed = groups.flat();
  const keys = keysOf(plan);
  return [
    ...keys
      .filter((key) => listed.filter((entry) => entry === key).length !== 1)
      .map((key) => say.isNotInExactly(plan.id, key, what)),
    ...listed.filter((key) => !keys.includes(key)).map((key) => say.noBoneFor(plan.id, key, what)),
  ];
}

function nameFaults(plan: BodyPlan): readonly string[] {
  const ids = new Set(plan.bones.map((bone) => bone.id));
  const keys = new Set(keysOf(plan));
  const stances = new Set(plan.stances.map((stance) => stance.id));
  const contacts = new Set(plan.contacts.map((contact) => contact.id));
  const missing = (known: ReadonlySet<string>, what: string, names: readonly string[]) =>
    names.filter((name) => !known.has(name)).map((name) => say.no(plan.id, what, name));
  return [
    ...missing(ids, 'bone', [
      ...plan.contacts.flatMap(({ bone, level, reach }) => [
        bone,
        ...(level === null ? [] : [level]),
        ...reach.map((ref) => ref.bone),
      ]),
      ...plan.limbPairs.flatMap(({ left, right }) => [...left.bones, ...right.bones]),
      ...plan.spine,
      ...plan.tailBones,
      ...plan.sizes.flatMap((size) =>
        size.kind === 'chain'
          ? size.bones
          : size.kind === 'span'
            ? size.bonesLeft
            : size.kind === 'height'
              ? [size.bone]
              : [],
      ),
      ...plan.stances.flatMap((stance) => Object.keys(stance.anglesDeg)),
    ]),
    ...missing(keys, 'bone', [
      ...plan.muscles.flatMap(({ origin, insertion }) => [origin.bone, insertion.bone]),
      ...plan.bonyLandmarks.map(({ bone }) => bone),
    ]),
    ...missing(contacts, 'contact', [
      ...plan.stances.flatMap((stance) => stance.lifted),
      ...plan.limbPairs.flatMap(({ left, right }) =>
        [left.contact, right.contact].flatMap((contact) => (contact === null ? [] : [contact])),
      ),
      ...plan.contacts.map(({ image }) => image),
    ]),
    ...missing(
      new Set(plan.limbPairs.map((pair) => pair.id)),
      say.limbPair,
      plan.stances.flatMap((stance) => stance.folded ?? []),
    ),
    ...missing(
      stances,
      'stance',
      plan.sizes.flatMap((size) => (size.kind === 'span' ? [size.stance] : [])),
    ),
  ];
}

/** Whether flesh has sections that hold something, and a curve its two ends. */
const isWhole = (flesh: Flesh): boolean =>
  'curve' in flesh
    ? flesh.points.length >= 2 && flesh.points.every(({ radius }) => radius > 0)
    : flesh.stations.length > 0 &&
      flesh.stations.every(({ above, below, halfWidth }) => above + below > 0 && halfWidth > 0);

/**
 * Checks that an animal is whole on its plan: a length inside its own range and flesh for every
 * bone, a zone of the coat whichever way the skin looks, soles to stand on, and no name of a bone or
 * a size that there is not. Returns sentences, empty where all is well.
 */
export function animalFaults(general: BodyPlan, animal: Animal): readonly string[] {
  const plan = planFor(general, animal);
  const keys = keysOf(plan);
  const told = (text: string): string => `${animal.id}: ${text}`;
  const strange = (what: string, names: readonly string[], known: readonly string[]) =>
    names.filter((name) => !known.includes(name)).map((name) => told(say.no2(what, name)));
  return [
    ...(animal.planId === general.id ? [] : [told(say.itsPlanIsNot(animal.planId))]),
    ...keys.flatMap((key) => {
      const life = animal.lengths[key];
      if (life === undefined) return [told(say.noLifeLengthFor(key))];
      const outside = life.mm < life.range[0] || life.mm > life.range[1];
      return outside ? [told(say.liesOutsideItsOwn(key))] : [];
    }),
    ...keys
      .filter((key) => (animal.flesh[key] ?? []).length === 0)
      .map((key) => told(say.noFleshOn(key))),
    ...strange(
      'stance',
      animal.usualStance === undefined ? [] : [animal.usualStance],
      plan.stances.map((stance) => stance.id),
    ),
    ...keys.flatMap((key) =>
      (animal.flesh[key] ?? [])
        .filter((part) => !isWhole(part))
        .map(() => told(say.fleshIsFlat(key))),
    ),
    ...strange(
      'zone',
      (animal.blades ?? []).flatMap(({ zone }) => (zone === undefined ? [] : [zone])),
      animal.coat.map(({ id }) => id),
    ),
    ...strange('bone', bonesNamed(animal), keys),
    ...strange(
      'bone',
      (animal.blades ?? []).flatMap((b) => b.outline.map((p) => p.bone)),
      keys,
    ),
    ...strange(
      'size',
      Object.keys(animal.ranges.sizes),
      plan.sizes.map((size) => size.id),
    ),
    ...keys.flatMap((key) =>
      FACINGS.filter((facing) => zoneOf(animal.coat, key, facing) === undefined).map((facing) =>
        told(say.noZoneOfCoat(key, facing)),
      ),
    ),
  ];
}

/** Every bone that the data of an animal name beside its coat. */
const bonesNamed = (animal: Animal): readonly string[] => [
  ...[animal.lengths, animal.flesh, animal.rest ?? {}, animal.seats ?? {}].flatMap((of) =>
    Object.keys(of),
  ),
  ...(animal.features ?? []).map((feature) => feature.bone),
  ...(animal.face === undefined ? [] : facePlaces(animal.face).map(([bone]) => bone)),
];
