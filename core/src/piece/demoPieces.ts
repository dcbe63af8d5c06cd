import { newPiece } from './newPiece.ts';
import type { Piece } from './pieceSchema.ts';

/**
 * The demonstration: an otter on a washed-up log for the visitor hut of the invented wetland
 * reserve Marrowby Fen. All of it is invented.
 */
export function demoPieces(): readonly Piece[] {
  const otter = newPiece('otter-on-the-log', 'Otter on the log', 'eurasian-otter');
  return [
    {
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
        spine: {
          metal: 'aluminium-soft',
          size: { system: 'mm', value: 2 },
          strands: 2,
        },
        limbs: {
          'hind-legs': { metal: 'aluminium-soft', size: { system: 'mm', value: 2 }, strands: 1 },
          'fore-legs': { metal: 'aluminium-soft', size: { system: 'mm', value: 2 }, strands: 1 },
        },
        stock: [
          {
            id: 'coil-1',
            metal: 'aluminium-soft',
            size: { system: 'mm', value: 2 },
            lengthsMm: [1000, 1000],
          },
        ],
      },
      confirmed: ['measure'],
    },
  ];
}
