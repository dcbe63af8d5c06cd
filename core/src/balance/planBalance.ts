import type { Workpiece } from '../workshop/workpiece.ts';
import { type BalancePlan } from './balancePlan.ts';
import { least } from '../geometry/extremes.ts';
import { firstMasses } from '../body/firstMasses.ts';
import { centreOfMass } from '../body/massCentre.ts';
import type { PlacedMass } from '../body/supports.ts';
import { alongBone, posedBone } from '../anatomy/pose.ts';
import { edgesOf, type Point2 } from '../geometry/hull.ts';
import { add, scale, type Vec3 } from '../geometry/vec3.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import type { Counterweight } from '../piece/pieceSchema.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { wireMasses } from '../wire/wireMasses.ts';
import { perchFootprint, type Perch } from '../stance/perch.ts';
import type { Footfall, StancePlan } from '../stance/stancePlan.ts';
import { balanceSnags, fixingSnags } from './balanceSnags.ts';
import { balanceWorkings } from './balanceWorkings.ts';
import { roomsUnder, weightPlaces, WEIGHT_COVER_MM } from './counterweight.ts';
import { footing } from './footing.ts';
import { hangingPoint } from './hangingPoint.ts';
import { bearingOf } from './bearing.ts';
import { restingBones, restingOutline } from '../stance/restingBones.ts';
import { BOARD_THICKNESSES_MM, smallestBase, type SmallBase } from '../posing/smallestBase.ts';
import { solePoints } from './soles.ts';
import { tipRose } from './tipRose.ts';

/** A centre that lies this share of its height inside the feet is safe from a nudge: nearly 6°. */
const WANTED_MARGIN_SHARE = 0.1;

/** What Balance reads. */
export interface BalanceInputs {
  readonly choice: Workpiece['stance'];
  readonly measure: MeasurePlan;
  readonly stance: StancePlan;
  readonly wire: WirePlan;
  readonly mass: MassPlan | null;
}

/**
 * Balance of the stance: the centre of mass of clay, cores and wires on their bones, each region of its
 * own density (thin sections of one density while those are being worked out), with a metal weight
 * where one was placed.
 */
// eslint-disable-next-line max-lines-per-function -- the stage in its order: what is asked, what is found, what is told
export function planBalance(inputs: BalanceInputs): BalancePlan {
  const { choice, measure, stance, wire, mass } = inputs;
  const { posed } = stance;
  const bodyMasses = mass?.masses ?? firstMasses(posed);
  const bareMasses = mass === null ? bodyMasses : [...bodyMasses, ...wireMasses(stance, wire)];
  const bare =
    centreOfMass(bareMasses.map(({ at, grams }) => ({ at, mass: grams }))) ??
    posedBone(posed, posed.bones[0]!.bone.id).start;
  const bareG = bareMasses.reduce((sum, bareMass) => sum + bareMass.grams, 0);
  const { weight } = choice;
  const held = weight !== null && measure.skeleton.byId.has(weight.boneId) ? weight : null;
  const weightMass = held === null ? [] : [weightAt(stance, held)];
  const massCentre = held === null ? bare : withWeight(stance, bare, bareG, held);
  const grams = bareG + (held?.grams ?? 0);
  const standing = stance.feet.filter((foot) => foot.down && foot.touches);
  const contacts = [
    ...standing.flatMap((foot) => solePoints(posed, foot, choice.ground)),
    ...restingOutline(stance),
  ];
  const plumb: Point2 = [massCentre[0], massCentre[2]];
  const stands = footing(contacts, plumb, massCentre[1]);
  const resting = restingBones(stance);
  const bearing = bearingOf(standing, [...bareMasses, ...weightMass], resting);
  const marginMm = wantedMarginMm(stands.hull, bare[1]);
  const alone = footing(contacts, [bare[0], bare[2]], bare[1]);
  const places =
    judged(choice, standing, wire) && alone.marginMm < marginMm
      ? weightPlaces(
          posed,
          stance.skin,
          stands.hull,
          [bare[0], bare[2]],
          bareG,
          marginMm,
          choice.weight?.metal ?? 'steel',
          WEIGHT_COVER_MM,
        )
      : [];
  // What stands on the board is part of what it carries.
  const { perch } = stance;
  const carried = perch === null ? null : withPerch(massCentre, grams, perch);
  const boardOf = (thicknessMm: number): SmallBase =>
    carried === null || perch === null
      ? smallestBase(contacts, plumb, massCentre[1], grams, thicknessMm, choice.tiltDeg)
      : smallestBase(
          [...contacts, ...perchFootprint(perch)],
          [carried.at[0], carried.at[2]],
          carried.at[1],
          carried.grams,
          thicknessMm,
          choice.tiltDeg,
        );
  const facts = {
    massCentre,
    exact: mass !== null,
    grams,
    standing,
    footing: stands,
    rose: tipRose(stands.hull, plumb, massCentre[1]),
    flesh: [...bodyMasses, ...weightMass],
    resting,
    bearing,
    weight: held,
    weightRoomMm:
      held === null ? 0 : (roomsUnder(stance.skin, WEIGHT_COVER_MM).get(held.boneId) ?? 0),
    places,
    bases: BOARD_THICKNESSES_MM.map(boardOf),
    base: boardOf(choice.base.thicknessMm),
    hook: hangingPoint(posed, massCentre),
  };
  return {
    ...facts,
    workings: balanceWorkings(facts, choice, measure, stance, mass !== null, wire.base),
    snags: [
      ...fixingSnags(facts, choice.hold, wire),
      ...balanceSnags(
        facts,
        stance.wall === null ? choice.hold : 'plate',
        judged(choice, standing, wire),
      ),
    ],
  };
}

/** A piece that hangs cannot tip, nor one on rods, on an iron or on its belly; one without contacts hangs too. */
const judged = (
  { hold }: Workpiece['stance'],
  standing: readonly Footfall[],
  { wires }: WirePlan,
): boolean =>
  (hold === 'base' || hold === 'free') &&
  standing.length > 0 &&
  standing.every((foot) => foot.contact.kind === 'foot') &&
  !wires.some(({ kind }) => kind === 'iron');

/** A narrow outline cannot give so much: then this share of the room from its middle to an edge. */
const MIDDLE_SHARE = 0.9;

/** How far inside the outline a weight is to bring the centre, mm. */
function wantedMarginMm(hull: readonly Point2[], heightMm: number): number {
  const middle: Point2 = [
    hull.reduce((sum, p) => sum + p[0], 0) / hull.length,
    hull.reduce((sum, p) => sum + p[1], 0) / hull.length,
  ];
  const room = least(edgesOf(hull, middle).map(({ insideMm }) => insideMm));
  return Math.min(WANTED_MARGIN_SHARE * heightMm, MIDDLE_SHARE * room);
}

/** The common centre of the piece and its perch, and what both weigh. */
function withPerch(
  at: Vec3,
  grams: number,
  { centre, weight }: Perch,
): { readonly at: Vec3; readonly grams: number } {
  const all = grams + weight.value;
  return {
    at: scale(add(scale(at, grams), scale(centre, weight.value)), 1 / all),
    grams: all,
  };
}

const weightAt = ({ posed }: StancePlan, { boneId, along, grams }: Counterweight): PlacedMass => ({
  boneId,
  at: alongBone(posedBone(posed, boneId), along),
  grams,
});

function withWeight(stance: StancePlan, bare: Vec3, bareG: number, weight: Counterweight): Vec3 {
  const { at, grams } = weightAt(stance, weight);
  return scale(add(scale(bare, bareG), scale(at, grams)), 1 / (bareG + grams));
}
