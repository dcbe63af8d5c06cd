import type { Animal } from './animal.ts';
import type { BodyPlan, ContactSpec, LimbPairSpec, LimbSpec, SizeSpec } from './bodyPlan.ts';

/**
 * The plan as one animal has it: without the optional bones that it gives no length, and standing on
 * the tips of its digits where it walks on hooves.
 */
export function planFor(
  plan: BodyPlan,
  animal: Pick<Animal, 'walksOn' | 'lengths' | 'ranges' | 'gaits'>,
): BodyPlan {
  const absent = plan.bones
    .filter((bone) => bone.optional === true && animal.lengths[bone.key] === undefined)
    .map((bone) => bone.key);
  const own = absent.length === 0 ? plan : planWithout(plan, absent);
  const standing = animal.walksOn === 'tips' ? onTips(own) : own;
  const gaits = animal.gaits ?? standing.gaits;
  return {
    ...standing,
    gaits,
    sizes: standing.sizes.filter((size) => isTold(standing, size, animal)),
  };
}

/** Where an animal says which sizes are known of it, only those are told, its length, and heights. */
function isTold(plan: BodyPlan, size: SizeSpec, animal: Pick<Animal, 'ranges'>): boolean {
  const known = Object.keys(animal.ranges.sizes);
  const isLength = size === plan.sizes.find((size) => size.kind === 'chain');
  return known.length === 0 || known.includes(size.id) || isLength || size.kind === 'height';
}

/** The plan without some bones, by key, and without what hangs on them. */
export function planWithout(plan: BodyPlan, keys: readonly string[]): BodyPlan {
  const gone = new Set<string>();
  for (const bone of plan.bones)
    if (keys.includes(bone.key) || (bone.parent !== null && gone.has(bone.parent)))
      gone.add(bone.id);
  return withoutBones(plan, gone);
}

/** The plan without some bones, by id, and without what is told of them; what hangs on one must be gone with it. */
export function withoutBones(plan: BodyPlan, gone: ReadonlySet<string>): BodyPlan {
  const bones = plan.bones.filter((bone) => !gone.has(bone.id));
  const left = new Set(bones.map((bone) => bone.key));
  const here = (ids: readonly string[]): readonly string[] => ids.filter((id) => !gone.has(id));
  const keysHere = (list: readonly string[]): readonly string[] => list.filter((k) => left.has(k));
  const pairs = plan.limbPairs
    .map(({ left: near, right: far, ...pair }) => ({
      ...pair,
      left: { ...near, bones: here(near.bones) },
      right: { ...far, bones: here(far.bones) },
    }))
    .filter((pair) => pair.left.bones.length > 1);
  const feet = plan.contacts.filter((contact) => !gone.has(contact.bone));
  return {
    ...plan,
    bones,
    contacts: feet,
    limbPairs: pairs,
    spine: here(plan.spine),
    tailBones: here(plan.tailBones),
    parts: plan.parts
      .map((part) => ({ ...part, keys: keysHere(part.keys) }))
      .filter((part) => part.keys.length > 0),
    sizes: plan.sizes.flatMap((size): SizeSpec[] => {
      if (size.kind === 'chain') {
        const kept = here(size.bones);
        const whole = kept.length === size.bones.length || isCutShort(plan, size.bones, kept);
        const isLength = size === plan.sizes.find((size) => size.kind === 'chain');
        return whole || (isLength && kept.length > 0) ? [{ ...size, bones: kept }] : [];
      }
      if (size.kind === 'span') {
        const kept = here(size.bonesLeft);
        return kept.length === 0 ? [] : [{ ...size, bonesLeft: kept }];
      }
      return size.kind === 'height' && gone.has(size.bone) ? [] : [size];
    }),
    stances: plan.stances.map((stance) => ({
      ...stance,
      anglesDeg: Object.fromEntries(
        Object.entries(stance.anglesDeg).filter(([id]) => !gone.has(id)),
      ),
      ...(stance.folded === undefined
        ? {}
        : { folded: stance.folded.filter((id) => pairs.some((pair) => pair.id === id)) }),
      lifted: stance.lifted.filter((id) => feet.some((foot) => foot.id === id)),
      ...(stance.mayHang === undefined
        ? {}
        : { mayHang: stance.mayHang.filter((id) => feet.some((foot) => foot.id === id)) }),
    })),
    muscles: plan.muscles.filter(
      ({ origin, insertion }) => left.has(origin.bone) && left.has(insertion.bone),
    ),
    bonyLandmarks: plan.bonyLandmarks.filter(({ bone }) => left.has(bone)),
    regions: plan.regions
      .map((region) => ({ ...region, bones: keysHere(region.bones) }))
      .filter((region) => region.bones.length > 0),
  };
}

/** Whether of a chain only bones are missing that would go on from the end of the last one: a horn's later stretches. */
function isCutShort(plan: BodyPlan, all: readonly string[], kept: readonly string[]): boolean {
  const next = plan.bones.find(({ id }) => id === all[kept.length]);
  return (
    kept.length > 0 &&
    kept.every((id, i) => id === all[i]) &&
    next?.at === 1 &&
    next.parent === kept.at(-1)
  );
}

/** Feet moved from the ball to the tip: the bone beyond carries the foot and ends the wire. */
function onTips(plan: BodyPlan): BodyPlan {
  const beyond = (id: string): string =>
    plan.bones.find((bone) => bone.parent === id && bone.at === 1)?.id ?? id;
  const contacts = plan.contacts.map((contact): ContactSpec => {
    const tip = beyond(contact.bone);
    return { ...contact, bone: tip, level: contact.level === null ? null : tip };
  });
  const longer = (limb: LimbSpec): LimbSpec => {
    const foot = contacts.find((contact) => contact.id === limb.contact);
    return foot === undefined || limb.bones.includes(foot.bone)
      ? limb
      : { ...limb, bones: [...limb.bones, foot.bone] };
  };
  const limbPairs = plan.limbPairs.map((pair): LimbPairSpec => ({
    ...pair,
    left: longer(pair.left),
    right: longer(pair.right),
  }));
  // What walks on its tips has legs too long to sit on its heels.
  const stances = plan.stances.filter(({ id }) => id !== 'sitting');
  return { ...plan, contacts, limbPairs, stances };
}
