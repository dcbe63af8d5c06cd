import { least } from '../geometry/extremes.ts';
import type { ContactSpec, StanceSpec } from '../anatomy/bodyPlan.ts';
import {
  poseSkeleton,
  posedBone,
  type Gaze,
  type JointAngles,
  type PosedSkeleton,
} from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { gaitMoment, gaitOf, type GaitChoice } from './gaitMoment.ts';
import { FLAT, groundHeight, type Ground } from './ground.ts';
import { fannedTail } from './fannedTail.ts';
import { plantFeet } from './planting.ts';
import { toesAngles } from './toesAngles.ts';
import { shownParts } from '../body/shownParts.ts';
import { padRadiusMm, partBox, skinBox } from '../body/skin.ts';

/**
 * What decides a stance: a stance of the plan, or a moment of one of its gaits, and the angles
 * (degrees) the user put in place.
 */
export interface StanceChoice {
  readonly presetId: string;
  /** A moment of a gait in place of the stance; a gait that the plan does not have is passed over. */
  readonly gait?: GaitChoice | null;
  readonly anglesDeg: JointAngles;
  /** Feet meant to be off the ground; null keeps those of the preset. */
  readonly lifted: readonly string[] | null;
  /** What it stands on, mm of the posed size; flat where nothing is said. */
  readonly ground?: Ground;
  /** Where its eyes look. */
  readonly gaze?: Gaze | null;
  /** How far its lids are open, as a share of how the animal is told. */
  readonly lids?: number;
  /** How many times as wide its tail feathers are spread as closed. */
  readonly fan?: number;
}

/** A stance of the plan by id, or its first. */
export function presetOf(skeleton: Skeleton, presetId: string): StanceSpec {
  const { stances } = skeleton.plan;
  const found = stances.find((stance) => stance.id === presetId) ?? stances[0];
  if (found === undefined) throw new Error(`plan ${skeleton.plan.id} offers no stance`);
  return found;
}

const presetCache = new WeakMap<Skeleton, Map<string, JointAngles>>();

/** Feet planted on flat ground, and their toes laid along it. */
export const plantedFlat = (
  skeleton: Skeleton,
  angles: JointAngles,
  down: readonly ContactSpec[],
): JointAngles =>
  down.reduce<JointAngles>(
    (sum, foot) => toesAngles(skeleton, sum, foot),
    plantFeet(skeleton, angles, down),
  );

/** A preset's angles with its standing feet planted on this skeleton. Remembered per skeleton. */
export function presetAngles(skeleton: Skeleton, presetId: string): JointAngles {
  const known = presetCache.get(skeleton) ?? new Map<string, JointAngles>();
  presetCache.set(skeleton, known);
  const preset = presetOf(skeleton, presetId);
  const found = known.get(preset.id);
  if (found !== undefined) return found;
  const down = skeleton.plan.contacts.filter((contact) => !preset.lifted.includes(contact.id));
  const planted = plantedFlat(skeleton, preset.anglesDeg, down);
  known.set(preset.id, planted);
  return planted;
}

/** The moment of a gait that a choice takes; undefined where it takes a stance. */
function momentOf(skeleton: Skeleton, { gait }: StanceChoice) {
  const spec = gait ? gaitOf(skeleton, gait.id) : undefined;
  return spec === undefined
    ? undefined
    : gaitMoment(skeleton, spec, gait!.moment, gait!.strideMm ?? null);
}

/** The angles that a choice starts from: those of its gait's moment, or of its planted stance. */
export const startingAngles = (skeleton: Skeleton, choice: StanceChoice): JointAngles =>
  momentOf(skeleton, choice)?.angles ?? presetAngles(skeleton, choice.presetId);

/** Limb pairs, by id, that lie folded on the body and carry no wire. */
export const foldedIn = (skeleton: Skeleton, { presetId, gait }: StanceChoice): readonly string[] =>
  ((gait ? gaitOf(skeleton, gait.id) : undefined) ?? presetOf(skeleton, presetId)).folded ?? [];

/** Whether the body lies on its skin: as the stance has it, unless a foot was put down. */
export const isLying = (skeleton: Skeleton, choice: StanceChoice): boolean =>
  momentOf(skeleton, choice) === undefined &&
  presetOf(skeleton, choice.presetId).lies === true &&
  isAloft(skeleton, liftedIn(skeleton, choice));

/** All joint angles of a choice: where it starts from, with the user's angles over it. */
export function stanceAngles(skeleton: Skeleton, choice: StanceChoice): JointAngles {
  const merged: Record<string, JointAngles[string]> = { ...startingAngles(skeleton, choice) };
  for (const [id, own] of Object.entries(choice.anglesDeg)) merged[id] = { ...merged[id], ...own };
  return merged;
}

/**
 * Poses a choice and lets the whole body down until the lowest foot that is down lies on the ground; a
 * body without feet comes down on its lowest skin, and one that is carried by a rod, or has no foot
 * down, is held `rodMm` above the ground.
 * `sizeFactor` 1 is life size. `rodMm` and the result are mm of that size.
 */
export function settledStance(
  skeleton: Skeleton,
  choice: StanceChoice,
  sizeFactor = 1,
  rodMm = 0,
): PosedSkeleton {
  const angles = stanceAngles(skeleton, choice);
  const { gaze, lids = 1, fan = 1 } = choice;
  const fanned = fannedTail(skeleton, fan);
  const hung = poseSkeleton(fanned, angles, sizeFactor);
  const posed = poseSkeleton(fanned, angles, sizeFactor, -lowestMm(hung, choice, rodMm));
  return { ...posed, lids, ...(gaze ? { gaze } : {}) };
}

/** Gaps beyond this share of the body's length are a foot in the air. */
const HANGING_SHARE = 1e-4;

/** Feet off the ground in a stance of the plan: as it says, and those that this body holds up. */
function presetLifted(skeleton: Skeleton, preset: StanceSpec): readonly string[] {
  if (preset.mayHang === undefined) return preset.lifted;
  const posed = poseSkeleton(skeleton, presetAngles(skeleton, preset.id));
  const soles = skeleton.plan.contacts
    .filter(({ kind, id }) => kind === 'foot' && !preset.lifted.includes(id))
    .map(({ id, bone }) => ({ id, y: posedBone(posed, bone).end[1] - padRadiusMm(posed, bone) }));
  const lowest = least(soles.map(({ y }) => y));
  const size = skeleton.bones.reduce((sum, bone) => sum + bone.lifeLengthMm, 0);
  const hanging = soles.filter(({ y }) => y - lowest > HANGING_SHARE * size).map(({ id }) => id);
  return [...preset.lifted, ...hanging.filter((id) => preset.mayHang?.includes(id))];
}

/** Feet off the ground in a choice: the user's, or those of its gait's moment or stance. */
export const liftedIn = (skeleton: Skeleton, choice: StanceChoice): readonly string[] =>
  choice.lifted ??
  momentOf(skeleton, choice)?.lifted ??
  presetLifted(skeleton, presetOf(skeleton, choice.presetId));

/** Whether nothing of a body meets the ground: it flies, leaps or swims, and needs a rod. */
export const isAloft = (skeleton: Skeleton, lifted: readonly string[]): boolean =>
  skeleton.plan.contacts.every((contact) => lifted.includes(contact.id));

/** What comes to lie on the ground: the lowest sole of a foot that is down, or the lowest skin less the length of a rod. */
function lowestMm(hung: PosedSkeleton, choice: StanceChoice, rodMm: number): number {
  const { skeleton } = hung;
  const { contacts } = skeleton.plan;
  const { ground = FLAT } = choice;
  const lifted = liftedIn(skeleton, choice);
  const soles = contacts
    .filter(({ kind, id }) => kind === 'foot' && !lifted.includes(id))
    .map(({ bone }) => {
      const [x, y] = posedBone(hung, bone).end;
      return y - padRadiusMm(hung, bone) - groundHeight(ground, x);
    });
  if (soles.length > 0) return least(soles);
  const parts = shownParts(hung);
  const rests = contacts.some((contact) => contact.kind === 'rest') || isLying(skeleton, choice);
  if (!rests || ground.kind === 'flat') return skinBox(parts).min[1] - (rests ? 0 : rodMm);
  return least(
    parts.map((part) => {
      const { min, max } = partBox(part);
      return min[1] - groundHeight(ground, (min[0] + max[0]) / 2);
    }),
  );
}
