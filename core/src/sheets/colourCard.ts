import type { ColourPlan, ZoneColour } from '../colour/planColour.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';

const SWATCH_MM = [30, 9] as const;
const GAP_MM = 4;
const NAME_MM = 66;
const ROW_MM = 18;

/** Every zone's colours in the order of the brush, with the paint each layer takes. */
export function colourCard(colour: ColourPlan): Drawing {
  const heads = ['Primer', ...(colour.zones[0]?.layers.map((one) => one.rule.name) ?? [])];
  const items = [
    ...heads.map((head, i): DrawingItem => ({
      kind: 'text',
      ink: 'soft',
      layer: 'names',
      at: [columnX(i), SWATCH_MM[1] + 3],
      text: head,
      sizeMm: 3,
      anchor: 'start',
      face: 'label',
    })),
    ...colour.zones.flatMap((zone, i) => zoneRow(zone, colour.primerHex, -i * ROW_MM)),
  ];
  return fittedDrawing('colours', 'Colours from primer to tips', items, 6);
}

const columnX = (column: number): number => NAME_MM + column * (SWATCH_MM[0] + GAP_MM);

function zoneRow(one: ZoneColour, primerHex: string, y: number): readonly DrawingItem[] {
  const target = { kind: 'zone', id: one.zone.id } as const;
  const layer = `colours ${one.zone.id}`;
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
  const hexes = [primerHex, ...one.layers.map((layerPlan) => layerPlan.hex)];
  return [
    text([0, y + 5], one.zone.name, 3.2, 'label'),
    text([0, y - 1.8], one.sheen === 'wet' ? 'high gloss' : one.sheen, 2.8, 'label'),
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
