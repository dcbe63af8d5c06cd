import * as say from './words.ts';
import { greatest } from '../geometry/extremes.ts';
import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import { posedBone } from '../anatomy/pose.ts';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import type { Working } from '../piece/working.ts';
import { bendSchedule, type BendSchedule } from './bendSchedule.ts';
import { ALLOWANCE, ALONG_THE_WIRE, cutLines, decided, derived, marginLine } from './cutLines.ts';
import { developedUntil } from './developed.ts';
import { limbChoice, limbsKey, pairEnd, sideBySide } from './limbDraft.ts';
import type { CarriedBone } from './plannedWire.ts';
import { crossingRef, sameRef } from './routeRef.ts';
import { limbRefs, routeThrough, spineRefs, type Route } from './routes.ts';
import { twistLine } from './spineDraft.ts';
import { ropeDiameterMm } from './twist.ts';
import { bendRadii } from './wireDraft.ts';
import { type WireDraft, type WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** One pair of limbs whose wire is folded at an end of the spine. */
export interface FoldedPair {
  readonly pair: LimbPairSpec;
  /** The end of the spine at which it is folded. */
  readonly fold: 'head' | 'rump';
  /** Bone of the spine that the limbs hang on, by its place in the spine. */
  readonly attach: number;
}

/**
 * Which pair is folded where: the rear ones at the head, the front ones at the rump, so that the trunk
 * between has the strands of both and the tail stays thin. A single pair is folded at the head.
 */
export function foldedPairs(
  setting: Pick<WireSetting, 'stance'>,
  pairs: readonly LimbPairSpec[],
): readonly FoldedPair[] {
  const { plan, byId } = setting.stance.posed.skeleton;
  const attached = pairs
    .map((pair) => {
      let id: string | null = pair.left.bones[0] ?? null;
      while (id !== null && !plan.spine.includes(id)) id = byId.get(id)?.parent ?? null;
      return { pair, attach: id === null ? plan.tailBones.length : plan.spine.indexOf(id) };
    })
    .sort((a, b) => a.attach - b.attach);
  const rear = Math.ceil(attached.length / 2);
  return attached.map(({ pair, attach }, i) => ({
    pair,
    attach,
    fold: i < rear ? 'head' : 'rump',
  }));
}

/** Whether a folded wire runs along a leg of the spine's route (its i-th bone). */
const runsAlong = ({ fold, attach }: FoldedPair, leg: number, tail: number): boolean =>
  fold === 'head' ? leg >= attach : leg <= attach && leg >= tail;

/** Strands on each leg of the spine's route: two of each folded wire that passes there. */
export const foldedStrands = (
  legs: number,
  tail: number,
  folded: readonly FoldedPair[],
): readonly number[] =>
  Array.from(
    { length: legs },
    (_, leg) => 2 * folded.filter((foldedPair) => runsAlong(foldedPair, leg, tail)).length,
  );

/** Spine points nearer to the crossing than this many rope thicknesses are left out of a route. */
const CLEAR_ROPES = 3;

/** The points of the spine that a folded wire goes over, from its crossing to its fold, by number. */
function clearPoints(
  { fold, attach }: FoldedPair,
  points: readonly Vec3[],
  tail: number,
  crossing: Vec3,
  clearMm: number,
): readonly number[] {
  const all = points.map((_, i) => i);
  const run =
    fold === 'head'
      ? all.filter((i) => i > attach)
      : all.filter((i) => i <= attach && i >= tail).toReversed();
  return run.filter((i, k) => k === run.length - 1 || distance(points[i]!, crossing) > clearMm);
}

/**
 * A folded wire as two drafts: the left end with the trunk in it, up to the fold, and the right end
 * from its foot until it joins the trunk. Both are one length of wire, cut once: twice the way from
 * foot to fold, and the fold itself.
 */
// eslint-disable-next-line max-lines-per-function -- both ends of one wire share all that is worked out of it
export function foldedDrafts(
  setting: WireSetting,
  folded: FoldedPair,
  all: readonly FoldedPair[],
  pegged: boolean,
): readonly [WireDraft, WireDraft] {
  const { stance } = setting;
  const { plan } = stance.posed.skeleton;
  const { pair, fold } = folded;
  const tail = plan.tailBones.length;
  const choice = limbChoice(setting, pair);
  const d = choiceDiameterMm(choice);
  const over = crossingRef(pair.id);
  const onSpine = spineRefs(stance.posed);
  const strandsOnSpine = foldedStrands(plan.spine.length, tail, all);
  const ropeMm = ropeDiameterMm(Math.max(2, greatest(strandsOnSpine)), d);
  const overAt = posedBone(stance.posed, pair.left.bones[0]!).start;
  const points = routeThrough(stance, onSpine, setting)!.points.map(({ at }) => at);
  const clear = clearPoints(folded, points, tail, overAt, CLEAR_ROPES * ropeMm);
  const leftRefs = limbRefs(pair, 'left', pegged);
  const rightRefs = limbRefs(pair, 'right', pegged);
  const trunkRefs = clear.map((i) => onSpine[i]!);
  const main = routeThrough(stance, [...leftRefs, over, ...trunkRefs], setting)!;
  const other = routeThrough(stance, [...rightRefs, over, trunkRefs[0]!], setting)!;
  const legCount = main.points.findIndex(({ ref }) => sameRef(ref, over));
  // A leg of the route lies on the bones of the spine between its two points.
  const strandsAt = main.points.slice(1).map((_, leg) => {
    if (leg < legCount) return 1;
    const at = clear[leg - legCount]!;
    return strandsOnSpine[fold === 'head' ? at - 1 : Math.min(at, strandsOnSpine.length - 1)] ?? 2;
  });
  const spineBones = plan.spine.filter((_, i) => runsAlong(folded, i, tail));
  const bone = (id: string) => posedBone(stance.posed, id).bone;
  const rightMm = endMm(
    other,
    bendRadii(
      setting.wire,
      d,
      other.points.slice(1).map(() => 1),
    ),
  );
  const left: WireDraft = {
    key: limbsKey(pair.id),
    kind: 'limbs',
    name: say.foldedAt(pair.name, fold),
    namedEnd: pairEnd(setting, pair),
    choice,
    route: main,
    strandsAt,
    through: [...singly(pair.left.bones), ...spineBones.map((boneId) => ({ boneId, strands: 2 }))],
    along: [...sideBySide(pair), ...spineBones, ...spineBones].map(bone),
    lines: (id, schedule) =>
      foldedLines(setting, id, {
        route: main,
        schedule,
        strandsAt,
        choice,
        legCount,
        rightMm,
        fold,
      }),
  };
  return [left, rightEnd(setting, folded, other, left.key)];
}

const singly = (bones: readonly string[]): readonly CarriedBone[] =>
  bones.map((boneId) => ({ boneId, strands: 1 }));

/** The right end, which is cut with the left one. */
const rightEnd = (
  setting: WireSetting,
  { pair }: FoldedPair,
  route: Route,
  otherEndOf: string,
): WireDraft => ({
  key: `${limbsKey(pair.id)}:right`,
  kind: 'limb',
  name: say.rightEnd(pair.name),
  namedEnd: pairEnd(setting, pair, 'right'),
  choice: limbChoice(setting, pair),
  route,
  through: singly(pair.right.bones),
  otherEndOf,
  along: [],
  lines: () => [],
});

/** Length of the right end up to the crossing, mm. */
function endMm(route: Route, radii: readonly number[]): number {
  const schedule = bendSchedule(
    route.points.map(({ at }) => at),
    radii,
  );
  return developedUntil(schedule, route, route.points.length - 2);
}

interface Folding {
  readonly route: Route;
  readonly schedule: BendSchedule;
  readonly strandsAt: readonly number[];
  readonly choice: WireDraft['choice'];
  /** Index of the crossing. */
  readonly legCount: number;
  readonly rightMm: number;
  readonly fold: 'head' | 'rump';
}

function foldedLines(
  { wire }: WireSetting,
  id: string,
  { route, schedule, strandsAt, choice, legCount, rightMm, fold }: Folding,
): readonly Working[] {
  const { line } = cutLines(`wire.${id}`, id);
  const leftMm = developedUntil(schedule, route, legCount);
  const trunkMm = schedule.developedMm - leftMm;
  const twist = twistLine(wire, line, { route, schedule, strandsAt, from: legCount }, choice);
  const source = say.bonesOfPosedModel;
  return [
    line('left', say.leftEndFootTo, leftMm, ALONG_THE_WIRE, [], source),
    line('right', say.rightEndFootTo, rightMm, ALONG_THE_WIRE, [], source),
    line(
      'trunk',
      say.alongSpineToFold(fold),
      2 * trunkMm,
      '2 · L',
      [derived('L', say.fromCrossingToFold, trunkMm, 'mm')],
      source,
    ),
    ...(twist === undefined ? [] : [doubled(twist)]),
    line('fold', say.foldItself, wire.allowancesMm.fold, ALLOWANCE, [
      decided('a', say.foldOrLoop, wire.allowancesMm.fold, 'mm'),
    ]),
    marginLine(line, wire, schedule.bends.length),
  ];
}

/** The same line for the way there and back. */
const doubled = (line: Working): Working =>
  line.formula === undefined
    ? { ...line, value: 2 * line.value }
    : { ...line, value: 2 * line.value, formula: `2 · (${line.formula})` };
