import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import { otherSide } from '../anatomy/plans/kit/bilateral.ts';
import { posedBone } from '../anatomy/pose.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import type { Working } from '../piece/working.ts';
import type { BendSchedule } from './bendSchedule.ts';
import { cutLines, decided, derived, marginLine } from './cutLines.ts';
import type { CarriedBone, WireFeature } from './plannedWire.ts';
import { pairRefs, routeThrough, type Route } from './routes.ts';
import type { WireDraft, WireSetting } from './wireDraft.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** The wire of a limb pair where the user did not choose one of its own. */
export const limbChoice = (
  { wire }: Pick<WireSetting, 'wire'>,
  pair: LimbPairSpec,
): WireChoice => ({
  ...(wire.limbs[pair.id] ?? wire.spine),
  strands: 1,
});

/** Left and right bones of a pair. */
export const pairBones = (
  setting: Pick<WireSetting, 'stance'>,
  pair: LimbPairSpec,
): readonly Bone[] =>
  pair.bonesLeft
    .flatMap((id) => [id, otherSide(id)])
    .map((id) => posedBone(setting.stance.posed, id).bone);

/** The foot or tip at which the wire of a pair is begun. */
export const pairEnd = ({ stance }: Pick<WireSetting, 'stance'>, pair: LimbPairSpec): string =>
  stance.feet.find((foot) => foot.contact.id === pair.contactLeft)?.contact.name ?? 'left tip';

const singly = (bones: readonly Bone[]): readonly CarriedBone[] =>
  bones.map(({ id }) => ({ boneId: id, strands: 1 }));

/**
 * One wire per limb pair: from the left foot over the girdle, wound round the spine, to the right.
 * It is pegged into the base unless rods stand in its place.
 */
export function limbDraft(
  setting: WireSetting,
  pair: LimbPairSpec,
  pegged: boolean,
  thickAt?: WireDraft['thickAt'],
): WireDraft {
  const choice = limbChoice(setting, pair);
  const bones = pairBones(setting, pair);
  const route = routeThrough(setting.stance, pairRefs(pair, pegged), setting)!;
  return {
    key: `limbs:${pair.id}`,
    kind: 'limbs',
    name: pair.name,
    namedEnd: pairEnd(setting, pair),
    choice,
    route,
    ...(thickAt ? { thickAt } : {}),
    through: singly(bones),
    along: bones,
    features: (schedule) => wrapFeature(setting, route, schedule, choice, pair.over),
    lines: (id, schedule) => limbLines(setting, id, route, schedule, choice),
  };
}

/** Length in mm of one turn of a wire round the finished spine: π·(D + d). */
const turnMm = (ropeMm: number, diameterMm: number): number => Math.PI * (ropeMm + diameterMm);

/** The turns round the spine: right after the bend at the crossing, or after the bend before it. */
export function wrapFeature(
  { wire, ropeMm }: WireSetting,
  route: Route,
  schedule: BendSchedule,
  choice: WireChoice,
  over: string,
): readonly WireFeature[] {
  const crossing = route.wrapAt;
  if (wire.hipTurns === 0 || crossing === null) return [];
  const afterBend = schedule.bends.filter((bend) => bend.vertex <= crossing).length;
  const last = schedule.bends[afterBend - 1];
  return [
    {
      name: `${wire.hipTurns} turns round the spine at the ${over}`,
      afterBend,
      atMm: last === undefined ? 0 : last.markMm + last.arcMm,
      lengthMm: wire.hipTurns * turnMm(ropeMm, choiceDiameterMm(choice)),
    },
  ];
}

/**
 * The lines of a wire between feet: bones, soles, pegs, what rounding saves, turns and margin. A route
 * that the user drew has the same ones; `overlaps` counts the ends that lie beside another wire.
 */
export function limbLines(
  { stance, wire, base, ropeMm }: WireSetting,
  id: string,
  route: Route,
  schedule: BendSchedule,
  choice: WireChoice,
  overlaps = 0,
): readonly Working[] {
  const { line } = cutLines(`wire.${id}`, id);
  const { nutAndWashers } = wire.allowancesMm;
  const d = choiceDiameterMm(choice);
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
  const turns = route.wrapAt === null ? 0 : wire.hipTurns;
  return [
    line(
      'bones',
      route.pegs[0] && route.pegs[1] ? 'Along the bones, ball to ball' : 'Along the bones',
      bonesMm,
      'Σ legs between the joints',
      [derived('N', 'Joints passed', bends, 'count')],
      'bones of the posed model, joint to joint',
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
    line('turns', 'Turns round the spine', turns * turnMm(ropeMm, d), 'turns · π · (D + d)', [
      decided('turns', 'Turns', turns, 'count'),
      derived('D', 'Finished spine', ropeMm, 'mm'),
      derived('d', 'This wire', d, 'mm'),
    ]),
    ...(overlaps === 0
      ? []
      : [
          line(
            'overlap',
            'Beside the next wire, to be bound',
            overlaps * wire.binder.overlapMm,
            'ends · o',
            [
              derived('ends', 'Ends beside another wire', overlaps, 'count'),
              decided('o', 'Overlap', wire.binder.overlapMm, 'mm'),
            ],
          ),
        ]),
    marginLine(line, wire, bends),
  ];
}
