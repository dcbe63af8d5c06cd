import * as say from './words.ts';
import { posedBone } from '../anatomy/pose.ts';
import type { Working } from '../piece/working.ts';
import type { BendSchedule } from './bendSchedule.ts';
import {
  ALLOWANCE,
  ALONG_THE_WIRE,
  cutLines,
  decided,
  derived,
  marginLine,
  type CutLines,
} from './cutLines.ts';
import { developedUntil } from './developed.ts';
import { boundEnd } from './limbDraft.ts';
import type { MoreStrands } from './plannedWire.ts';
import { routeThrough, spineRefs, type Route } from './routes.ts';
import { spineStrands } from './spineStrands.ts';
import { helixRadiusMm, ropeDiameterMm, twistFactor } from './twist.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';

const ALONG = say.bonesOfPosedModel;

/**
 * The spine: one strand from the tail end to the head; the others twisted onto it on the way, so that
 * the tail stays thin. Marks are along the finished spine.
 */
export function spineDraft(setting: WireSetting): WireDraft {
  const { stance, wire } = setting;
  const { plan } = stance.posed.skeleton;
  const route = routeThrough(stance, spineRefs(stance.posed), setting)!;
  const { groups, strandsAt } = spineStrands(plan, wire);
  const column = plan.spine.map((id) => posedBone(stance.posed, id).bone);
  const lines = (id: string, prefix: string, schedule: BendSchedule, from: number) =>
    strandLines(setting, cutLines(prefix, id), { route, schedule, strandsAt, from });
  return {
    key: 'spine',
    kind: 'spine',
    name: 'Spine',
    namedEnd: say.tailEnd,
    choice: wire.spine,
    route,
    strandsAt,
    through: plan.spine.map((boneId, leg) => ({ boneId, strands: strandsAt[leg]! })),
    along: column,
    features: () => (strandsAt[0]! > 1 ? boundEnd(wire.allowancesMm.tieEnd) : []),
    lines: (id, schedule) => lines(id, `wire.${id}`, schedule, 0),
    more: (id, schedule) =>
      groups.map(({ count, fromPoint, from }, i): MoreStrands => {
        const own = `${id}${i + 2}`;
        const made = lines(id, `wire.${own}`, schedule, fromPoint);
        const which = fromPoint > plan.tailBones.length ? say.neckStrand : say.shortStrand;
        const name = say.spineStrand(which);
        return {
          id: own,
          name: say.fromWord(name, from),
          shortName: say.fromWord(which, from),
          count,
          lines: made,
          cut: cutLines(`wire.${own}`, id).sum(
            say.cut3(own, name),
            made,
            column.slice(fromPoint),
            stance.posed.sizeFactor,
          ),
        };
      }),
  };
}

interface Strand {
  readonly route: Route;
  readonly schedule: BendSchedule;
  readonly strandsAt: readonly number[];
  /** Point of the route at which it begins. */
  readonly from: number;
}

function strandLines(
  { wire }: WireSetting,
  { line }: CutLines,
  { route, schedule, strandsAt, from }: Strand,
): readonly Working[] {
  const { fold, hook, tieEnd } = wire.allowancesMm;
  const bends = schedule.bends.filter(({ vertex }) => vertex >= from).length;
  const until = (point: number): number => developedUntil(schedule, route, point);
  const twisted = strandsAt.findIndex((n, leg) => leg >= from && n > 1);
  const ropeFrom = twisted === -1 ? Math.max(from, strandsAt.length) : twisted;
  const isLong = from === 0;
  const aloneMm = until(ropeFrom) - until(from);
  const ropeMm = schedule.developedMm - until(ropeFrom);
  const twist = twistLine(wire, line, { route, schedule, strandsAt, from: ropeFrom });
  return [
    ...(isLong || aloneMm > 0
      ? [line('tail', say.alongTailOneStrand, aloneMm, ALONG_THE_WIRE, [], ALONG)]
      : []),
    line(
      'spine',
      isLong && ropeFrom > 0 ? say.alongSpineTailRoot : say.alongSpineToHead,
      ropeMm,
      ALONG_THE_WIRE,
      [derived('N', say.bends, bends, 'count')],
      ALONG,
    ),
    ...(twist === undefined ? [] : [twist]),
    // The long strand needs none where the others are bound to it further on.
    ...(twist === undefined || (isLong && ropeFrom > 0)
      ? []
      : [
          line('tie', say.tieEndWhereIt, tieEnd, ALLOWANCE, [
            decided('a', say.tieEnd, tieEnd, 'mm'),
          ]),
        ]),
    line('fold', say.loopInHeadThat, fold, ALLOWANCE, [decided('a', say.foldOrLoop, fold, 'mm')]),
    ...(isLong
      ? [line('hook', say.hookAboveHeadTo, hook, ALLOWANCE, [decided('a', say.hook, hook, 'mm')])]
      : []),
    marginLine(line, wire, bends),
  ];
}

/** What the twist takes up: each stretch by its own number of strands. Undefined where none is. */
export function twistLine(
  wire: WireSetting['wire'],
  line: CutLines['line'],
  { route, schedule, strandsAt, from }: Strand,
  choice = wire.spine,
): Working | undefined {
  const d = choiceDiameterMm(choice);
  const until = (point: number): number => developedUntil(schedule, route, point);
  /** Twisted lengths by their number of strands. */
  const lengths = new Map<number, number>();
  let extra = 0;
  for (let leg = from; leg < strandsAt.length; leg++) {
    const n = strandsAt[leg]!;
    if (n === 1) continue;
    const long = until(leg + 1) - until(leg);
    const pitch = wire.twistPitchInDiameters * ropeDiameterMm(n, d);
    lengths.set(n, (lengths.get(n) ?? 0) + long);
    extra += long * (twistFactor(helixRadiusMm(n, d), pitch) - 1);
  }
  if (lengths.size === 0) return undefined;
  return line(
    'twist',
    say.takenUpByTwist,
    extra,
    'Σ(Lᵢ · (√(1 + (2 · π · rᵢ / pᵢ)²) − 1))',
    [...lengths].flatMap(([n, long]) => [
      derived('Lᵢ', say.twistedWithStrandsAlong(n), long, 'mm'),
      derived('rᵢ', say.helixRadiusOfStrands(n), helixRadiusMm(n, d), 'mm'),
      decided('pᵢ', say.pitchOneFullTurn, wire.twistPitchInDiameters * ropeDiameterMm(n, d), 'mm'),
    ]),
    say.geometryOfHelix,
  );
}
