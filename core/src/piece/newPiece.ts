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
    ...laterStages(),
    confirmed: [],
  };
}

/**
 * Defaults of the stages from Mass to Bench, of common practice: a 5 mm shell over packed kitchen
 * foil, firm oven clay by its class, a shell baked first, four tools, grey primer.
 */
export function laterStages(): Pick<Piece, 'mass' | 'cure' | 'skin' | 'colour' | 'bench'> {
  return {
    mass: {
      clay: {
        classId: 'oven-firm',
        name: 'Firm oven clay',
        label: { temperatureC: null, limitC: null, minutes: null, perMm: null, packetG: null },
        weighed: null,
      },
      shells: {},
      shellMm: 5,
      foil: { widthMm: 300, gaugeMm: 0.015, packedGPerMl: 0.8 },
      sparePercent: 15,
      paperMm: 0.1,
    },
    cure: {
      method: 'shell-first',
      partsFirst: true,
      fan: false,
      ovenOffsetC: 0,
      setC: null,
      minutes: null,
      nearC: 10,
      holdMin: 15,
    },
    skin: { tools: ['needle', 'wire-brush', 'probe', 'ball'], zones: {} },
    colour: { primer: 'grey', step: 0.08, baseCoats: 2, zones: {} },
    bench: { done: {} },
  };
}
