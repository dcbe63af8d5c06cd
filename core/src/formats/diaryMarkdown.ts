import * as say from './words.ts';
import { diaryOf } from '../bench/diary.ts';
import type { BenchPlan } from '../bench/planBench.ts';
import type { Lesson } from '../workshop/workshopSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { quantityText } from '../units/quantity.ts';

/** Signs that Markdown would take for its own. */
const SIGNS = /[\\`*_{}[\]<>#|!]/g;
const plain = (text: string): string => text.replace(SIGNS, '\\$&').replace(/\s+/g, ' ');

/** What is told of each picture: its place in the archive, from its id; null where it is not there. */
export type PictureFile = (picture: string) => string | null;

/**
 * The diary of a piece as Markdown: its days with their steps, notes, attempts, bakes and pictures, what was planned
 * against what came out, and what was learnt.
 */
export function diaryMarkdown(
  piece: Workpiece,
  bench: BenchPlan,
  lessons: readonly Lesson[],
  fileOf: PictureFile,
): string {
  const entries = diaryOf(piece, bench.steps);
  const days = [...new Set(entries.map(({ at }) => at.slice(0, 10)))];
  const lines = [
    `# ${plain(piece.name)}`,
    ...(piece.place === '' ? [] : [plain(piece.place)]),
    ...days.flatMap((day) => [
      `## ${day}`,
      ...entries
        .filter(({ at }) => at.startsWith(day))
        .flatMap(({ at, title, words, minutes, picture }) => {
          const head = [at.slice(11), `**${plain(title)}**`].filter(Boolean).join(' ');
          const tail = minutes === null ? '' : ` (${minutes} min)`;
          const file = picture === null ? null : fileOf(picture);
          return [
            `- ${head}${words === '' ? '' : `: ${plain(words)}`}${tail}`,
            ...(file === null ? [] : [`  ![${plain(title)}](${file})`]),
          ];
        }),
    ]),
    `## ${say.plannedAgainstCame}`,
    [
      `| | ${say.planned} | ${say.cameOut} |`,
      '|---|---:|---:|',
      ...bench.cameOut.map(({ planned, came }) => {
        const as = (value: number): string =>
          quantityText(value, planned.unit, 'metric', planned.digits);
        return `| ${plain(planned.label)} | ${as(planned.value)} | ${came === null ? '–' : as(came)} |`;
      }),
    ].join('\n'),
    ...(lessons.length === 0
      ? []
      : [`## ${say.learnt}`, ...lessons.map(({ on, words }) => `- ${on}: ${plain(words)}`)]),
  ];
  return `${lines.join('\n\n')}\n`;
}
