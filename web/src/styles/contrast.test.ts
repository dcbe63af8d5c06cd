import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const css = readFileSync(new URL('./tokens.css', import.meta.url), 'utf8');

/** The colours of one rule of tokens.css, by name. */
function palette(selector: string): Readonly<Record<string, string>> {
  const body = css.slice(css.indexOf(`${selector} {`)).split('}')[0] ?? '';
  return Object.fromEntries(
    [...body.matchAll(/--([a-z-]+): (#[0-9a-f]{6})/g)].map(([, name, hex]) => [name, hex]),
  ) as Record<string, string>;
}

/** Relative luminance and contrast ratio of WCAG 2.1. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const c = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}
function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

const TEXT = ['ink', 'soft', 'verdigris', 'rust', 'ochre', 'slate'];

describe.each([
  ['paper by day', ':root'],
  ['the night bench', ":root[data-theme='night']"],
])('%s', (_, selector) => {
  const colours = palette(selector);

  it.each(['paper', 'sheet'])('has text of at least 4.5:1 on its %s', (ground) => {
    for (const name of TEXT)
      expect(contrast(colours[name]!, colours[ground]!), name).toBeGreaterThanOrEqual(4.5);
  });

  it('has readable words on its buttons and on what is picked', () => {
    expect(contrast(colours['sheet']!, colours['verdigris']!)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(colours['sheet']!, colours['ink']!)).toBeGreaterThanOrEqual(4.5);
    for (const name of ['ink', 'ochre', 'verdigris', 'soft'])
      expect(contrast(colours[name]!, colours['verdigris-wash']!), name).toBeGreaterThanOrEqual(
        4.5,
      );
  });
});
