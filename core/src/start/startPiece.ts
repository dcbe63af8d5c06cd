import { usualZone } from '../piece/skinSchema.ts';
import type { Creature } from '../anatomy/creature.ts';
import type { Extent } from '../anatomy/extent.ts';
import { takenRegions } from '../body/undersize.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Workshop } from '../workshop/workshopSchema.ts';
import { inWorkshop, type Workpiece } from '../workshop/workpiece.ts';
import { newPiece, newPieceOf } from './newPiece.ts';
import { sound, type PlanOf } from './suggested.ts';

/** What one wants when one begins: of what, how much, how large, how it stands, and what is done with it. */
export interface StartWish {
  readonly animalId: string;
  /** An animal of the user’s own in its place. */
  readonly creature: Creature | null;
  readonly extent: Extent;
  /** A round scale for a handy model, or as large as the oven takes. */
  readonly size: 'handy' | 'oven';
  /** A stance of the animal's plan by id; null for its usual one. */
  readonly presetId: string | null;
  /** Joints stay free, so that it can be posed when it is done. */
  readonly posable: boolean;
  /** A coat of hair is pressed into the clay, or hair is stuck on. */
  readonly coat: 'carved' | 'fibre';
}

/** What is wished where nothing is said. */
export const USUAL_WISH: Omit<StartWish, 'animalId'> = {
  creature: null,
  ...{ extent: 'whole', size: 'handy', presetId: null, posable: false, coat: 'carved' },
};

/** A piece as one wants it, with what its load and size suggest. */
export function startPiece(
  id: string,
  name: string,
  wish: StartWish,
  workshop: Workshop,
  plan: PlanOf,
): Workpiece {
  const { animalId, creature, extent, size, presetId, posable, coat } = wish;
  const piece =
    creature === null
      ? newPiece(id, name, animalId, workshop.oven, extent)
      : newPieceOf(id, name, creature, workshop.oven, extent);
  const wished = inWorkshop(
    {
      ...piece,
      measure: { ...piece.measure, ...(size === 'oven' ? { scale: { by: 'oven' } } : {}) },
      stance: { ...piece.stance, presetId: presetId ?? piece.stance.presetId },
      wire: { ...piece.wire, posable },
    },
    workshop,
  );
  return sound(coat === 'fibre' ? planted(wished, plan) : wished, plan);
}

/** The piece with hair stuck on wherever the animal has some, and enough flesh under it. */
function planted(piece: Workpiece, plan: PlanOf): Workpiece {
  const { skeleton, lifePerModel } = plan(piece).measure;
  const hairy = skeleton.animal.coat.filter(({ hair }) => hair !== null);
  const all: Piece['skin']['zones'] = Object.fromEntries(
    hairy.map(({ id }) => [id, usualZone('fibre')]),
  );
  const skin = { ...piece.skin, zones: all };
  const zones = Object.fromEntries(
    hairy
      .filter((zone) => takenRegions(skeleton, zone, skin, lifePerModel).length === 0)
      .map(({ id }) => [id, all[id]!]),
  );
  return { ...piece, skin: { ...piece.skin, zones } };
}
