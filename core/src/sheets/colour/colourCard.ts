import * as say from './words.ts';
import type { ColourPlan, LayerPlan, ZoneColour } from '../../colour/planColour.ts';
import { recipeWords } from '../../colour/recipeText.ts';
import { WEIGHT, type Drawing, type DrawingItem, type PagePoint } from '../drawing.ts';
import { wrapped } from '../stepsSheet.ts';
import { listDrawing } from '../textPages.ts';
import { type TextBlock } from '../drawing.ts';

const SWATCH_MM = [13, 9] as const;
/** From one colour to the next: the swatch, an empty one beside it, and room for its recipe. */
const COLUMN_MM = 32;
const NAME_MM = 36;
const GROUND_MM = 17;
/** So many colours stand beside each other; more go on below. */
const IN_A_ROW = 4;
const ROW_MM = 34;
/** From the top of a row to the foot of its swatches, and to the name of its colour, mm. */
const SWATCH_FOOT_MM = 14;
const NAME_FOOT_MM = 3.6;
/** Letters of a zone's name, and of a recipe, that fit in their columns. */
const NAME_LETTERS = 17;
const RECIPE_LETTERS = 17;

/** A colour of a zone: the ground under it, a layer on it, or the clay that it is of. */
interface CardCell {
  readonly name: string;
  readonly hex: string;
  readonly recipe: LayerPlan['recipe'];
  /** Whether it has a square to paint one's own beside. */
  readonly painted: boolean;
}

/** Every zone's colours in the order of the brush, with what each is mixed of and a square to paint one's own in. */
export function colourCard(colour: ColourPlan): Drawing {
  const rows = colour.zones.map((zone): TextBlock => zoneBlock(zone, colour));
  const widthMm = columnX(IN_A_ROW) + COLUMN_MM;
  // Swatches are no measure of anything.
  return listDrawing('colours', say.coloursFromPrimerTo, widthMm, [...rows, note()]);
}

/** Where a colour stands: 0 for the ground. */
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

const cellsOf = ({ layers, clay, hex }: ZoneColour): readonly CardCell[] => [
  ...layers.map(({ rule, hex: of, recipe }) => ({
    ...{ name: rule.name, hex: of, recipe, painted: true },
  })),
  ...(clay === null ? [] : [{ name: say.colouredClay, hex, recipe: clay.recipe, painted: true }]),
];

function zoneBlock(zone: ZoneColour, colour: ColourPlan): TextBlock {
  const { target } = zone.zone;
  const layer = say.colours(zone.zone.id);
  const text = (
    at: PagePoint,
    words: string,
    sizeMm: number,
    face: 'label' | 'number',
    ink: 'ink' | 'soft' = face === 'label' ? 'ink' : 'soft',
  ): DrawingItem => ({
    ...{ kind: 'text', ink, layer, at, text: words },
    ...{ sizeMm, anchor: 'start', face, target },
  });
  const square = (x: number, y: number, hex: string | null): readonly DrawingItem[] => [
    ...(hex === null
      ? []
      : [{ kind: 'fill', ink: 'skin', layer, hex, outlines: [swatch(x, y)], target } as const]),
    {
      ...{ kind: 'line', ink: 'skin', layer, weight: WEIGHT.hair, closed: true },
      ...{ points: swatch(x, y), target },
    },
  ];
  const cell = (column: number, row: number, of: CardCell): readonly DrawingItem[] => {
    const [x, top] = [columnX(column), -row * ROW_MM];
    const y = top - SWATCH_FOOT_MM;
    return [
      text([x, top - NAME_FOOT_MM], of.name, 2.8, 'label', 'soft'),
      ...square(x, y, of.hex),
      ...(of.painted ? square(x + SWATCH_MM[0] + 1.5, y, null) : []),
      text([x, y - 4.2], of.hex, 2.5, 'number'),
      ...(of.recipe === null
        ? []
        : wrapped(recipeWords(of.recipe.best, colour), RECIPE_LETTERS).map((words, i) =>
            text([x, y - 8 - 3.1 * i], words, 2.4, 'label'),
          )),
    ];
  };
  const cells = cellsOf(zone);
  const name = wrapped(zone.zone.name, NAME_LETTERS);
  const ground = { name: say.ground, hex: zone.groundHex, recipe: null, painted: false };
  return {
    heightMm: ROW_MM * Math.max(1, Math.ceil(cells.length / IN_A_ROW)),
    items: [
      ...name.map((words, i) => text([0, -9 - 3.6 * i], words, 3.2, 'label')),
      text(
        [0, -9 - 3.6 * name.length],
        zone.sheen === 'wet' ? say.highGloss : zone.sheen,
        2.8,
        'label',
        'soft',
      ),
      ...cell(0, 0, ground),
      ...cells.flatMap((of, i) => cell(1 + (i % IN_A_ROW), Math.floor(i / IN_A_ROW), of)),
    ],
  };
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
