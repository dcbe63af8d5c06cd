import * as say from './words.ts';
import type { FittingMaterialId } from '../piece/fittingsSchema.ts';

/** A stuff that parts made apart are of, besides the clay of the piece. */
export interface FittingMaterial {
  readonly id: FittingMaterialId;
  readonly name: string;
  /** Null for the clay of the piece, which is weighed there. From memory; look at the label. */
  readonly gPerMl: number | null;
  /** Whether it may go through the bakes of the piece: then it is set before the last of them. */
  readonly standsOven: boolean;
  /** How it is fastened. */
  readonly join: string;
}

/** Stuffs by id; densities and what stands the oven from memory. */
const MATERIALS: readonly FittingMaterial[] = [
  { id: 'clay', name: say.ownClay, gPerMl: null, standsOven: true, join: say.joinClay },
  { id: 'wire', name: say.wireStuff, gPerMl: 2.7, standsOven: true, join: say.joinWire },
  { id: 'glass', name: say.glass, gPerMl: 2.5, standsOven: true, join: say.joinGlass },
  { id: 'bead', name: say.bead, gPerMl: 2.5, standsOven: true, join: say.joinGlass },
  { id: 'resin', name: say.resin, gPerMl: 1.15, standsOven: false, join: say.joinGlue },
  { id: 'putty', name: say.putty, gPerMl: 1.8, standsOven: false, join: say.joinPutty },
  { id: 'sheet', name: say.sheet, gPerMl: 1.2, standsOven: false, join: say.joinSheet },
  { id: 'wood', name: say.wood, gPerMl: 0.65, standsOven: false, join: say.joinGlue },
  { id: 'fibre', name: say.fibre, gPerMl: 0.6, standsOven: false, join: say.joinFibre },
];

/** A stuff by its id. */
export const fittingMaterial = (id: FittingMaterialId): FittingMaterial =>
  MATERIALS.find((of) => of.id === id)!;

/** All of them, in the order in which they are offered. */
export const fittingMaterials = (): readonly FittingMaterial[] => MATERIALS;

/** Sheet that plumes and tongues are cut from is so thick, mm: common practice. */
export const SHEET_MM = 0.3;
