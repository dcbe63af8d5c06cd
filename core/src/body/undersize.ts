import { FACINGS, zoneOf, type CoatZone, type Facing } from '../anatomy/coat.ts';
import type { RegionSpec } from '../anatomy/bodyPlan.ts';
import { radiiOf } from '../anatomy/fleshRadius.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { greatest } from '../geometry/extremes.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { CoatMethod } from '../piece/skinSchema.ts';
import { toRad } from '../units/angles.ts';

/** What of Skin decides how far the clay goes. */
export type CoatChoice = Pick<Piece['skin'], 'zones' | 'backingMm'>;

/** Whether a coat is put onto the finished clay: hair by itself, or on its hide. */
export const isStuckOn = (method: CoatMethod): boolean => STUCK_ON.includes(method);
const STUCK_ON: readonly CoatMethod[] = ['planted', 'fibre', 'flock', 'wefts', 'pelt'];

/** Flock stands up: its angle to the skin is no less than this. Common practice. */
export const FLOCK_DEG = 60;

/** The angle between a coat and the skin as it is made, degrees. */
export const lieMade = ({ lieDeg }: CoatZone, method: CoatMethod): number =>
  method === 'flock' ? Math.max(FLOCK_DEG, lieDeg) : lieDeg;

/** Life hair length in mm of a zone: the user's, or the animal's; 0 for bare skin. */
export const hairLifeMm = (zone: CoatZone, skin: Pick<Piece['skin'], 'zones'>): number =>
  skin.zones[zone.id]?.hairMm ?? zone.hair?.mm ?? 0;

/** How far in life hair of a length stands off the skin, mm: its length × the sine of its lie. Common practice. */
export const standOffMm = ({ lieDeg }: CoatZone, hairMm: number): number =>
  hairMm * Math.sin(toRad(lieDeg));

/**
 * How far under the outline that one sees the clay of a zone is meant to end, model mm: at the bare skin under hair that
 * is planted, hair length × sin(lie) ÷ scale; under a pelt by its backing more. 0 where the coat is carved: that is
 * clay to the outline. Common practice.
 */
export function coatMm(zone: CoatZone, skin: CoatChoice, lifePerModel: number): number {
  const method = skin.zones[zone.id]?.method;
  if (method === undefined || !isStuckOn(method)) return 0;
  const made = { ...zone, lieDeg: lieMade(zone, method) };
  const hair = standOffMm(made, hairLifeMm(zone, skin)) / lifePerModel;
  return method === 'pelt' ? hair + skin.backingMm : hair;
}

/** A coat takes no more than this share of the flesh that is there; else nothing is left to plant it in. */
export const MOST_TAKEN = 0.5;

/** Half of what a bone's flesh is thick where it is thickest, model mm. */
export const fleshHalfMm = ({ flesh }: Pick<Bone, 'flesh'>, lifePerModel: number): number =>
  Math.max(0, greatest(flesh.flatMap((part) => radiiOf(part).map(({ radius }) => radius)))) /
  lifePerModel;

/** A region of the body that a coat would take all of, and its bone with the most flesh. */
export interface TakenRegion {
  readonly region: RegionSpec;
  readonly thickest: Bone;
}

/** Regions of which a zone's coat would leave nothing, not even where they are thickest. */
export function takenRegions(
  { plan, animal, bones }: Pick<Skeleton, 'plan' | 'animal' | 'bones'>,
  zone: CoatZone,
  skin: CoatChoice,
  lifePerModel: number,
): readonly TakenRegion[] {
  const takes = coatMm(zone, skin, lifePerModel);
  if (takes === 0) return [];
  // On one side alone it takes half at most, and the other side is left.
  const inZone = bones.filter(
    (bone) =>
      bone.flesh.length > 0 &&
      FACINGS.every((facing) => zoneOf(animal.coat, bone.key, facing) === zone),
  );
  return plan.regions.flatMap((region) => {
    const own = bones.filter(({ key, flesh }) => flesh.length > 0 && region.bones.includes(key));
    const [thickest] = own.toSorted((a, b) => fleshHalfMm(b, 1) - fleshHalfMm(a, 1));
    const isTaken =
      thickest !== undefined &&
      own.every((bone) => inZone.includes(bone)) &&
      takes >= fleshHalfMm(thickest, lifePerModel);
    return isTaken ? [{ region, thickest }] : [];
  });
}

/**
 * How far under the outline the clay of a bone ends on a side of it, model mm: as the coat of its zone has it, and at
 * most half of what is there.
 */
export function clayFreeMm(
  { animal }: Pick<Skeleton, 'animal'>,
  bone: Bone | undefined,
  facing: Facing,
  skin: CoatChoice,
  lifePerModel: number,
): number {
  const zone = bone && zoneOf(animal.coat, bone.key, facing);
  if (zone === undefined) return 0;
  const wanted = coatMm(zone, skin, lifePerModel);
  return wanted === 0 ? 0 : Math.min(wanted, MOST_TAKEN * fleshHalfMm(bone!, lifePerModel));
}
