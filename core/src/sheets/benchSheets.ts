import * as say from './words.ts';
import { diaryOf } from '../bench/diary.ts';
import type { BenchPlan } from '../bench/planBench.ts';
import type { Booking } from '../bench/schedulePlan.ts';
import type { Plan } from '../planTypes.ts';
import { quantityText } from '../units/quantity.ts';
import { sentenceText } from '../piece/step.ts';
import type { Working } from '../piece/working.ts';
import type { Drawing } from './drawing.ts';
import { wordSheet } from './wordSheet.ts';

const shown = ({ value, unit, digits }: Working): string =>
  quantityText(value, unit, 'metric', digits);

/** The diary of a piece, day by day, and at its end what was planned against what came out. */
export function diarySheet({ piece }: Plan, bench: BenchPlan): Drawing {
  const entries = diaryOf(piece, bench.steps);
  const days = [...new Set(entries.map(({ at }) => at.slice(0, 10)))];
  return wordSheet('diary', say.diaryOf(piece.name), [
    ...days.map((day) => ({
      heading: day,
      lines: entries
        .filter(({ at }) => at.startsWith(day))
        .map(({ at, title, words, minutes }) => ({
          text: [at.slice(11), title, words].filter(Boolean).join(' · '),
          right: minutes === null ? '' : say.minutesShort(minutes),
        })),
    })),
    {
      heading: say.plannedAndCame,
      lines: bench.cameOut.map(({ planned, came }) => ({
        text: planned.label,
        right: `${shown(planned)} / ${came === null ? '–' : quantityText(came, planned.unit, 'metric', planned.digits)}`,
      })),
    },
  ]);
}

/** The plan of so many days with work: what is done when, by day. */
export function weekSheet(
  bookings: readonly Booking[],
  nameOf: (piece: string) => string,
  most = 7,
): Drawing {
  const days = [...new Set(bookings.map(({ start }) => start.slice(0, 10)))].slice(0, most);
  return wordSheet(
    'week',
    say.planOfWeek,
    days.map((day) => ({
      heading: day,
      lines: bookings
        .filter(({ start }) => start.startsWith(day))
        .map(({ start, end, title, part, parts, piece }) => ({
          text: `${start.slice(11)}–${end.slice(11)} ${title}${parts > 1 ? ` (${part}/${parts})` : ''}`,
          right: nameOf(piece),
        })),
    })),
  );
}

/** What goes with a finished piece: box, weak places, care, and what it is made of. */
export function careSheet({ piece }: Plan, { keeping }: BenchPlan): Drawing {
  const list = (all: readonly string[]) => all.map((text) => ({ text }));
  return wordSheet('care', say.careOf(piece.name), [
    { heading: say.howItIsKept, lines: list(keeping.care) },
    { heading: say.weakPlaces, lines: list(keeping.weak.map((weak) => sentenceText(weak))) },
    {
      heading: say.howItIsPacked,
      lines: [
        ...keeping.box.map((working) => ({ text: working.label, right: shown(working) })),
        ...list(keeping.pack),
      ],
    },
    { heading: say.whatItIsMadeOf, lines: list(keeping.madeOf) },
  ]);
}
