import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import { otherSide } from '../anatomy/plans/kit/bilateral.ts';
import { posedBone } from '../anatomy/pose.ts';
import type { Piece, WireChoice } from '../piece/pieceSchema.ts';
import type { Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/planStance.ts';
import { sizeText } from '../units/gauges.ts';
import { bendSchedule, type BendSchedule } from './bendSchedule.ts';
import { thinnestCover } from './cover.ts';
import { coverWorking } from './coverWorking.ts';
import { cutLines, decided, derived } from './cutLines.ts';
import { formingBend } from './formingBend.ts';
import { metalById } from './metals.ts';
import { planBends } from './planBends.ts';
import type { PlannedWire, WireFeature } from './plannedWire.ts';
import { limbRoute, type Route } from './routes.ts';
import { bendSnags, coverSnags, metalSnags } from './wireSnags.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** What every wire of a piece is planned from. */
export interface WireSetting {
  readonly stance: StancePlan;
  readonly wire: Piece['wire'];
  readonly base: Piece['stance']['base'];
  /** Diameter of the finished spine, round which the limb wires are wound, mm. */
  readonly ropeMm: number;
}

/** One wire per limb pair: from the left foot over the girdle, wound round the spine, to the right. */
export function planLimbWire(
  setting: WireSetting,
  pair: LimbPairSpec,
  choice: WireChoice,
  id: string,
): PlannedWire {
  const { stance, wire, base, ropeMm } = setting;
  const diameterMm = choiceDiameterMm(choice);
  const radiusMm = wire.bendRadiusInDiameters * diameterMm;
  const route = limbRoute(stance, pair, base.thicknessMm + wire.allowancesMm.nutAndWashers);
  const schedule = bendSchedule(
    route.points.map((point) => point.at),
    radiusMm,
  );
  const forming = formingBend(choice.metal, diameterMm, radiusMm, wire.testBends);
  const metal = metalById(choice.metal);
  const turnMm = Math.PI * (ropeMm + diameterMm);
  const features = wrapFeature(route, schedule, pair, wire.hipTurns, turnMm);
  const lines = limbLines(setting, id, route, schedule, turnMm);
  const cover = thinnestCover(stance, route, () => diameterMm);
  return {
    id,
    kind: 'limbs',
    name: pair.name,
    namedEnd: footName(stance, pair),
    metal: choice.metal,
    metalName: metal.name,
    diameterMm,
    sizeText: sizeText(choice.size),
    strands: 1,
    route,
    schedule,
    forming,
    features,
    lines,
    cut: cutLines(`wire.${id}`, id).sum(
      `${id} ${pair.name}, cut`,
      lines,
      pair.bonesLeft
        .flatMap((bone) => [bone, otherSide(bone)])
        .map((bone) => posedBone(stance.posed, bone).bone),
      stance.posed.sizeFactor,
    ),
    shortStrands: null,
    bends: planBends({ wireId: id, route, schedule, features, forming }),
    cover: coverWorking(id, cover, wire.coverMm),
    snags: [
      ...bendSnags(id, `${id} ${pair.name}`, schedule, route),
      ...coverSnags(id, cover, wire.coverMm),
      ...metalSnags(id, `${id} ${pair.name}`, metal, diameterMm, radiusMm, forming === undefined),
    ],
  };
}

const footName = (stance: StancePlan, pair: LimbPairSpec): string =>
  stance.feet.find((foot) => foot.contact.id === pair.contactLeft)?.contact.name ?? 'left tip';

/** The turns round the spine: right after the bend at the crossing, or after the bend before it. */
function wrapFeature(
  route: Route,
  schedule: BendSchedule,
  pair: LimbPairSpec,
  turns: number,
  turnMm: number,
): readonly WireFeature[] {
  if (turns === 0 || route.wrapAt === null) return [];
  const crossing = route.wrapAt;
  const afterBend = schedule.bends.filter((bend) => bend.vertex <= crossing).length;
  const last = schedule.bends[afterBend - 1];
  return [
    {
      name: `${turns} turns round the spine at the ${pair.over}`,
      afterBend,
      atMm: last === undefined ? 0 : last.markMm + last.arcMm,
      lengthMm: turns * turnMm,
    },
  ];
}

function limbLines(
  { stance, wire, base, ropeMm }: WireSetting,
  id: string,
  route: Route,
  schedule: BendSchedule,
  turnMm: number,
): readonly Working[] {
  const { line } = cutLines(`wire.${id}`, id);
  const { nutAndWashers, margin, marginPerBend } = wire.allowancesMm;
  const pegs = route.pegs.filter(Boolean).length;
  const depthMm = base.thicknessMm + nutAndWashers;
  const heights = route.points.map(({ at }) => at[1]);
  // From the ball of a pegged foot down to the ground under it.
  const pads = [
    route.pegs[0] ? heights[1]! - heights[0]! - depthMm : 0,
    route.pegs[1] ? heights.at(-2)! - heights.at(-1)! - depthMm : 0,
  ];
  const padMm = pads.reduce((a, b) => a + b, 0);
  const bonesMm = schedule.polylineMm - padMm - pegs * depthMm;
  const savedMm = schedule.polylineMm - schedule.developedMm;
  const bends = schedule.bends.length;
  const geometry = 'bones of the posed model, joint to joint';
  return [
    line(
      'bones',
      'Along the bones, ball to ball',
      bonesMm,
      'Σ legs between the joints',
      [derived('N', 'Joints passed', bends, 'count')],
      geometry,
    ),
    line(
      'pads',
      'Through the soles to the base',
      padMm,
      'Σ heights of the balls above the base',
      [derived('N', 'Feet with a peg', pegs, 'count')],
      `${stance.feet.length} feet as posed`,
    ),
    line('pegs', 'Pegs through the base', pegs * base.thicknessMm, 'pegs · t', [
      derived('pegs', 'Feet with a peg', pegs, 'count'),
      decided('t', 'Thickness of the base', base.thicknessMm, 'mm'),
    ]),
    line('nuts', 'Below the base, nut and washers', pegs * nutAndWashers, 'pegs · a', [
      derived('pegs', 'Feet with a peg', pegs, 'count'),
      decided('a', 'Nut and washers', nutAndWashers, 'mm'),
    ]),
    line(
      'rounding',
      'Saved by rounding the bends',
      -savedMm,
      '−Σ R(2·tan(θ/2) − θ)',
      [
        derived('N', 'Bends', bends, 'count'),
        decided('R', 'Bend radius', schedule.bends[0]?.radiusMm ?? 0, 'mm'),
      ],
      'vector geometry; neutral axis at the centreline',
    ),
    line('turns', 'Turns round the spine', wire.hipTurns * turnMm, 'turns · π · (D + d)', [
      decided('turns', 'Turns', wire.hipTurns, 'count'),
      derived('D', 'Finished spine', ropeMm, 'mm'),
      derived('d', 'This wire', turnMm / Math.PI - ropeMm, 'mm'),
    ]),
    line('margin', 'Margin', margin + bends * marginPerBend, 'm + N · m₁', [
      decided('m', 'Margin', margin, 'mm'),
      derived('N', 'Bends', bends, 'count'),
      decided('m₁', 'Margin per bend', marginPerBend, 'mm'),
    ]),
  ];
}
