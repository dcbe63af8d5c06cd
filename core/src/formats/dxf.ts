import type { Drawing, DrawingItem, PagePoint } from '../sheets/drawing.ts';

/** A group of a DXF file: its code and its value. */
type Group = readonly [code: number, value: string | number];

/** A thousandth of a micrometre loses nothing. */
const num = (value: number): string => (Math.round(value * 1e6) / 1e6).toString();
const text = (groups: readonly Group[]): string =>
  groups
    .map(([code, value]) => `${code}\n${typeof value === 'number' ? num(value) : value}`)
    .join('\n');

/** Layer names of the old format: capitals, digits and a few signs, at most 31 of them. */
export const dxfLayer = (layer: string): string =>
  layer
    .toUpperCase()
    .replace(/[^A-Z0-9$_-]+/g, '_')
    .slice(0, 31);

/** Letters outside the old format's character set, by their code as the format writes it. */
const plainText = (value: string): string =>
  [...value]
    .map((letter) => {
      const code = letter.codePointAt(0)!;
      if (letter === '°') return '%%d';
      return code > 126 || code < 32
        ? `\\U+${code.toString(16).toUpperCase().padStart(4, '0')}`
        : letter;
    })
    .join('');

/**
 * A drawing as a DXF file (release 12, the most widely read; group codes as the format's reference
 * lists them): true millimetres at 1:1 of the model, y up as drawn, one layer for each of the
 * drawing's. Outlines are closed polylines; fills and pen widths are left to the reading program.
 */
export function drawingDxf(drawing: Drawing): string {
  const layers = [...new Set(drawing.items.map(({ layer }) => dxfLayer(layer)))];
  const [min, max] = [drawing.box.min, drawing.box.max];
  const header: readonly Group[] = [
    [999, `${plainText(drawing.title)}, 1:1 of the model, millimetres`],
    [0, 'SECTION'],
    [2, 'HEADER'],
    [9, '$ACADVER'],
    [1, 'AC1009'],
    [9, '$INSUNITS'],
    [70, 4],
    [9, '$MEASUREMENT'],
    [70, 1],
    [9, '$EXTMIN'],
    [10, min[0]],
    [20, min[1]],
    [9, '$EXTMAX'],
    [10, max[0]],
    [20, max[1]],
    [0, 'ENDSEC'],
    [0, 'SECTION'],
    [2, 'TABLES'],
    [0, 'TABLE'],
    [2, 'LAYER'],
    [70, layers.length],
    ...layers.flatMap((name): readonly Group[] => [
      [0, 'LAYER'],
      [2, name],
      [70, 0],
      [62, 7],
      [6, 'CONTINUOUS'],
    ]),
    [0, 'ENDTAB'],
    [0, 'ENDSEC'],
    [0, 'SECTION'],
    [2, 'ENTITIES'],
  ];
  const end: readonly Group[] = [
    [0, 'ENDSEC'],
    [0, 'EOF'],
  ];
  return `${text([...header, ...drawing.items.flatMap(entity), ...end])}\n`;
}

const ANCHOR = { start: 0, middle: 1, end: 2 } as const;

function entity(item: DrawingItem): readonly Group[] {
  const layer = dxfLayer(item.layer);
  switch (item.kind) {
    case 'line':
      return lines(item.points, item.closed === true, layer);
    case 'union':
    case 'fill':
      return item.outlines.flatMap((outline) => lines(outline, true, layer));
    case 'circle':
      return [
        [0, 'CIRCLE'],
        [8, layer],
        [10, item.at[0]],
        [20, item.at[1]],
        [30, 0],
        [40, item.radius],
      ];
    case 'text':
      return [
        [0, 'TEXT'],
        [8, layer],
        [10, item.at[0]],
        [20, item.at[1]],
        [30, 0],
        [40, item.sizeMm],
        [1, plainText(item.text)],
        [50, item.rotateDeg ?? 0],
        [72, ANCHOR[item.anchor]],
        [11, item.at[0]],
        [21, item.at[1]],
        [31, 0],
      ];
  }
}

function lines(points: readonly PagePoint[], closed: boolean, layer: string): readonly Group[] {
  const [from, to] = points;
  if (from === undefined || to === undefined) return [];
  if (points.length === 2)
    return [
      [0, 'LINE'],
      [8, layer],
      [10, from[0]],
      [20, from[1]],
      [30, 0],
      [11, to[0]],
      [21, to[1]],
      [31, 0],
    ];
  return [
    [0, 'POLYLINE'],
    [8, layer],
    [66, 1],
    [70, closed ? 1 : 0],
    [10, 0],
    [20, 0],
    [30, 0],
    ...points.flatMap(([x, y]): readonly Group[] => [
      [0, 'VERTEX'],
      [8, layer],
      [10, x],
      [20, y],
      [30, 0],
    ]),
    [0, 'SEQEND'],
    [8, layer],
  ];
}
