import { posedBone } from '../anatomy/pose.ts';
import type { Working } from '../piece/working.ts';
import { sizeText } from '../units/gauges.ts';
import { bendSchedule, type BendSchedule } from './bendSchedule.ts';
import { thinnestCover } from './cover.ts';
import { coverWorking } from './coverWorking.ts';
import { cutLines, decided, derived } from './cutLines.ts';
import { formingBend } from './formingBend.ts';
import { metalById } from './metals.ts';
import { planBends } from './planBends.ts';
import type { WireSetting } from './planLimbWire.ts';
import type { PlannedWire } from './plannedWire.ts';
import { spineRoute, type Route } from './routes.ts';
import { helixRadiusMm, twistFactor } from './twist.ts';
import { bendSnags, coverSnags, metalSnags } from './wireSnags.ts';
import { choiceDiameterMm } from './wireStock.ts';

const NAME = 'Spine';

/**
 * The spine: one strand from the tail end to the head; the others twisted onto it from the root of
 * the tail on, so that the tail stays thin. Marks are along the finished spine.
 */
export function planSpineWire(setting: WireSetting, id: string): PlannedWire {
  const { stance, wire, ropeMm } = setting;
  const choice = wire.spine;
  const diameterMm = choiceDiameterMm(choice);
  const radiusMm = wire.bendRadiusInDiameters * ropeMm;
  const route = spineRoute(stance.posed);
  const schedule = bendSchedule(
    route.points.map((point) => point.at),
    radiusMm,
  );
  const forming = formingBend(choice.metal, diameterMm, radiusMm, wire.testBends);
  const metal = metalById(choice.metal);
  const single = route.singleUntil ?? 0;
  const cover = thinnestCover(stance, route, (leg) => (leg < single ? diameterMm : ropeMm));
  const { lines, shortLines } = spineLines(setting, id, route, schedule, diameterMm);
  const { posed } = stance;
  const column = posed.skeleton.plan.spine.map((bone) => posedBone(posed, bone).bone);
  const withoutTail = column.slice(single);
  const label = choice.strands === 1 ? NAME : `${NAME}, long strand`;
  return {
    id,
    kind: 'spine',
    name: NAME,
    namedEnd: 'tail end',
    metal: choice.metal,
    metalName: metal.name,
    diameterMm,
    sizeText: sizeText(choice.size),
    strands: choice.strands,
    route,
    schedule,
    forming,
    features: [],
    lines,
    cut: cutLines(`wire.${id}`, id).sum(`${id} ${label}, cut`, lines, column, posed.sizeFactor),
    shortStrands:
      choice.strands === 1
        ? null
        : {
            count: choice.strands - 1,
            lines: shortLines,
            cut: cutLines(`wire.${id}2`, id).sum(
              `${id}2 ${NAME}, short strand, cut`,
              shortLines,
              withoutTail,
              posed.sizeFactor,
            ),
          },
    bends: planBends({ wireId: id, route, schedule, features: [], forming }),
    cover: coverWorking(id, cover, wire.coverMm),
    snags: [
      ...bendSnags(id, `${id} ${NAME}`, schedule, route),
      ...coverSnags(id, cover, wire.coverMm),
      ...metalSnags(id, `${id} ${NAME}`, metal, diameterMm, radiusMm, forming === undefined),
    ],
  };
}

function spineLines(
  { wire, ropeMm }: WireSetting,
  id: string,
  route: Route,
  schedule: BendSchedule,
  diameterMm: number,
): { readonly lines: readonly Working[]; readonly shortLines: readonly Working[] } {
  const { fold, hook, tieEnd, margin, marginPerBend } = wire.allowancesMm;
  const tailMm = developedUntil(schedule, route.singleUntil ?? 0);
  const ropeLengthMm = schedule.developedMm - tailMm;
  const helix = helixRadiusMm(wire.spine.strands, diameterMm);
  const pitch = wire.twistPitchInDiameters * ropeMm;
  const factor = twistFactor(helix, pitch);
  const bends = schedule.bends.length;
  const twistInputs = [
    derived('L', 'Spine along its centre', ropeLengthMm, 'mm'),
    derived('r', 'Helix radius of the strands', helix, 'mm'),
    decided('p', 'Pitch, one full turn', pitch, 'mm'),
  ];
  const common = (prefix: string): readonly Working[] => {
    const { line } = cutLines(prefix, id);
    return [
      line(
        'spine',
        'Along the spine, tail root to head',
        ropeLengthMm,
        'Σ feeds and arcs',
        [derived('N', 'Bends', bends, 'count')],
        'bones of the posed model, bends rounded',
      ),
      line(
        'twist',
        'Taken up by the twist',
        ropeLengthMm * (factor - 1),
        'L · (√(1 + (2πr/p)²) − 1)',
        twistInputs,
        'geometry of the helix',
      ),
      line('tie', 'Tie end at the tail root', tieEnd, 'as set', [
        decided('a', 'Tie end', tieEnd, 'mm'),
      ]),
      line('fold', 'Loop in the head that carries its core', fold, 'as set', [
        decided('a', 'Fold or loop', fold, 'mm'),
      ]),
    ];
  };
  const { line } = cutLines(`wire.${id}`, id);
  const marginLine = (make: typeof line, count: number): Working =>
    make('margin', 'Margin', margin + count * marginPerBend, 'm + N · m₁', [
      decided('m', 'Margin', margin, 'mm'),
      derived('N', 'Bends', count, 'count'),
      decided('m₁', 'Margin per bend', marginPerBend, 'mm'),
    ]);
  const [spine, twist, tie, loop] = common(`wire.${id}`) as [Working, Working, Working, Working];
  const lines = [
    line(
      'tail',
      'Along the tail, one strand',
      tailMm,
      'Σ feeds and arcs',
      [],
      'bones of the posed model, bends rounded',
    ),
    spine,
    ...(wire.spine.strands > 1 ? [twist, tie] : []),
    loop,
    line('hook', 'Hook above the head, to hang the work by', hook, 'as set', [
      decided('a', 'Hook', hook, 'mm'),
    ]),
    marginLine(line, bends),
  ];
  const short = cutLines(`wire.${id}2`, id).line;
  return { lines, shortLines: [...common(`wire.${id}2`), marginLine(short, bends)] };
}

/** Developed length up to the middle of the bend at a route point. */
function developedUntil(schedule: BendSchedule, routePoint: number): number {
  const bend = schedule.bends.find((one) => one.vertex >= routePoint);
  return bend === undefined ? 0 : bend.markMm + bend.arcMm / 2;
}
