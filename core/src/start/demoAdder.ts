import type { Piece } from '../piece/pieceSchema.ts';
import { newPiece, softWire } from './newPiece.ts';

/** An adder basking in a coil on the reptile bank, in coloured clay. Invented. */
export function adderInACoil(): Piece {
  const adder = newPiece('adder-in-a-coil', 'Adder in a coil', 'adder');
  return {
    ...adder,
    place: 'Reptile bank, Marrowby Fen',
    measure: { ...adder.measure, scale: { by: 'ratio', lifePerModel: 2 } },
    stance: { ...adder.stance, presetId: 'coiled' },
    fittings: { ...adder.fittings, made: { fangs: { material: 'wire', spare: 2 } } },
    wire: {
      ...adder.wire,
      spine: { ...softWire(0.8), strands: 2 },
      limbs: { front: softWire(1.6), rear: softWire(1.6) },
      coverMm: 0.5,
    },
    colour: { ...adder.colour, school: 'coloured-clay' },
  };
}
