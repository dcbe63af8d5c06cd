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

const ALONG = 'bones of the posed model, bends rounded';

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
    namedEnd: 'tail end',
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
        const name = `Spine, ${fromPoint > plan.tailBones.length ? 'neck' : 'short'} strand`;
        return {
          id: own,
          name: `${name} from ${from}`,
          count,
          lines: made,
          cut: cutLines(`wire.${own}`, id).sum(
            `${own} ${name}, cut`,
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
      ? [line('tail', 'Along the tail, one strand', aloneMm, ALONG_THE_WIRE, [], ALONG)]
      : []),
    line(
      'spine',
      isLong && ropeFrom > 0 ? 'Along the spine, tail root to head' : 'Along the spine to the head',
      ropeMm,
      ALONG_THE_WIRE,
      [derived('N', 'Bends', bends, 'count')],
      ALONG,
    ),
    ...(twist === undefined ? [] : [twist]),
    // The long strand needs none where the others are bound to it further on.
    ...(twist === undefined || (isLong && ropeFrom > 0)
      ? []
      : [
          line('tie', 'Tie end where it begins', tieEnd, ALLOWANCE, [
            decided('a', 'Tie end', tieEnd, 'mm'),
          ]),
        ]),
    line('fold', 'Loop in the head that carries its core', fold, ALLOWANCE, [
      decided('a', 'Fold or loop', fold, 'mm'),
    ]),
    ...(isLong
      ? [
          line('hook', 'Hook above the head, to hang the work by', hook, ALLOWANCE, [
            decided('a', 'Hook', hook, 'mm'),
          ]),
        ]
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
    'Taken up by the twist',
    extra,
    'Σ(Lᵢ · (√(1 + (2 · π · rᵢ / pᵢ)²) − 1))',
    [...lengths].flatMap(([n, long]) => [
      derived('Lᵢ', `Twisted with ${n} strands, along its centre`, long, 'mm'),
      derived('rᵢ', `Helix radius of ${n} strands`, helixRadiusMm(n, d), 'mm'),
      decided(
        'pᵢ',
        'Pitch, one full turn',
        wire.twistPitchInDiameters * ropeDiameterMm(n, d),
        'mm',
      ),
    ]),
    'geometry of the helix',
  );
}
