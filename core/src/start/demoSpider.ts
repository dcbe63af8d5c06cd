import type { Piece } from '../piece/pieceSchema.ts';
import { usualZone } from '../piece/skinSchema.ts';
import { newPiece, softWire } from './newPiece.ts';

/** A raft spider many times life size for the fen's travelling box, its legs and bands planted with hair. Invented. */
export function raftSpiderOnTheWater(): Piece {
  const spider = newPiece('raft-spider-on-the-water', 'Raft spider on the water', 'raft-spider');
  const steel = (mm: number) => ({
    ...softWire(mm),
    metal: 'steel-annealed' as const,
  });
  return {
    ...spider,
    place: 'Travelling box, Marrowby Fen',
    measure: { ...spider.measure, scale: { by: 'ratio', lifePerModel: 0.2 } },
    wire: {
      ...spider.wire,
      spine: { ...softWire(1.6), strands: 2 },
      limbs: { legs1: steel(1.2), legs2: steel(1.2), legs3: steel(1.2), legs4: steel(1.2) },
      coverMm: 0.25,
    },
    skin: {
      ...spider.skin,
      zones: {
        // Short, so that the thin ends of its legs keep their clay.
        legs: { ...usualZone('planted'), hairMm: 0.2, perCm2: 160 },
        bands: usualZone('planted'),
        belly: usualZone('flock'),
      },
      fibre: { ...spider.skin.fibre, rootMm: 1, hairsPerTuft: 6 },
    },
    confirmed: ['measure'],
  };
}
