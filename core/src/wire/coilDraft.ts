import * as say from './words.ts';
import { greatest, least } from '../geometry/extremes.ts';
import { posedBone } from '../anatomy/pose.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { distance, lerp, type Vec3 } from '../geometry/vec3.ts';
import type { Working } from '../piece/working.ts';
import type { BendSchedule } from './bendSchedule.ts';
import { ALLOWANCE, ALONG_THE_WIRE, cutLines, decided, derived, marginLine } from './cutLines.ts';
import type { WireFeature } from './plannedWire.ts';
import { routeThrough, spineRefs } from './routes.ts';
import { neckFrom } from './spineStrands.ts';
import type { WireDraft, WireSetting } from './wireSetting.ts';
import { choiceDiameterMm } from './wireStock.ts';

/** Places along the barrel at which its thickness is looked at, and depths below the spine. */
const STATIONS = 7;
const DEPTHS = 24;
/** A coil no wider inside than this many wires is not worth winding: common practice. */
const LEAST_FORMER = 3;

/** A trunk that bends more than this makes no barrel: end to end over its length along the bones. */
const LEAST_STRAIGHT = 0.85;

/** The coil that fills the barrel, wound on a round former. mm. */
export interface Coil {
  /** Diameter of the former: the inside of the coil. */
  readonly formerMm: number;
  readonly turns: number;
  readonly pitchMm: number;
  /** Along the axis of the barrel. */
  readonly longMm: number;
  /** How much longer the wire of the coil is than the barrel. */
  readonly extraMm: number;
  /** Spine to axis of the coil, straight down. */
  readonly dropMm: number;
}

/** The straight stretch of the spine that the coil takes: points of the spine's route. */
export function barrel({
  stance,
}: Pick<WireSetting, 'stance'>): readonly [from: number, to: number] {
  const { plan } = stance.posed.skeleton;
  const to = Math.min(neckFrom(plan), plan.spine.length);
  return [Math.min(plan.tailBones.length, to - 1), to];
}

/** Whether the trunk is straight enough in this stance to be a coil; a serpent in its loops is not. */
export function hasBarrel(setting: WireSetting): boolean {
  const [from, to] = barrel(setting);
  const { points } = routeThrough(setting.stance, spineRefs(setting.stance.posed), setting)!;
  const along = points
    .slice(from, to)
    .reduce((sum, { at }, i) => sum + distance(at, points[from + i + 1]!.at), 0);
  return distance(points[from]!.at, points[to]!.at) >= LEAST_STRAIGHT * along;
}

/**
 * The widest coil that the trunk hides: at stations of the barrel, the largest circle under the skin
 * about an axis below the spine, less the clay wanted over it. Length of n turns: n·√((πD)² + p²)
 * (helix), where D is the diameter along the centre of the wire.
 */
export function trunkCoil(setting: WireSetting): Coil {
  const { stance, wire } = setting;
  const d = choiceDiameterMm(wire.spine);
  const points = routeThrough(stance, spineRefs(stance.posed), setting)!.points;
  const [from, to] = barrel(setting);
  const [a, b] = [points[from]!.at, points[to]!.at];
  const longMm = distance(a, b);
  const stations = Array.from({ length: STATIONS }, (_, i) => lerp(a, b, (i + 0.5) / STATIONS));
  const depthAt = (down: number): number =>
    least(stations.map((p) => -skinDistance(stance.skin, [p[0], p[1] - down, p[2]] as Vec3)));
  const deepest = Math.max(0, greatest(stations.map((p) => -skinDistance(stance.skin, p))));
  let [dropMm, roomMm] = [0, depthAt(0)];
  for (let i = 1; i <= DEPTHS; i++) {
    const down = (i / DEPTHS) * 3 * Math.max(deepest, d);
    const room = depthAt(down);
    if (room > roomMm) [dropMm, roomMm] = [down, room];
  }
  const formerMm = Math.max(LEAST_FORMER * d, 2 * (roomMm - wire.coverMm - d));
  const pitchMm = wire.coilPitchInDiameters * d;
  const turns = longMm / pitchMm;
  const extraMm = turns * Math.hypot(Math.PI * (formerMm + d), pitchMm) - longMm;
  return { formerMm, turns, pitchMm, longMm, extraMm, dropMm };
}

/** A coil where it lies: its axis in the animal's axes, mm. */
export interface PlacedCoil extends Coil {
  readonly from: Vec3;
  readonly to: Vec3;
}

/** The coil of the trunk with the ends of its axis. */
export function placedCoil(setting: WireSetting): PlacedCoil {
  const coil = trunkCoil(setting);
  const { points } = routeThrough(setting.stance, spineRefs(setting.stance.posed), setting)!;
  const [a, b] = barrel(setting).map((i) => points[i]!.at) as [Vec3, Vec3];
  const dropped = ([x, y, z]: Vec3): Vec3 => [x, y - coil.dropMm, z];
  return { ...coil, from: dropped(a), to: dropped(b) };
}

/** The spine of a coiled trunk: one wire, tail to head, whose barrel is a coil of itself. */
export function coilDraft(setting: WireSetting): WireDraft {
  const { stance, wire } = setting;
  const { plan } = stance.posed.skeleton;
  const [from, to] = barrel(setting);
  const refs = spineRefs(stance.posed).filter((_, i) => i <= from || i >= to);
  const route = routeThrough(stance, refs, setting)!;
  const coil = trunkCoil(setting);
  const column = plan.spine.map((id) => posedBone(stance.posed, id).bone);
  return {
    key: 'spine',
    kind: 'spine',
    name: say.spineWithItsCoil,
    namedEnd: say.tailEnd,
    choice: { ...wire.spine, strands: 1 },
    route,
    through: plan.spine.map((boneId) => ({ boneId, strands: 1 })),
    along: column,
    features: (schedule) => [coilFeature(schedule, from, coil)],
    lines: (id, schedule) => coilLines(setting, id, schedule, coil),
  };
}

function coilFeature(schedule: BendSchedule, from: number, coil: Coil): WireFeature {
  const afterBend = schedule.bends.filter((bend) => bend.vertex <= from).length;
  const last = schedule.bends[afterBend - 1];
  return {
    kind: 'coil',
    name: say.coilOfTurnsOn(
      coil.turns.toFixed(1),
      coil.formerMm.toFixed(0),
      coil.longMm.toFixed(0),
    ),
    afterBend,
    atMm: last === undefined ? 0 : last.markMm + last.arcMm,
    lengthMm: coil.extraMm,
  };
}

function coilLines(
  { wire }: WireSetting,
  id: string,
  schedule: BendSchedule,
  coil: Coil,
): readonly Working[] {
  const { line } = cutLines(`wire.${id}`, id);
  const { fold, hook } = wire.allowancesMm;
  return [
    line(
      'spine',
      say.alongSpineTailEnd,
      schedule.developedMm,
      ALONG_THE_WIRE,
      [derived('N', say.bends, schedule.bends.length, 'count')],
      say.bonesOfPosedModel,
    ),
    line(
      'coil',
      say.takenUpByCoil,
      coil.extraMm,
      'n · √((π · (D + d))² + p²) − L',
      [
        derived('D', say.formerInsideOfCoil, coil.formerMm, 'mm'),
        decided('d', say.wire, choiceDiameterMm(wire.spine), 'mm'),
        decided('p', say.fromTurnToTurn, coil.pitchMm, 'mm'),
        derived('L', say.barrelAlongItsAxis, coil.longMm, 'mm'),
        derived('n', say.turns, coil.turns, 'count'),
      ],
      say.geometryOfHelixAs,
    ),
    line('fold', say.loopInHeadThat, fold, ALLOWANCE, [decided('a', say.foldOrLoop, fold, 'mm')]),
    line('hook', say.hookAboveHeadTo, hook, ALLOWANCE, [decided('a', say.hook, hook, 'mm')]),
    marginLine(line, wire, schedule.bends.length),
  ];
}
