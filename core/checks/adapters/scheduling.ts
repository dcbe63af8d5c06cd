import { criticalPath } from '../../src/schedule/criticalPath.ts';
import { learnedFactors, type TimeRecord } from '../../src/schedule/learned.ts';
import {
  dueFirst,
  endsOf,
  fewestLate,
  shortestFirst,
  weightedShortestFirst,
  type WaitingJob,
} from '../../src/schedule/oneMachine.ts';
import { circleOf, minutesOf, spanOf, type Task, type Windows } from '../../src/schedule/tasks.ts';
import { timetable } from '../../src/schedule/timetable.ts';
import { seeded, seedOf } from '../../src/geometry/seeded.ts';
import { num, type Adapter, type CheckCase } from '../checkFile.ts';

type Activities = Readonly<
  Record<
    string,
    {
      readonly d: number;
      readonly pred: readonly string[];
      readonly uses?: Readonly<Record<string, number>>;
    }
  >
>;

/** Critical paths, one person and one oven, and jobs that wait for one pair of hands. */
export const scheduling: Adapter = (entry) => {
  const { activities, capacity, jobs } = entry.input;
  if (jobs !== undefined) return oneMachine(jobs as Readonly<Record<string, readonly number[]>>);
  const all = Object.entries(activities as Activities).map(([id, { d, pred, uses = {} }]) => ({
    ...{ id, long: d, after: pred, uses },
  }));
  if (circleOf(all) !== null) return { error: 'cycle' };
  const { duration, slacks, paths } = criticalPath(all);
  if (capacity !== undefined) return withResources(entry, all, duration);
  return {
    duration,
    critical_paths: paths,
    table: Object.fromEntries(
      [...slacks].map(([id, of]) => [
        id,
        {
          ...{ ES: of.earliestStart, EF: of.earliestEnd, LS: of.latestStart, LF: of.latestEnd },
          ...{ slack: of.total, free: of.free },
        },
      ]),
    ),
  };
};

function withResources(
  { expected }: CheckCase,
  all: readonly {
    readonly id: string;
    readonly long: number;
    readonly after: readonly string[];
    readonly uses: Readonly<Record<string, number>>;
  }[],
  chain: number,
): Readonly<Record<string, unknown>> {
  const tasks = all.map(({ id, long, after, uses }): Task => ({
    ...{ id, minutes: long, after },
    uses: uses['hand'] === undefined ? ['oven'] : ['person'],
  }));
  const { minutes, bound, isLeast } = timetable(tasks, null);
  const told = expected['one_optimal_start'] as Readonly<Record<string, number>>;
  return {
    makespan: isLeast ? minutes : undefined,
    CPM_bound: chain,
    energy_bound: Math.max(bound.person, bound.oven),
    // Starts may differ: those that are told are right where they keep all, and end as early.
    one_optimal_start: isKept(tasks, new Map(Object.entries(told)), minutes) ? told : {},
  };
}

/** Whether starts keep needs and resources, and end by then. */
function isKept(tasks: readonly Task[], starts: ReadonlyMap<string, number>, end: number): boolean {
  const endOf = (task: Task): number => starts.get(task.id)! + spanOf(task);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  return tasks.every(
    (task) =>
      endOf(task) <= end &&
      task.after.every((id) => endOf(byId.get(id)!) <= starts.get(task.id)!) &&
      tasks.every(
        (other) =>
          other === task ||
          other.uses[0] !== task.uses[0] ||
          endOf(other) <= starts.get(task.id)! ||
          endOf(task) <= starts.get(other.id)!,
      ),
  );
}

function oneMachine(told: Readonly<Record<string, readonly number[]>>) {
  const jobs = Object.entries(told).map(([id, [long, due, weight]]): WaitingJob => ({
    ...{ id, long: long!, due: due!, weight: weight! },
  }));
  const sum = (of: readonly number[]): number => of.reduce((all, one) => all + one, 0);
  const [shortest, due, weighted] = [
    shortestFirst(jobs),
    dueFirst(jobs),
    weightedShortestFirst(jobs),
  ];
  const ids = (of: readonly WaitingJob[]): readonly string[] => of.map(({ id }) => id);
  return {
    'min_total_completion (SPT)': sum(endsOf(shortest)),
    'min_weighted_completion (WSPT)': sum(
      endsOf(weighted).map((end, i) => end * weighted[i]!.weight),
    ),
    'min_max_lateness (EDD)': Math.max(...endsOf(due).map((end, i) => end - due[i]!.due)),
    min_late_jobs: fewestLate(jobs).length,
    SPT_order: ids(shortest),
    EDD_order: ids(due),
    WSPT_order: ids(weighted),
  };
}

/** Least ends with loading, unloading and attended hours. */
export const schedulingMore: Adapter = (entry) => {
  const tasks = entry.input['tasks'] as readonly Task[];
  const windows = (entry.input['workingWindowsMin'] ?? null) as Windows;
  const circle = circleOf(tasks);
  if (circle !== null) return { feasible: false, cycle: circle };
  const { minutes, bound, isLeast } = timetable(tasks, windows);
  const sum = (of: 'person' | 'oven'): number =>
    tasks.reduce((all, task) => all + minutesOf(task, of), 0);
  return {
    feasible: Number.isFinite(minutes),
    makespanMin: isLeast ? minutes : undefined,
    longestChainMin: bound.chain,
    personMin: sum('person'),
    ovenMin: sum('oven'),
  };
};

/** Learned factors, and estimates with them. */
export const estimates: Adapter = (entry) => {
  const prior = num(entry, 'priorRecords');
  if (prior === undefined) return between(entry);
  const records = entry.input['records'] as readonly TimeRecord[];
  const tasks = entry.input['tasks'] as readonly {
    readonly kind: string;
    readonly estimateMin: number;
  }[];
  const learned = learnedFactors(records, prior);
  const factorOf = (kind: string): number => learned.get(kind)?.factor ?? 1;
  const adjusted = tasks.map(({ kind, estimateMin }) => estimateMin * factorOf(kind));
  const kinds = new Set([...records, ...tasks].map(({ kind }) => kind));
  return {
    factors: Object.fromEntries([...kinds].map((kind) => [kind, factorOf(kind)])),
    adjustedMin: adjusted,
    totalMin: adjusted.reduce((sum, minutes) => sum + minutes, 0),
  };
};

/** The factor between 1 and the geometric mean, on so many seeded sets of records. */
function between(entry: CheckCase): Readonly<Record<string, unknown>> {
  const random = seeded(seedOf('records'));
  const priors = entry.input['priorRecords'] as readonly number[];
  const sets = Array.from({ length: num(entry, 'n') ?? 0 }, () =>
    Array.from({ length: 1 + Math.floor(30 * random()) }, (): TimeRecord => ({
      ...{ kind: 'any', estimatedMin: 5 + 200 * random(), actualMin: 5 + 200 * random() },
    })),
  );
  const factor = (set: readonly TimeRecord[], prior: number): number =>
    learnedFactors(set, prior).get('any')?.factor ?? 1;
  const mean = (set: readonly TimeRecord[]): number =>
    set.reduce(
      (all, { actualMin, estimatedMin }) => all * (actualMin / estimatedMin) ** (1 / set.length),
      1,
    );
  const isBetween = (f: number, g: number): boolean =>
    f >= Math.min(1, g) - 1e-8 && f <= Math.max(1, g) + 1e-8;
  return {
    factorBetween1AndGeometricMean: sets.every((set) =>
      priors.every((prior) => isBetween(factor(set, prior), mean(set))),
    ),
    equalToGeometricMeanWithoutPrior: sets.every(
      (set) => Math.abs(factor(set, 0) / mean(set) - 1) < 1e-8,
    ),
    oneWithoutRecords: priors.every((prior) => factor([], prior) === 1),
  };
}
