/** Of whom there is one: the maker, and the oven. */
export type Resource = 'person' | 'oven';

/**
 * A piece of work that is not interrupted. One that uses the oven alone is a bake: loading and unloading take the
 * person, without a gap; in between the person is free, and the oven is not. What uses neither goes on by itself.
 */
export interface Task {
  readonly id: string;
  readonly minutes: number;
  readonly uses: readonly Resource[];
  /** Tasks that must have ended before. */
  readonly after: readonly string[];
  /** The oven heats before it is loaded: nobody's hands are needed for that, but somebody is there. */
  readonly heatMin?: number;
  readonly loadMin?: number;
  readonly unloadMin?: number;
}

/** Attended hours, [from, to] in minutes, in order, not touching; null where the person is always there. */
export type Windows = readonly (readonly [from: number, to: number])[] | null;

/** When each task starts, minutes from the beginning, by id. */
export type Starts = ReadonlyMap<string, number>;

const isBake = ({ uses }: Task): boolean => uses.includes('oven') && !uses.includes('person');

const heating = (task: Task): number => (isBake(task) ? (task.heatMin ?? 0) : 0);
const loading = (task: Task): number => (isBake(task) ? (task.loadMin ?? 0) : 0);
const unloading = (task: Task): number => (isBake(task) ? (task.unloadMin ?? 0) : 0);

/** From its start to its end, heating, loading and unloading included. */
export const spanOf = (task: Task): number =>
  heating(task) + loading(task) + task.minutes + unloading(task);

/** Whether a task lies wholly inside attended hours: all but what goes on by itself. */
export const isAttended = ({ uses }: Task): boolean => uses.length > 0;

/** What of a task the hands do: from its start on, and how long. */
export interface HandPart {
  readonly offset: number;
  readonly long: number;
}

/** The parts of a task that take the person, in their order. */
export function handParts(task: Task): readonly HandPart[] {
  if (task.uses.includes('person')) return [{ offset: 0, long: task.minutes }];
  if (!isBake(task)) return [];
  const [heated, loaded] = [heating(task), heating(task) + loading(task)];
  return [
    { offset: heated, long: loading(task) },
    { offset: loaded + task.minutes, long: unloading(task) },
  ];
}

/** Minutes that a task takes of the person, and of the oven. */
export const minutesOf = (task: Task, resource: Resource): number => {
  if (resource === 'person') return handParts(task).reduce((sum, { long }) => sum + long, 0);
  return task.uses.includes('oven') ? spanOf(task) : 0;
};

/** Ids of the tasks of a circle of needs, in the order of the list; null where there is none. */
export function circleOf(tasks: readonly Pick<Task, 'id' | 'after'>[]): readonly string[] | null {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const state = new Map<string, 'open' | 'shut'>();
  const way: string[] = [];
  const visit = (id: string): readonly string[] | null => {
    if (state.get(id) === 'shut') return null;
    if (state.get(id) === 'open') return way.slice(way.indexOf(id));
    state.set(id, 'open');
    way.push(id);
    for (const need of byId.get(id)?.after ?? []) {
      const found = byId.has(need) ? visit(need) : null;
      if (found !== null) return found;
    }
    way.pop();
    state.set(id, 'shut');
    return null;
  };
  for (const { id } of tasks) {
    const found = visit(id);
    if (found !== null) {
      const circle = new Set(found);
      return tasks.filter((task) => circle.has(task.id)).map((task) => task.id);
    }
  }
  return null;
}

/** Tasks so that none stands before what it needs, otherwise as they come. Throws where they need each other. */
export function inNeedOrder<T extends Pick<Task, 'id' | 'after'>>(
  tasks: readonly T[],
): readonly T[] {
  const circle = circleOf(tasks);
  if (circle !== null) throw new Error(`these tasks need each other: ${circle.join(', ')}`);
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const placed = new Set<string>();
  const ordered: T[] = [];
  const place = (task: T): void => {
    if (placed.has(task.id)) return;
    placed.add(task.id);
    for (const need of task.after) {
      const before = byId.get(need);
      if (before !== undefined) place(before);
    }
    ordered.push(task);
  };
  tasks.forEach(place);
  return ordered;
}
