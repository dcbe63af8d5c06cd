import { schedulePlan } from '../core/src/bench/schedulePlan.ts';
import type { PieceToPlan } from '../core/src/bench/scheduleTasks.ts';
import { seeded, seedOf } from '../core/src/geometry/seeded.ts';
import { newWorkshop, type Workpiece } from '../core/src/index.ts';
import { shelved } from '../web/src/pages/shelf.ts';
import { listed } from '../web/src/stores/shelfStorage.ts';
import { median, type CoatTime } from './coatBench.ts';

/** A piece of so many steps in seeded minutes: hand work, every tenth a bake, every seventh drying. */
function pieceOf(n: number, many: number): PieceToPlan {
  const random = seeded(seedOf(`piece ${n}`));
  return {
    ...{ id: `piece-${n}`, name: `Piece ${n}`, due: `2026-0${1 + (n % 6)}-20`, notBefore: {} },
    steps: Array.from({ length: many }, (_, i) => ({
      ...{ id: `s${i}`, title: `Step ${i}`, minutes: Math.round(5 + 85 * random()), done: false },
      occupies: i % 10 === 9 ? 'oven' : i % 7 === 6 ? 'nothing' : 'person',
      needs: i === 0 ? [] : [`s${Math.floor(i * random())}`],
    })),
  };
}

/** How long the days of ten pieces take to plan, and a shelf of hundreds to be searched. */
export function daysTimes(piece: Workpiece): readonly CoatTime[] {
  const pieces = Array.from({ length: 10 }, (_, n) => pieceOf(n, 60));
  const { hours } = newWorkshop();
  const shelf = Array.from({ length: 500 }, (_, n) =>
    listed({ ...piece, id: `piece-${n}`, name: `Piece ${n}` }),
  );
  return [
    {
      name: 'days of 10 pieces of 60 steps',
      ms: median(5, () =>
        schedulePlan({ pieces, hours, sittingMin: 120, from: '2026-01-05T09:00' }),
      ),
      aim: '200 ms in a worker',
    },
    {
      name: 'a shelf of 500 pieces, searched',
      ms: median(9, (i) => shelved(shelf, new Map(), `piece ${i}`, 'due')),
      aim: 'under 1 s with its page',
    },
  ];
}
