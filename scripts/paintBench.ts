import { paintAnswer } from '../core/src/colour/paintAnswer.ts';
import type { Tube } from '../core/src/colour/paintQuestion.ts';
import { seeded, seedOf } from '../core/src/geometry/seeded.ts';
import { paintedForm } from '../core/src/sheets/colour/painted.ts';
import type { Workpiece } from '../core/src/index.ts';
import { median, type CoatTime } from './coatBench.ts';
import { wholePlan } from './wholePlan.ts';

/** A shelf of so many tubes in seeded colours. */
function shelfOf(many: number): readonly Tube[] {
  const random = seeded(seedOf('shelf'));
  const part = (): string =>
    Math.floor(25 + 210 * random())
      .toString(16)
      .padStart(2, '0');
  return Array.from({ length: many }, (_, i) => ({
    ...{ id: `tube-${i}`, name: `Tube ${i}`, hex: `#${part()}${part()}${part()}`, kind: 'paint' },
    ...{ tint: null, opacity: 'semi-opaque', card: null },
  }));
}

/** How long the tubes and recipes of a whole animal take, and one step through its layers. */
export function paintTimes(piece: Workpiece): readonly CoatTime[] {
  const plan = wholePlan(piece);
  const question = { ...plan.jobs.paint!.input, tubes: shelfOf(40) };
  return [
    {
      name: 'four of 40 tubes, and every recipe',
      ms: median(3, () => paintAnswer(question)),
      aim: 'under 1 s',
    },
    {
      name: 'the form after one layer more',
      ms: median(9, (i) => paintedForm(plan, 'side', i % 5)),
      aim: 'a frame',
    },
  ];
}
