import * as say from './words.ts';
import type { ColourPlan, LayerPlan, ZoneColour } from '../../colour/planColour.ts';
import { recipeWords } from '../../colour/recipeText.ts';
import { LAYER_IDS } from '../../colour/schools.ts';
import { WEIGHT, type Drawing, type DrawingItem, type PagePoint } from '../drawing.ts';
import { wrapped } from '../stepsSheet.ts';
import { listDrawing } from '../textPages.ts';
import { type TextBlock } from '../drawing.ts';

const SWATCH_MM = [13, 9] as const;
/** From one layer to the next: the swatch, an empty one beside it, and room for its recipe. */
const COLUMN_MM = 36;
const NAME_MM = 42;
const GROUND_MM = 20;
const ROW_MM = 31;
const HEAD_MM = 7;
/** From the top of a row to the foot of its swatches, mm. */
const SWATCH_FOOT_MM = 10;
/** Letters of a zone's name, and of a recipe, that fit in their columns. */
const NAME_LETTERS = 18;
const RECIPE_LETTERS = 17;

/** Every zone's colours in the order of the brush, with what each is mixed of and a square to paint one's own in. */
export function colourCard(colour: ColourPlan): Drawing {
  const rules = colour.zones.flatMap(({ layers }) => layers.map(({ rule }) => rule));
  const used = LAYER_IDS.flatMap((id) => rules.find((rule) => rule.id === id) ?? []);
  const heads = [say.ground, ...used.map(({ name }) => name)];
  if (colour.zones.some(({ clay }) => clay !== null)) heads.push(say.colouredClay);
  const head: TextBlock = {
    heightMm: HEAD_MM,
    repeat: true,
    items: heads.map((text, i): DrawingItem => ({
      kind: 'text',
      ink: 'soft',
      layer: 'names',
      at: [columnX(i), -HEAD_MM + 2],
      text,
      sizeMm: 3,
      anchor: 'start',
      face: 'label',
    })),
  };
  const ids = used.map(({ id }) => id);
  const rows = colour.zones.map((zone): TextBlock => ({
    items: zoneRow(zone, ids, colour, -SWATCH_FOOT_MM),
    heightMm: ROW_MM,
  }));
  const widthMm = columnX(heads.length);
  // Swatches are no measure of anything.
  return listDrawing('colours', say.coloursFromPrimerTo, widthMm, [head, ...rows, note()]);
}

const columnX = (column: number): number =>
  NAME_MM + (column === 0 ? 0 : GROUND_MM + (column - 1) * COLUMN_MM);

const note = (): TextBlock => ({
  heightMm: 6,
  items: [
    {
      ...{ kind: 'text', ink: 'soft', layer: 'note', at: [0, -4], text: say.screenIsNoPaint },
      ...{ sizeMm: 2.8, anchor: 'start', face: 'label' },
    },
  ],
});

function zoneRow(
  zone: ZoneColour,
  ids: readonly string[],
  colour: ColourPlan,
  y: number,
): readonly DrawingItem[] {
  const target = { kind: 'zone', id: zone.zone.id } as const;
  const layer = say.colours(zone.zone.id);
  const text = (
    at: PagePoint,
    words: string,
    sizeMm: number,
    face: 'label' | 'number',
  ): DrawingItem => ({
    ...{ kind: 'text', ink: face === 'label' ? 'ink' : 'soft', layer, at, text: words },
    ...{ sizeMm, anchor: 'start', face, target },
  });
  const square = (x: number, hex: string | null): readonly DrawingItem[] => [
    ...(hex === null
      ? []
      : [{ kind: 'fill', ink: 'skin', layer, hex, outlines: [swatch(x, y)], target } as const]),
    {
      ...{ kind: 'line', ink: 'skin', layer, weight: WEIGHT.hair, closed: true },
      ...{ points: swatch(x, y), target },
    },
  ];
  const cell = (x: number, hex: string, recipe: LayerPlan['recipe']): readonly DrawingItem[] => [
    ...square(x, hex),
    ...square(x + SWATCH_MM[0] + 1.5, null),
    text([x, y - 4.2], hex, 2.5, 'number'),
    ...(recipe === null
      ? []
      : wrapped(recipeWords(recipe.best, colour), RECIPE_LETTERS).map((words, i) =>
          text([x, y - 8 - 3.1 * i], words, 2.4, 'label'),
        )),
  ];
  return [
    ...wrapped(zone.zone.name, NAME_LETTERS).map((words, i) =>
      text([0, y + 5 - 3.6 * i], words, 3.2, 'label'),
    ),
    text([0, y - 4.2], zone.sheen === 'wet' ? say.highGloss : zone.sheen, 2.8, 'label'),
    ...square(columnX(0), zone.groundHex),
    ...zone.layers.flatMap(({ rule, hex, recipe }) =>
      cell(columnX(1 + ids.indexOf(rule.id)), hex, recipe),
    ),
    ...(zone.clay === null ? [] : cell(columnX(1 + ids.length), zone.hex, zone.clay.recipe)),
  ];
}

function swatch(x: number, y: number): readonly PagePoint[] {
  const [w, h] = SWATCH_MM;
  return [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ];
}
