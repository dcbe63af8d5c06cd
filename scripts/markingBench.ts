import { numberedAreas, planPiece, type Workpiece } from '../core/src/index.ts';
import { JOB_KINDS } from '../core/src/jobs/jobKinds.ts';
import { flatMarkingSheets } from '../core/src/sheets/markings/flatSheets.ts';
import { median, type CoatTime } from './coatBench.ts';
import { wholePlan } from './wholePlan.ts';

/** How long the markings of a piece take once its skin stands, as after one was moved; and what is drawn of them. */
export function markingTimes(piece: Workpiece): readonly CoatTime[] {
  const job = planPiece(piece).jobs.markings!;
  /** Another width each time. */
  const moved = (i: number) => ({
    ...job.input,
    markings: job.input.markings.map((of) => ({ ...of, widthMm: of.widthMm * (1 + 0.01 * i) })),
  });
  JOB_KINDS.markings.run(moved(-1));
  JOB_KINDS.markings.coarse(moved(-1));
  const plan = wholePlan(piece);
  const many = job.input.markings.length;
  return [
    {
      name: `${many} markings after one was moved, coarse`,
      ms: median(5, (i) => JOB_KINDS.markings.coarse(moved(i))),
      aim: 'under 500 ms',
    },
    {
      name: `${many} markings after one was moved, fine`,
      ms: median(3, (i) => JOB_KINDS.markings.run(moved(i))),
      aim: 'under 4 s',
    },
    {
      name: 'their numbered areas from the side',
      ms: median(3, () => numberedAreas(plan, 'side')),
      aim: '',
    },
    {
      name: 'all of them laid flat',
      ms: median(3, () => flatMarkingSheets(plan, 'trace')),
      aim: 'under 1 s',
    },
  ];
}
