import { FREEDOMS, type FreedomName, type Side } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { liftedIn, stanceAngles, type StanceChoice } from '../posing/settledStance.ts';
import { changedAngles } from './changedAngles.ts';

/** What an edit of whole limbs writes into the document. */
export interface StanceEdit {
  readonly anglesDeg: JointAngles;
  readonly lifted: readonly string[] | null;
}

/** Turns that change sign in a mirror, for bones of the midline. */
const SIDEWAYS: readonly FreedomName[] = ['abduction', 'rotation'];

const everyAngle = (bone: Bone, angles: JointAngles): Partial<Record<FreedomName, number>> =>
  Object.fromEntries(
    FREEDOMS.filter((name) => bone.joint.freedoms[name] !== undefined).map((name) => [
      name,
      angles[bone.id]?.[name] ?? 0,
    ]),
  );

function edited(
  skeleton: Skeleton,
  choice: StanceChoice,
  angleOf: (bone: Bone, angles: JointAngles) => Partial<Record<FreedomName, number>> | undefined,
): JointAngles {
  const before = stanceAngles(skeleton, choice);
  const after = Object.fromEntries(
    skeleton.bones.map((bone) => [bone.id, angleOf(bone, before) ?? everyAngle(bone, before)]),
  );
  return changedAngles(choice.anglesDeg, before, after);
}

/**
 * The other side made the mirror image of one side: all limbs, or those of one part of the plan. A
 * joint's axes are mirrored with its side, so the same degrees make the image.
 */
export function mirroredSide(
  skeleton: Skeleton,
  choice: StanceChoice,
  from: 'left' | 'right',
  partId?: string,
): StanceEdit {
  const keys = skeleton.plan.parts.find(({ id }) => id === partId)?.keys;
  const meant = (key: string): boolean => keys === undefined || keys.includes(key);
  const anglesDeg = edited(skeleton, choice, (bone, angles) => {
    if (bone.side === 'mid' || bone.side === from || !meant(bone.key)) return undefined;
    const image = skeleton.byId.get(bone.image);
    return image === undefined ? undefined : everyAngle(image, angles);
  });
  const lifted = liftedIn(skeleton, choice);
  const { contacts } = skeleton.plan;
  const kept = lifted.filter((id) => {
    const contact = contacts.find((foot) => foot.id === id);
    return contact?.side === from || !meant(skeleton.byId.get(contact?.bone ?? '')?.key ?? '');
  });
  const images = contacts
    .filter(({ side, bone }) => side === from && meant(skeleton.byId.get(bone)?.key ?? ''))
    .filter(({ id }) => lifted.includes(id))
    .map(({ image }) => image);
  return { anglesDeg, lifted: [...new Set([...kept, ...images])] };
}

/** The whole stance in a mirror: left and right exchanged, and the column bent the other way. */
export function swappedSides(skeleton: Skeleton, choice: StanceChoice): StanceEdit {
  const anglesDeg = edited(skeleton, choice, (bone, angles) => {
    if (bone.side !== 'mid') {
      const image = skeleton.byId.get(bone.image);
      return image === undefined ? undefined : everyAngle(image, angles);
    }
    return Object.fromEntries(
      Object.entries(everyAngle(bone, angles)).map(([name, deg]) => [
        name,
        SIDEWAYS.includes(name as FreedomName) ? -deg : deg,
      ]),
    );
  });
  const lifted = liftedIn(skeleton, choice).map(
    (id) => skeleton.plan.contacts.find((contact) => contact.id === id)?.image ?? id,
  );
  return { anglesDeg, lifted };
}

/** Every joint of a part of the plan, of one side or the midline, brought back to its rest. */
export function straightened(
  skeleton: Skeleton,
  choice: StanceChoice,
  partId: string,
  side: Side,
): StanceEdit {
  const keys = skeleton.plan.parts.find(({ id }) => id === partId)?.keys ?? [];
  const anglesDeg = edited(skeleton, choice, (bone) =>
    bone.side === side && keys.includes(bone.key)
      ? Object.fromEntries(Object.keys(bone.joint.freedoms).map((name) => [name, 0]))
      : undefined,
  );
  return { anglesDeg, lifted: choice.lifted };
}
