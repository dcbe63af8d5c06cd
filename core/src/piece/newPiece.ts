import { PIECE_FORMAT, PIECE_VERSION, type Piece } from './pieceSchema.ts';

/**
 * A new piece on sensible defaults: 1:4, standing, soft aluminium, allowances of common practice.
 * `id` must be unique in the user's store.
 */
export function newPiece(id: string, name: string, animalId: string): Piece {
  const limb = {
    metal: 'aluminium-soft',
    size: { system: 'mm', value: 1.6 },
    strands: 1,
  } as const;
  return {
    format: PIECE_FORMAT,
    version: PIECE_VERSION,
    id,
    name,
    place: '',
    measure: {
      animalId,
      scale: { by: 'ratio', lifePerModel: 4 },
      oven: { lengthMm: 400, heightMm: 250, widthMm: 350 },
      lifeLengths: {},
    },
    stance: {
      presetId: 'standing',
      anglesDeg: {},
      lifted: null,
      beyondLimits: false,
      base: { lengthMm: null, widthMm: null, thicknessMm: 18 },
    },
    wire: {
      scheme: 'bound-loops',
      spine: { ...limb, strands: 2 },
      limbs: { 'hind-legs': limb, 'fore-legs': limb },
      bendRadiusInDiameters: 1.5,
      coverMm: 1,
      twistPitchInDiameters: 10,
      allowancesMm: {
        fold: 25,
        hook: 40,
        tieEnd: 20,
        nutAndWashers: 8,
        margin: 5,
        marginPerBend: 1,
      },
      hipTurns: 2,
      sawLossMm: 0,
      testBends: {},
      stock: [],
    },
    confirmed: [],
  };
}
