import * as say from './words.ts';
import type { LogKind } from '../piece/benchSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { StepPlan } from './stepPlan.ts';

/** What stands in the diary of a piece on a day. */
export interface DiaryEntry {
  readonly id: string;
  /** The day; with the minute where it is known: 2026-05-30T14:05. */
  readonly at: string;
  readonly kind: LogKind | 'step' | 'bake' | 'defect';
  readonly title: string;
  readonly words: string;
  readonly minutes: number | null;
  readonly picture: string | null;
}

/** Ticked steps, the log, bakes and what went wrong with them, oldest first; on one day what has an hour comes last. */
export function diaryOf(
  { bench, cure }: Pick<Workpiece, 'bench' | 'cure'>,
  steps: readonly Pick<StepPlan, 'id' | 'title'>[],
): readonly DiaryEntry[] {
  const titleOf = (id: string): string => steps.find((step) => step.id === id)?.title ?? id;
  const entries: readonly DiaryEntry[] = [
    ...Object.entries(bench.done).map(([id, { on, minutes, note }]) => ({
      ...{ id: `step.${id}`, at: on, kind: 'step' as const, title: titleOf(id), words: note },
      ...{ minutes, picture: null },
    })),
    ...bench.log.map(({ id, at, kind, step, words, minutes, picture }) => ({
      ...{ id, at, kind, words, minutes, picture },
      title: step === null ? say.LOG_WORDS[kind] : titleOf(step),
    })),
    ...cure.log.map(({ id, bake, on, dialC, readings, note }) => ({
      ...{ id: `bake.${id}`, at: on, kind: 'bake' as const, title: say.bakeOf(bake) },
      words: [
        say.dialAt(dialC),
        say.hottestAt(Math.max(...readings.map(({ airC }) => airC))),
        ...(note === '' ? [] : [note]),
      ].join('; '),
      ...{ minutes: readings.at(-1)!.min, picture: null },
    })),
    ...cure.defects.map(({ id, kind, where, on }) => ({
      ...{ id: `defect.${id}`, at: on, kind: 'defect' as const, title: say.wentWrong },
      ...{ words: where === '' ? kind : `${kind}, ${where}`, minutes: null, picture: null },
    })),
  ];
  return entries.toSorted((a, b) => a.at.localeCompare(b.at));
}

/** Entries that have all words of a search, in any order, large letters as small ones. */
export function foundIn(entries: readonly DiaryEntry[], search: string): readonly DiaryEntry[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return entries.filter((entry) => {
    const text = `${entry.at} ${entry.title} ${entry.words}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
}
