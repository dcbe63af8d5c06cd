import * as say from './words.ts';
import { accepted, refused, type Parsed } from './problem.ts';

/** A stretch of a day, minutes of it. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

const MOST = 4;
/** Full hours by themselves, others with their minutes. */
const clock = (minute: number): string => {
  const [hour, rest] = [String(Math.floor(minute / 60)), minute % 60];
  return rest === 0 ? hour : `${hour}:${String(rest).padStart(2, '0')}`;
};

/** Stretches as one writes them: 9–12, 13:30–17; a dash for none. */
export const stretchesText = (all: readonly Stretch[]): string =>
  all.map(({ from, to }) => `${clock(from)}–${clock(to)}`).join(', ') || '–';

/** Reads them: hours and minutes, or hours alone, joined by a dash; in order, none over another, at most four. */
export function parseStretches(text: string, name: string): Parsed<Stretch[]> {
  if (/^[\s–-]*$/u.test(text)) return accepted([]);
  const parts = text.split(',').map((part) => {
    const match = /^\s*(\d{1,2})(?:[:.](\d{2}))?\s*[–-]\s*(\d{1,2})(?:[:.](\d{2}))?\s*$/u.exec(
      part,
    );
    if (match === null) return null;
    const [from, to] = [
      Number(match[1]) * 60 + Number(match[2] ?? 0),
      Number(match[3]) * 60 + Number(match[4] ?? 0),
    ];
    const areMinutes = Number(match[2] ?? 0) < 60 && Number(match[4] ?? 0) < 60;
    return areMinutes && from < to && to <= 24 * 60 ? { from, to } : null;
  });
  const all = parts.filter((part) => part !== null);
  const areInOrder = all.every(({ from }, i) => i === 0 || from >= all[i - 1]!.to);
  return all.length === parts.length && areInOrder && all.length <= MOST
    ? accepted(all)
    : refused(name, text, say.stretchesSuchAs);
}
