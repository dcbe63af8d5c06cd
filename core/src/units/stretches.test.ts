import { describe, expect, it } from 'vitest';
import { parseStretches, stretchesText } from './stretches.ts';

const read = (text: string) => parseStretches(text, 'Hours on Monday');

describe('stretches of a day', () => {
  it('are read as they are written, and as people write them', () => {
    const two = [
      { from: 540, to: 720 },
      { from: 780, to: 1020 },
    ];
    expect(stretchesText(two)).toBe('9–12, 13–17');
    expect(stretchesText([{ from: 545, to: 735 }])).toBe('9:05–12:15');
    expect(stretchesText([])).toBe('–');
    for (const text of [
      stretchesText(two),
      '9-12, 13-17',
      '9:00–12:00, 13:00–17:00',
      ' 9.00 - 12.00 ,13:00–17',
    ])
      expect(read(text)).toEqual({ ok: true, value: two });
    for (const text of ['', ' – ']) expect(read(text)).toEqual({ ok: true, value: [] });
    expect(read('20:30–24')).toEqual({ ok: true, value: [{ from: 1230, to: 1440 }] });
  });

  it.each(['12–9', '9–12, 11–13', '9:75–12', '9–25', 'morning', '1–2,3–4,5–6,7–8,9–10'])(
    'refuses %s with a sentence',
    (text) => {
      const problem = read(text);
      expect(problem.ok).toBe(false);
      if (!problem.ok) expect(problem.problem.received).toContain(text.slice(0, 4));
    },
  );
});
