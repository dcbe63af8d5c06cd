import type { Workpiece } from '../workshop/workpiece.ts';
import { snagSentence } from '../piece/snag.ts';
import type { Plan } from '../planTypes.ts';

/** The plan as JSON text: every working and every snag, as the ledger shows them. */
export function planJson(piece: Workpiece, plan: Plan): string {
  const file = {
    format: 'keen-sinew-plan',
    version: 1,
    piece: { id: piece.id, name: piece.name, animal: plan.measure.skeleton.animal.name },
    workings: plan.workings,
    snags: plan.snags.map((snag) => ({ ...snag, sentence: snagSentence(snag) })),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}
