import type { Animal } from './animal.ts';
import { FACINGS, zoneOf } from './coat.ts';
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
    ...(plan.parts[0]?.kind === 'trunk' ? [] : [`${plan.id}: its first part is no trunk`]),
    ...(plan.sizes.some((size) => size.kind === 'chain') ? [] : [`${plan.id}: it has no length`]),
    ...(plan.stances.length > 0 ? [] : [`${plan.id}: it has no stance`]),
  ];
}

const unitLike = (v: readonly number[]): boolean => Math.abs(Math.hypot(...v) - 1) < 1e-9;

function boneFaults(plan: BodyPlan): readonly string[] {
  const seen = new Set<string>();
  const faults: string[] = [];
  for (const bone of plan.bones) {
    if (bone.parent !== null && !seen.has(bone.parent))
      faults.push(`${bone.id}: parent ${bone.parent} does not stand before it`);
    if (seen.has(bone.id)) faults.push(`${bone.id}: there are two of it`);
    seen.add(bone.id);
    if (!unitLike(bone.rest)) faults.push(`${bone.id}: rest direction is not of length 1`);
    for (const [name, f] of Object.entries(bone.joint.freedoms)) {
      if (!unitLike(f.axis)) faults.push(`${bone.id} ${name}: axis is not of length 1`);
      if (f.minDeg > 0 || f.maxDeg < 0) faults.push(`${bone.id} ${name}: rest is outside limits`);
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
      .map((key) => `${plan.id}: ${key} is not in exactly one ${what}`),
    ...listed
      .filter((key) => !keys.includes(key))
      .map((key) => `${plan.id}: no bone ${key} for a ${what}`),
  ];
}

function nameFaults(plan: BodyPlan): readonly string[] {
  const ids = new Set(plan.bones.map((bone) => bone.id));
  const keys = new Set(keysOf(plan));
  const stances = new Set(plan.stances.map((stance) => stance.id));
  const contacts = new Set(plan.contacts.map((contact) => contact.id));
  const missing = (known: ReadonlySet<string>, what: string, names: readonly string[]) =>
    names.filter((name) => !known.has(name)).map((name) => `${plan.id}: no ${what} ${name}`);
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
      'limb pair',
      plan.stances.flatMap((stance) => stance.folded ?? []),
    ),
    ...missing(
      stances,
      'stance',
      plan.sizes.flatMap((size) => (size.kind === 'span' ? [size.stance] : [])),
    ),
  ];
}

/**
 * Checks that an animal is whole on its plan: a length inside its own range and flesh for every
 * bone, a zone of the coat whichever way the skin looks, soles to stand on, and no name of a bone or
 * a size that there is not. Returns sentences, empty where all is well.
 */
export function animalFaults(general: BodyPlan, animal: Animal): readonly string[] {
  const plan = planFor(general, animal);
  const keys = keysOf(plan);
  const say = (text: string): string => `${animal.id}: ${text}`;
  const strange = (what: string, names: readonly string[], known: readonly string[]) =>
    names.filter((name) => !known.includes(name)).map((name) => say(`no ${what} ${name}`));
  return [
    ...(animal.planId === general.id ? [] : [say(`its plan is ${animal.planId}, not this one`)]),
    ...keys.flatMap((key) => {
      const life = animal.lengths[key];
      if (life === undefined) return [say(`no life length for ${key}`)];
      const outside = life.mm < life.range[0] || life.mm > life.range[1];
      return outside ? [say(`${key} lies outside its own range`)] : [];
    }),
    ...keys
      .filter((key) => (animal.flesh[key] ?? []).length === 0)
      .map((key) => say(`no flesh on ${key}`)),
    ...strange(
      'stance',
      animal.usualStance === undefined ? [] : [animal.usualStance],
      plan.stances.map((stance) => stance.id),
    ),
    ...strange('bone', Object.keys(animal.lengths), keys),
    ...strange('bone', Object.keys(animal.flesh), keys),
    ...strange('bone', Object.keys(animal.rest ?? {}), keys),
    ...strange('bone', Object.keys(animal.seats ?? {}), keys),
    ...strange(
      'bone',
      (animal.features ?? []).map((feature) => feature.bone),
      keys,
    ),
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
        say(`no zone of the coat for ${key} looking ${facing}`),
      ),
    ),
    ...plan.contacts.flatMap(({ bone, kind }) => {
      if (kind === 'rod') return [];
      const key = plan.bones.find((entry) => entry.id === bone)?.key ?? '';
      const last = animal.flesh[key]?.at(-1);
      // The sole is told from the last round cone of the bone that carries it.
      return last === undefined || 'radii' in last
        ? [say(`${key} meets the ground and does not end in a round cone`)]
        : [];
    }),
  ];
}
