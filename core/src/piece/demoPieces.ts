import { newPiece } from './newPiece.ts';
import type { Piece } from './pieceSchema.ts';

/**
 * The demonstration: an otter on a washed-up log and a wolf at the edge of the carr, for the visitor
 * hut of the invented wetland reserve Marrowby Fen. All of it is invented.
 */
export const demoPieces = (): readonly Piece[] => [otterOnTheLog(), wolfAtTheCarr()];

function otterOnTheLog(): Piece {
  const otter = newPiece('otter-on-the-log', 'Otter on the log', 'eurasian-otter');
  const wire = { metal: 'aluminium-soft', size: { system: 'mm', value: 2 }, strands: 1 } as const;
  return {
    ...otter,
    place: 'Visitor hut, Marrowby Fen',
    measure: {
      ...otter.measure,
      scale: { by: 'ratio', lifePerModel: 3 },
      oven: { lengthMm: 420, heightMm: 260, widthMm: 340 },
    },
    stance: { ...otter.stance, presetId: 'walking' },
    wire: {
      ...otter.wire,
      spine: { ...wire, strands: 2 },
      limbs: { 'hind-legs': wire, 'fore-legs': wire },
      stock: [{ id: 'coil-1', metal: wire.metal, size: wire.size, lengthsMm: [1000, 1000] }],
    },
    mass: {
      ...otter.mass,
      shells: { tail: { core: 'foil', shellMm: 3 } },
      clay: {
        classId: 'oven-firm',
        name: 'Firm clay, warm grey',
        label: { temperatureC: 130, limitC: null, minutes: 30, perMm: 6, packetG: 350 },
        weighed: { grams: 70, lengthMm: 40, widthMm: 50, heightMm: 20 },
      },
    },
    cure: { ...otter.cure, ovenOffsetC: 8 },
    confirmed: ['measure'],
  };
}

function wolfAtTheCarr(): Piece {
  const wolf = newPiece('wolf-at-the-carr', 'Wolf at the carr', 'grey-wolf');
  const wire = {
    metal: 'steel-annealed',
    size: { system: 'SWG', value: 16 },
    strands: 1,
  } as const;
  return {
    ...wolf,
    place: 'Visitor hut, Marrowby Fen',
    measure: {
      ...wolf.measure,
      scale: { by: 'ratio', lifePerModel: 6 },
      oven: { lengthMm: 420, heightMm: 260, widthMm: 340 },
    },
    stance: {
      ...wolf.stance,
      anglesDeg: {
        neckLower: { flexion: -14 },
        skull: { flexion: 6, abduction: 18 },
        tail1: { flexion: 10 },
      },
    },
    wire: {
      ...wolf.wire,
      spine: { ...wire, strands: 2 },
      limbs: { 'hind-legs': wire, 'fore-legs': wire },
    },
    mass: {
      ...wolf.mass,
      shellMm: 4,
      shells: { 'upper-limbs': { core: 'solid', shellMm: 4 } },
      clay: {
        classId: 'oven-soft',
        name: 'Soft clay, beige',
        label: { temperatureC: null, limitC: null, minutes: null, perMm: null, packetG: null },
        weighed: null,
      },
    },
  };
}
