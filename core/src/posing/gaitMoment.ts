import type { GaitSpec, KeyedGaitSpec, StepGaitSpec } from '../anatomy/bodyPlan.ts';
import { FREEDOMS } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { plantFeet } from './planting.ts';
import { isDown } from './footfalls.ts';
import { fallOf, movedAngles } from './gaitMoves.ts';
import { toesAngles } from './toesAngles.ts';
import { steppedAngles } from './steppedAngles.ts';

/** A gait of a plan, and where in its stride: 0 to 1. */
export interface GaitChoice {
  readonly id: string;
  readonly moment: number;
  /** Stride that is wanted, life mm; the gait's usual one where there is none. */
  readonly strideMm?: number | null;
}

/** A moment of a gait: all joint angles, degrees, and the feet that are in the air. */
export interface GaitMoment {
  readonly angles: JointAngles;
  readonly lifted: readonly string[];
}

/** The gait of a plan by id; undefined where the plan has no such gait. */
export const gaitOf = (skeleton: Skeleton, id: string): GaitSpec | undefined =>
  skeleton.plan.gaits.find((gait) => gait.id === id);

const known = new WeakMap<Skeleton, Map<string, GaitMoment>>();
/** Moments remembered per skeleton: a slider goes to and fro. */
const MOST_KNOWN = 200;

/** The stance at a moment of a gait. Remembered per skeleton. */
export function gaitMoment(
  skeleton: Skeleton,
  gait: GaitSpec,
  moment: number,
  strideMm: number | null = null,
): GaitMoment {
  const moments = known.get(skeleton) ?? new Map<string, GaitMoment>();
  known.set(skeleton, moments);
  const key = `${gait.id} ${moment} ${strideMm}`;
  const found = moments.get(key) ?? workedOut(skeleton, gait, moment, strideMm);
  if (moments.size >= MOST_KNOWN) moments.clear();
  moments.set(key, found);
  return found;
}

function workedOut(
  skeleton: Skeleton,
  gait: GaitSpec,
  moment: number,
  strideMm: number | null,
): GaitMoment {
  if (gait.kind === 'keyed') return between(skeleton, gait, moment);
  const angles = movedAngles(gait.moves, moment);
  if (gait.kind === 'wave') return { angles, lifted: [] };
  return {
    angles: steppedAngles(skeleton, gait, moment, strideMm),
    lifted: swinging(skeleton, gait, moment),
  };
}

/** Ids of the feet that are in the air at a moment. */
const swinging = (skeleton: Skeleton, gait: StepGaitSpec, moment: number): readonly string[] =>
  skeleton.plan.contacts
    .filter(
      (contact) => contact.kind === 'foot' && !isDown(fallOf(gait, contact), gait.duty, moment),
    )
    .map((contact) => contact.id);

/** Between the poses of a movement, slowly out of one and into the next; feet that are down are planted. */
function between(skeleton: Skeleton, { keys }: KeyedGaitSpec, moment: number): GaitMoment {
  const next = keys.findIndex((key) => key.at > moment);
  const [from, to] = next <= 0 ? [keys.at(-1)!, keys.at(-1)!] : [keys[next - 1]!, keys[next]!];
  const t = to.at > from.at ? (moment - from.at) / (to.at - from.at) : 0;
  const share = t * t * (3 - 2 * t);
  const angles: Record<string, JointAngles[string]> = {};
  for (const id of new Set([...Object.keys(from.anglesDeg), ...Object.keys(to.anglesDeg)]))
    angles[id] = Object.fromEntries(
      FREEDOMS.flatMap((name) => {
        const [a, b] = [from.anglesDeg[id]?.[name], to.anglesDeg[id]?.[name]];
        return a === undefined && b === undefined
          ? []
          : [[name, (a ?? 0) + ((b ?? 0) - (a ?? 0)) * share]];
      }),
    );
  const down = skeleton.plan.contacts.filter((contact) => !from.lifted.includes(contact.id));
  const planted = plantFeet(skeleton, angles, down);
  return {
    angles: down.reduce<JointAngles>((sum, foot) => toesAngles(skeleton, sum, foot), planted),
    lifted: from.lifted,
  };
}
