import { writeFileSync } from 'node:fs';
import { Color, mix } from 'spectral.js';
import { encodedRgb, hexToOklch, linearRgb } from '../core/src/colour/colourSpaces.ts';
import { hexOfSpectrum } from '../core/src/colour/labOf.ts';
import { insideMix, mixed, pigmentOf, seenOf } from '../core/src/colour/pigments.ts';

/**
 * Draws what mixes of two colours look like from one to the other, three ways: as this project reckons them, as a
 * pigment model from the registry does, and as the plain mean of their light; lightness over share.
 * `npm run curves` writes docs/mixing-curves.svg.
 */
type Rgb = Parameters<typeof linearRgb>[0];
const PAIRS = [
  ['Ultramarine', '#2b2f77', 'Warm yellow', '#f0b41c'],
  ['Titanium white', '#f7f6f1', 'Bone black', '#26231f'],
  ['Yellow ochre', '#bd8a3a', 'Ultramarine', '#2b2f77'],
  ['Warm red', '#b7261d', 'Titanium white', '#f7f6f1'],
] as const;
const STEPS = 16;
const [WIDE, HIGH, GAP, LEFT, TOP] = [300, 150, 96, 56, 44];

const pigment = (id: string, hex: string) =>
  pigmentOf({ id, hex, tint: null, opacity: 'opaque', card: null });
const rgbOf = (hex: string): Rgb =>
  [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255) as unknown as Rgb;
const hexOf = (rgb: Rgb): string =>
  `#${rgb
    .map((v) =>
      Math.round(255 * v)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** The three ways to mix, each by the share of the second. */
const WAYS: readonly (readonly [name: string, of: (a: string, b: string, s: number) => string])[] =
  [
    [
      'this project',
      (a, b, s) =>
        hexOfSpectrum(seenOf(insideMix(mixed([pigment('a', a), pigment('b', b)], [1 - s, s])))),
    ],
    [
      'pigment model of the registry',
      (a, b, s) => mix([new Color(a), 1 - s], [new Color(b), s]).toString(),
    ],
    [
      'mean of their light',
      (a, b, s) => {
        const [one, other] = [linearRgb(rgbOf(a)), linearRgb(rgbOf(b))];
        return hexOf(encodedRgb(one.map((v, i) => (1 - s) * v + s * other[i]!) as unknown as Rgb));
      },
    ],
  ];
const DASHES = ['none', '7 3', '2 3'];

const panels = PAIRS.map(([nameA, a, nameB, b], n) => {
  const top = TOP + n * (HIGH + GAP);
  const rows = WAYS.map(([name, of], w) => {
    const mixes = Array.from({ length: STEPS + 1 }, (_, i) => of(a, b, i / STEPS));
    const line = mixes
      .map(
        (hex, i) =>
          `${LEFT + (i / STEPS) * WIDE},${(top + HIGH * (1 - hexToOklch(hex)![0])).toFixed(1)}`,
      )
      .join(' ');
    const squares = mixes
      .map(
        (hex, i) =>
          `<rect x="${LEFT + WIDE + 40 + i * 15}" y="${top + w * 44}" width="15" height="26" fill="${hex}"/>`,
      )
      .join('');
    return `<polyline points="${line}" fill="none" stroke="#2d2a26" stroke-width="1.6" stroke-dasharray="${DASHES[w]}"/>${squares}<text x="${LEFT + WIDE + 40}" y="${top + w * 44 + 38}">${name}</text>`;
  }).join('');
  const frame = `<rect x="${LEFT}" y="${top}" width="${WIDE}" height="${HIGH}" fill="none" stroke="#b9b1a2"/>`;
  const words = `<text x="${LEFT}" y="${top - 8}">${nameA} to ${nameB}</text><text x="${LEFT}" y="${top + HIGH + 16}">share of the second, 0 to 1</text><text x="6" y="${top + 10}">L 1</text><text x="6" y="${top + HIGH}">L 0</text>`;
  return frame + words + rows;
}).join('\n');
const height = TOP + PAIRS.length * (HIGH + GAP);
const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 700 ${height}" font-family="sans-serif" font-size="12" fill="#2d2a26"><rect width="700" height="${height}" fill="#faf6ee"/><text x="${LEFT}" y="18" font-size="13">Lightness in OKLab; solid: this project, dashed: model of the registry, dotted: mean of their light</text>\n${panels}\n</svg>\n`;
writeFileSync(new URL('../docs/mixing-curves.svg', import.meta.url), svg);
