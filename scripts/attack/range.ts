import fc from 'fast-check';
import { ANIMALS, inWorkshop, newPiece, newWorkshop, planPiece } from '../../core/src/index.ts';
import type { Piece } from '../../core/src/index.ts';
import { anyPiece } from '../../core/src/testing/attack/anyPiece.ts';
import type { Json } from '../../core/src/testing/attack/mutation.ts';
import { planFaults } from '../../core/src/testing/attack/planFaults.ts';
import { smallest } from '../../core/src/testing/attack/smallest.ts';
import { wholePlan } from '../../core/src/testing/samples.ts';
import { attempt, type Part } from './part.ts';

const CASES = 5;

/** Pieces over the whole range of their schema: planned and drawn, one of each round with its body. */
export const range: Part = {
  name: 'pieces of the schema',
  round: async (seed) => {
    const animal = ANIMALS[seed % ANIMALS.length]!;
    const sound = newPiece('any', 'Any', animal.id) as unknown as Json;
    const failures = fc.sample(anyPiece(animal), { seed, numRuns: CASES }).flatMap((piece, i) => {
      const faultOf = (data: Json): string | undefined =>
        attempt(animal.id, () => {
          const workpiece = inWorkshop(data as unknown as Piece, newWorkshop());
          return planFaults(i === 0 ? wholePlan(workpiece, true) : planPiece(workpiece))[0];
        });
      const fault = faultOf(piece as unknown as Json);
      if (fault === undefined) return [];
      const kind = fault.slice(0, 24);
      const { differs } = smallest(
        piece as unknown as Json,
        sound,
        (data) => faultOf(data)?.startsWith(kind) === true,
      );
      return [`${animal.id}: ${fault}\n    smallest: ${JSON.stringify(differs).slice(0, 600)}`];
    });
    return { tried: CASES, failures };
  },
};
