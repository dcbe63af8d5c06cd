import * as say from './words.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import { recipeWords } from '../colour/recipeText.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import { csvText, type Cell } from './csv.ts';

/** A colour of a palette, and what it is called. */
export interface PaletteColour {
  readonly name: string;
  readonly hex: string;
}

/** A palette in the text form that open drawing programs share: a head, then red, green, blue and a name a line. */
export const paletteGpl = (name: string, colours: readonly PaletteColour[]): string =>
  [
    'GIMP Palette',
    `Name: ${oneLine(name)}`,
    'Columns: 4',
    '#',
    ...colours.map(({ name: of, hex }) => {
      const rgb = [1, 3, 5].map((at) => String(Number.parseInt(hex.slice(at, at + 2), 16)));
      return `${rgb.map((part) => part.padStart(3)).join(' ')}\t${oneLine(of)}`;
    }),
    '',
  ].join('\n');

const oneLine = (text: string): string => text.replaceAll(/\s+/gu, ' ').trim();

const MOST_COLOURS = 120;

/** Reads such a palette. Refused where its head is missing, a line is no colour, or there are too many. */
export function readPalette(text: string): Parsed<readonly PaletteColour[]> {
  const lines = text.split(/\r?\n/u);
  if (lines[0]?.trim() !== 'GIMP Palette')
    return refused(say.palette, lines[0] ?? '', say.headOfPalette);
  const colours: PaletteColour[] = [];
  for (const line of lines.slice(1)) {
    if (line.trim() === '' || /^(#|name:|columns:)/iu.test(line.trim())) continue;
    const match = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/u.exec(line);
    const rgb = match === null ? [] : [match[1], match[2], match[3]].map(Number);
    if (rgb.length === 0 || rgb.some((part) => part > 255))
      return refused(say.lineOfPalette, line, say.threeNumbersAndName);
    const hex = `#${rgb.map((part) => part.toString(16).padStart(2, '0')).join('')}`;
    colours.push({ hex, name: match?.[4]?.trim() || hex });
  }
  if (colours.length === 0 || colours.length > MOST_COLOURS)
    return refused(say.coloursOfPalette, colours.length, say.coloursUpTo(MOST_COLOURS));
  return accepted(colours);
}

/** The colours of a piece as a palette: every zone's layers, then its tubes. */
export const pieceColours = ({ zones, tubes }: ColourPlan): readonly PaletteColour[] => [
  ...zones.flatMap(({ zone, hex, layers }) =>
    layers.length === 0
      ? [{ name: zone.name, hex }]
      : layers.map(({ rule, hex: of }) => ({ name: `${zone.name}, ${rule.name}`, hex: of })),
  ),
  ...(tubes ?? []).map(({ tube: { name, hex } }) => ({ name, hex })),
];

/** Every layer with its recipe as CSV, one row a layer of a zone. */
export function recipesCsv(colour: ColourPlan): string {
  const rows = colour.zones.flatMap(({ zone, school, layers, clay, hex }): (readonly Cell[])[] => [
    ...layers.map(({ rule, hex: of, ml, water, recipe, look }): readonly Cell[] => [
      zone.name,
      school,
      rule.name,
      of,
      recipe === null ? '' : recipeWords(recipe.best, colour),
      recipe?.best.hex ?? '',
      recipe === null ? undefined : Number(recipe.best.difference.toFixed(2)),
      Number(ml.value.toFixed(3)),
      ml.unit,
      water === null ? undefined : Number(water.value.toFixed(3)),
      look?.coats,
      look?.mean ?? '',
    ]),
    ...(clay === null
      ? []
      : [
          [
            ...[zone.name, school, '', hex],
            clay.recipe === null ? '' : recipeWords(clay.recipe.best, colour),
            clay.recipe?.best.hex ?? '',
            clay.recipe === null ? undefined : Number(clay.recipe.best.difference.toFixed(2)),
            ...[Number(clay.grams.value.toFixed(3)), clay.grams.unit, undefined, undefined, ''],
          ] as readonly Cell[],
        ]),
  ]);
  return csvText(
    [
      ...['zone', 'way', 'layer', 'aim', 'mix', 'mix_looks', 'off_dE00'],
      ...['amount', 'unit', 'water_ml', 'coats', 'looks_after'],
    ],
    rows,
  );
}
