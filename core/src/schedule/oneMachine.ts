/** Work that waits for one pair of hands. */
export interface WaitingJob {
  readonly id: string;
  readonly long: number;
  readonly due: number;
  readonly weight: number;
}

const sorted = (
  jobs: readonly WaitingJob[],
  by: (job: WaitingJob) => number,
): readonly WaitingJob[] => jobs.toSorted((a, b) => by(a) - by(b));

/** Shortest first: the least sum of all ends. */
export const shortestFirst = (jobs: readonly WaitingJob[]): readonly WaitingJob[] =>
  sorted(jobs, ({ long }) => long);

/** Shortest against its weight first: the least weighted sum of all ends (W. Smith, 1956). */
export const weightedShortestFirst = (jobs: readonly WaitingJob[]): readonly WaitingJob[] =>
  sorted(jobs, ({ long, weight }) => long / weight);

/** What is due first goes first: the least greatest lateness (J. Jackson, 1955). */
export const dueFirst = (jobs: readonly WaitingJob[]): readonly WaitingJob[] =>
  sorted(jobs, ({ due }) => due);

/** Ends of jobs that are done one after the other, in their order. */
export function endsOf(jobs: readonly WaitingJob[]): readonly number[] {
  let end = 0;
  return jobs.map(({ long }) => (end += long));
}

/** The jobs that will be late where as few as can be are (J. Moore, 1968, after T. Hodgson). */
export function fewestLate(jobs: readonly WaitingJob[]): readonly WaitingJob[] {
  const kept: WaitingJob[] = [];
  const late: WaitingJob[] = [];
  let end = 0;
  for (const job of dueFirst(jobs)) {
    kept.push(job);
    end += job.long;
    if (end <= job.due) continue;
    const [longest] = kept.toSorted((a, b) => b.long - a.long);
    kept.splice(kept.indexOf(longest!), 1);
    late.push(longest!);
    end -= longest!.long;
  }
  return late;
}
