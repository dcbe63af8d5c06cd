import { renamedFace, withFace } from './face.ts';
import { aboutAxis, turn } from '../geometry/quat.ts';
import { scale, sub, unit, Z_AXIS, type Vec3 } from '../geometry/vec3.ts';
import { toDeg, toRad } from '../units/angles.ts';
import type { Animal } from './animal.ts';
import type {
  BodyPlan,
  BonySpec,
  BoneSpec,
  ContactSpec,
  LimbPairSpec,
  LimbSpec,
  MuscleSpec,
  PartSpec,
  RegionSpec,
} from './bodyPlan.ts';
import type { Graft } from './creature.ts';
import { lendableParts } from './lendable.ts';
import { sidedId } from './plans/kit/bilateral.ts';
import { alongBone, posedBone, restPose } from './pose.ts';
import { buildSkeleton, turnedJoint, type Skeleton } from './skeleton.ts';
import { fleshBy, sizedBy, turnedFlesh } from './sizing.ts';

/** What a donor lends: bones with all that hangs on them, renamed so that the host can take them. */
export interface Lent {
  readonly part: PartSpec;
  readonly bones: readonly BoneSpec[];
  readonly contacts: readonly ContactSpec[];
  readonly limbPairs: readonly LimbPairSpec[];
  readonly muscles: readonly MuscleSpec[];
  readonly bonyLandmarks: readonly BonySpec[];
  readonly regions: readonly RegionSpec[];
  readonly animal: Pick<
    Animal,
    'lengths' | 'rest' | 'flesh' | 'linkGirths' | 'blades' | 'features' | 'face' | 'coat'
  >;
}

/**
 * Takes a part off a donor, sized, and sets it onto the host's bone. Names that the host has already
 * are put behind the graft's own. Undefined where the donor has no such part.
 */
// eslint-disable-next-line max-lines-per-function -- one record of a part, renamed field by field
export function renamedParts(
  donor: { readonly plan: BodyPlan; readonly animal: Animal },
  graft: Graft,
  { plan: host, animal: hostAnimal }: { readonly plan: BodyPlan; readonly animal: Animal },
): Lent | undefined {
  const part = lendableParts(donor.animal, donor.plan).find(({ id }) => id === graft.part);
  if (part === undefined) return undefined;
  const taken = new Set(host.bones.map((bone) => bone.key));
  const clash = part.keys.some((key) => taken.has(key));
  const name = (key: string): string => (clash ? `${graft.id}-${key}` : key);
  const has = (key: string): boolean => part.keys.includes(key);
  const ids = new Map(
    donor.plan.bones
      .filter((bone) => has(bone.key))
      .map((bone) => [bone.id, clash ? `${graft.id}-${bone.id}` : bone.id]),
  );
  const id = (old: string): string => ids.get(old) ?? old;
  const skeleton = buildSkeleton(donor.plan, donor.animal);
  const turnDeg = part.kind === 'wings' ? wingTurnDeg(skeleton, part, host, hostAnimal, graft) : 0;
  // Lent wings do not carry their host, even where the donor walks on them.
  const carries = part.kind !== 'wings';
  const contacts = donor.plan.contacts.filter((contact) => carries && ids.has(contact.bone));
  const contactId = (old: string): string => `${graft.id}-${old}`;
  const limb = ({ bones, contact }: LimbSpec): LimbSpec => ({
    bones: bones.map(id),
    contact: contact === null || !carries ? null : contactId(contact),
  });
  return {
    part: { id: graft.id, name: graft.name, kind: part.kind, keys: part.keys.map(name) },
    bones: donor.plan.bones
      .filter((bone) => ids.has(bone.id))
      .map((bone) => {
        const inside = bone.parent !== null && ids.has(bone.parent);
        return {
          ...bone,
          id: id(bone.id),
          key: name(bone.key),
          image: id(bone.image),
          name: clash ? `${bone.name} (${graft.name})` : bone.name,
          plainName: clash ? `${bone.plainName} (${graft.name})` : bone.plainName,
          parent: inside ? id(bone.parent!) : hostBone(host, graft.onBone, bone.side),
          at: inside ? (skeleton.byId.get(bone.id)?.at ?? bone.at) : graft.at,
          joint: turnedJoint(skeleton.byId.get(bone.id)?.joint ?? bone.joint, turnDeg),
        };
      }),
    contacts: contacts.map((contact) => ({
      ...contact,
      id: contactId(contact.id),
      key: contactId(contact.key),
      image: contactId(contact.image),
      name: `${contact.name} (${graft.name})`,
      bone: id(contact.bone),
      reach: contact.reach
        .filter((ref) => ids.has(ref.bone))
        .map((ref) => ({ ...ref, bone: id(ref.bone) })),
      level: contact.level === null ? null : id(contact.level),
    })),
    limbPairs: donor.plan.limbPairs
      .filter((pair) => pair.left.bones.every((bone) => ids.has(bone)))
      .map((pair) => ({
        ...pair,
        id: `${graft.id}-${pair.id}`,
        name: graft.name,
        left: limb(pair.left),
        right: limb(pair.right),
      })),
    muscles: donor.plan.muscles
      .filter(({ origin, insertion }) => has(origin.bone) && has(insertion.bone))
      .map((muscle) => ({
        ...muscle,
        id: `${graft.id}-${muscle.id}`,
        origin: { ...muscle.origin, bone: name(muscle.origin.bone) },
        insertion: { ...muscle.insertion, bone: name(muscle.insertion.bone) },
      })),
    bonyLandmarks: donor.plan.bonyLandmarks
      .filter(({ bone }) => has(bone))
      .map((spec) => ({ ...spec, id: `${graft.id}-${spec.id}`, bone: name(spec.bone) })),
    regions: donor.plan.regions
      .map((region) => ({ ...region, bones: region.bones.filter(has).map(name) }))
      .filter((region) => region.bones.length > 0),
    animal: lentAnimal(skeleton, graft, part, name, turnDeg),
  };
}

/** Lent midline parts sit on the midline; lent pairs on the host's bone of either side. */
const hostBone = (host: BodyPlan, key: string, side: BoneSpec['side']): string =>
  host.bones.find((bone) => bone.id === sidedId(key, side))?.id ?? key;

/** How steeply a bone of a plan lies in the side elevation, degrees. */
function steepnessDeg(plan: BodyPlan, animal: Animal, key: string): number {
  const own = plan.bones.find((bone) => bone.key === key)?.rest ?? [1, 0, 0];
  const [x, y] = unit(animal.rest?.[key] ?? own);
  return toDeg(Math.atan2(y, x));
}

/** Wings lie along the body: they are turned from their donor's back to the host's. */
function wingTurnDeg(
  { plan, animal }: Skeleton,
  part: PartSpec,
  host: BodyPlan,
  hostAnimal: Animal,
  graft: Graft,
): number {
  const root = plan.bones.find((bone) => bone.key === part.keys[0]);
  const seat = plan.bones.find((bone) => bone.id === root?.parent)?.key ?? '';
  return steepnessDeg(host, hostAnimal, graft.onBone) - steepnessDeg(plan, animal, seat);
}

function lentAnimal(
  skeleton: Skeleton,
  graft: Graft,
  part: PartSpec,
  name: (key: string) => string,
  turnDeg: number,
): Lent['animal'] {
  const { animal } = skeleton;
  const has = (key: string): boolean => part.keys.includes(key);
  const q = aboutAxis(Z_AXIS, toRad(turnDeg));
  const turned = (v: Vec3): Vec3 => (turnDeg === 0 ? v : turn(q, v));
  const picked = <T, U>(of: Readonly<Record<string, T>>, change: (entry: T) => U) =>
    Object.fromEntries(
      Object.entries(of)
        .filter(([key]) => has(key))
        .map(([key, entry]) => [name(key), change(entry)]),
    );
  const k = graft.size;
  return {
    lengths: picked(animal.lengths, (size) => sizedBy(size, k)),
    rest: Object.fromEntries(
      skeleton.bones
        .filter((bone) => bone.side !== 'right' && has(bone.key))
        .map((bone) => [name(bone.key), turned(bone.rest)]),
    ),
    flesh: picked(animal.flesh, (list) =>
      list.map((flesh) => {
        const lent = turnedFlesh(fleshBy(flesh, k), turned);
        // Lent sleeves are their own, beside those of the host.
        return 'sleeve' in lent ? { ...lent, sleeve: `${graft.id}-${lent.sleeve}` } : lent;
      }),
    ),
    linkGirths: picked(animal.linkGirths ?? {}, (girths) => girths),
    ...withFace(renamedFace(animal.face, (bone) => (has(bone) ? name(bone) : null))),
    blades: lentBlades(skeleton, graft, part, name, turned),
    features: (animal.features ?? [])
      .filter((feature) => has(feature.bone))
      .map((feature) => ({
        ...feature,
        id: `${graft.id}-${feature.id}`,
        bone: name(feature.bone),
        size: sizedBy(feature.size, k),
        ...(feature.drawn === undefined
          ? {}
          : { drawn: { ...feature.drawn, on: feature.drawn.on.filter(has).map(name) } }),
      })),
    coat: animal.coat
      .map((zone) => ({
        ...zone,
        id: `${graft.id}-${zone.id}`,
        name: `${zone.name} (${graft.name.toLowerCase()})`,
        bones: zone.bones.filter(has).map(name),
      }))
      .filter((zone) => zone.bones.length > 0),
  };
}

/**
 * Blades of a part: those mostly on it. A point on another part, such as a wing's on the rump, is
 * held where it was from the root of the part.
 */
function lentBlades(
  skeleton: Skeleton,
  graft: Graft,
  part: PartSpec,
  name: (key: string) => string,
  turned: (v: Vec3) => Vec3,
): NonNullable<Animal['blades']> {
  const root = part.keys[0] ?? '';
  const posed = restPose(skeleton);
  const place = (key: string, at: number, offset?: Vec3): Vec3 => {
    const bone = posed.byId.get(sidedId(key, 'left')) ?? posedBone(posed, key);
    return alongBone(bone, at, offset);
  };
  return (skeleton.animal.blades ?? [])
    .filter((blade) => blade.outline.filter((p) => part.keys.includes(p.bone)).length >= 2)
    .map((blade) => ({
      ...blade,
      id: `${graft.id}-${blade.id}`,
      ...(blade.zone === undefined ? {} : { zone: `${graft.id}-${blade.zone}` }),
      thickness: sizedBy(blade.thickness, graft.size),
      outline: blade.outline.map(({ bone, at, offset, ...point }) => {
        const inside = part.keys.includes(bone);
        const free = inside ? offset : sub(place(bone, at, offset), place(root, 0));
        return {
          ...point,
          bone: name(inside ? bone : root),
          at: inside ? at : 0,
          ...(free === undefined ? {} : { offset: turned(scale(free, graft.size)) }),
        };
      }),
    }));
}
