import * as say from './words.ts';
import type { ColourPlan, ZoneColour } from '../colour/planColour.ts';
import { WEIGHT, type Drawing, type DrawingItem, type PagePoint } from './drawing.ts';
import { wrapped } from './stepsSheet.ts';
import { listDrawing } from './textPages.ts';
import { type TextBlock } from './drawing.ts';

const SWATCH_MM = [16, 9] as const;
/** Between swatches: a colour’s number stays clear of the next on a small screen too. */
const GAP_MM = 13;
const NAME_MM = 50;
const ROW_MM = 18;
const HEAD_MM = 7;
/** From the top of a row to the foot of its swatches, mm. */
const SWATCH_FOOT_MM = 10;
/** Letters of a zone's name that fit beside its swatches. */
const NAME_LETTERS = 30;

/** Every zone's colours in the order of the brush, with the paint each layer takes. */
export function colourCard(colour: ColourPlan): Drawing {
  const most = colour.zones.reduce<readonly string[]>((longest, { layers }) => {
    const names = layers.map(({ rule }) => rule.name);
    return names.length > longest.length ? names : longest;
  }, []);
  const heads = [say.primer, ...most];
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
  const rows = colour.zones.map((zone): TextBlock => ({
    items: zoneRow(zone, colour.primerHex, -SWATCH_FOOT_MM),
    heightMm: ROW_MM,
  }));
  const widthMm = columnX(heads.length) - GAP_MM;
  // Swatches are no measure of anything.
  return listDrawing('colours', say.coloursFromPrimerTo, widthMm, [head, ...rows]);
}

const columnX = (column: number): number => NAME_MM + column * (SWATCH_MM[0] + GAP_MM);

function zoneRow(zoneColour: ZoneColour, primerHex: string, y: number): readonly DrawingItem[] {
  const target = { kind: 'zone', id: zoneColour.zone.id } as const;
  const layer = say.colours(zoneColour.zone.id);
  const text = (at: PagePoint, words: string, sizeMm: number, face: 'label' | 'number') =>
    ({
      kind: 'text',
      ink: face === 'label' ? 'ink' : 'soft',
      layer,
      at,
      text: words,
      sizeMm,
      anchor: 'start',
      face,
      target,
    }) as const;
  const hexes = [primerHex, ...zoneColour.layers.map((layerPlan) => layerPlan.hex)];
  return [
    ...wrapped(zoneColour.zone.name, NAME_LETTERS).map((words, i) =>
      text([0, y + 5 - 3.6 * i], words, 3.2, 'label'),
    ),
    text([0, y - 3.4], zoneColour.sheen === 'wet' ? say.highGloss : zoneColour.sheen, 2.8, 'label'),
    ...hexes.flatMap((hex, i): DrawingItem[] => [
      { kind: 'fill', ink: 'skin', layer, hex, outlines: [swatch(i, y)], target },
      {
        kind: 'line',
        ink: 'skin',
        layer,
        weight: WEIGHT.hair,
        closed: true,
        points: swatch(i, y),
        target,
      },
      text([columnX(i), y - 5], hex, 2.5, 'number'),
    ]),
  ];
}

function swatch(column: number, y: number): readonly PagePoint[] {
  const x = columnX(column);
  const [w, h] = SWATCH_MM;
  return [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ];
}
