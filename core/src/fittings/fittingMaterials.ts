import * as say from './words.ts';
import type { OwnStuff } from '../workshop/workshopSchema.ts';

/** A stuff that parts made apart are of, besides the clay of the piece. */
export interface FittingMaterial {
  readonly id: string;
  readonly name: string;
  /** Null for the clay of the piece, which is weighed there. From memory; look at the label. */
  readonly gPerMl: number | null;
  /** Whether it may go through the bake of the finished surface: then it is set before that. */
  readonly standsOven: boolean;
  /** The most that it surely bears, °C. */
  readonly standsC: number;
  /** Clay that is baked: the piece's own, or one by its own label. */
  readonly isClay: boolean;
  /** By its own label; null for what everybody has. */
  readonly own: OwnStuff | null;
  /** How it is fastened. */
  readonly join: string;
}

const known = (
  id: string,
  name: string,
  gPerMl: number | null,
  standsOven: boolean,
  standsC: number,
  join: string,
): FittingMaterial => ({
  ...{ id, name, gPerMl, standsOven, standsC, join },
  ...{ isClay: id === 'clay', own: null },
});

/** Stuffs by id; densities and what they stand from memory, the low end of their ranges. */
const MATERIALS: readonly FittingMaterial[] = [
  known('clay', say.ownClay, null, true, 150, say.joinClay),
  known('wire', say.wireStuff, 2.7, true, 400, say.joinWire),
  known('glass', say.glass, 2.5, true, 300, say.joinGlass),
  known('bead', say.bead, 2.5, true, 300, say.joinGlass),
  known('resin', say.resin, 1.15, false, 60, say.joinGlue),
  known('putty', say.putty, 1.8, false, 80, say.joinPutty),
  known('sheet', say.sheet, 1.2, false, 70, say.joinSheet),
  known('wood', say.wood, 0.65, false, 150, say.joinGlue),
  known('fibre', say.fibre, 0.6, false, 70, say.joinFibre),
];

/** What tells how a stuff of the workshop does on this piece. */
export interface StuffsAtHand {
  readonly stuffs: readonly OwnStuff[];
  /** What the surface needs to be baked, °C; null where no oven is used. */
  readonly hotC: number | null;
}

const NONE: StuffsAtHand = { stuffs: [], hotC: null };

/** All of them, in the order in which they are offered: known ones, and those of the workshop by their labels. */
export const fittingMaterials = ({
  stuffs,
  hotC,
}: StuffsAtHand = NONE): readonly FittingMaterial[] => [
  ...MATERIALS,
  ...stuffs.map((own): FittingMaterial => ({
    ...{ id: own.id, name: own.name, gPerMl: own.gPerMl, standsC: own.standsC, own },
    standsOven: hotC === null || own.standsC >= hotC,
    isClay: own.cures !== null,
    join: own.cures === null ? say.joinGlue : say.joinClay,
  })),
];

/** A stuff by its id; what the workshop no longer has is of the piece's own clay. */
export const fittingMaterial = (id: string, at: StuffsAtHand = NONE): FittingMaterial =>
  fittingMaterials(at).find((of) => of.id === id) ?? MATERIALS[0]!;

/** Sheet that plumes and tongues are cut from is so thick, mm: common practice. */
export const SHEET_MM = 0.3;
