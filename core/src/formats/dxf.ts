import * as say from './words.ts';
import {
  DxfWriter,
  LWPolylineFlags,
  point2d,
  point3d,
  TextHorizontalAlignment,
  Units,
} from '@tarikjabiri/dxf';
import type { Drawing, DrawingItem, PagePoint } from '../sheets/drawing.ts';

/** Layer names as every reader takes them: capitals, digits and a few signs, at most 31 of them. */
export const dxfLayer = (layer: string): string =>
  layer
    .toUpperCase()
    .replace(/[^A-Z0-9$_-]+/g, '_')
    .slice(0, 31);

/** White on black, black on white, as the format's reference has it. */
const INK = 7;
const ANCHOR = {
  start: TextHorizontalAlignment.Left,
  middle: TextHorizontalAlignment.Center,
  end: TextHorizontalAlignment.Right,
} as const;

/** A thousandth of a micrometre loses nothing. */
const num = (value: number): number => Math.round(value * 1e6) / 1e6;
const at = ([x, y]: PagePoint) => point3d(num(x), num(y));

/**
 * A drawing as a DXF file: true millimetres at 1:1 of the model, y up as drawn, one layer for each of
 * the drawing's. Outlines are closed polylines; fills and pen widths are left to the reading program.
 */
export function drawingDxf(drawing: Drawing): string {
  const file = new DxfWriter();
  const { min, max } = drawing.box;
  file.setUnits(Units.Millimeters);
  file.setVariable('$MEASUREMENT', { 70: 1 });
  file.setVariable('$LASTSAVEDBY', { 1: say.keenSinew });
  file.setVariable('$EXTMIN', { 10: num(min[0]), 20: num(min[1]), 30: 0 });
  file.setVariable('$EXTMAX', { 10: num(max[0]), 20: num(max[1]), 30: 0 });
  for (const layer of new Set(drawing.items.map((item) => dxfLayer(item.layer))))
    file.addLayer(layer, INK, 'Continuous');
  for (const item of drawing.items) addItem(file, item);
  return file.stringify();
}

function addItem(file: DxfWriter, item: DrawingItem): void {
  const layerName = dxfLayer(item.layer);
  switch (item.kind) {
    case 'line':
      return addLine(file, item.points, item.closed === true, layerName);
    case 'union':
    case 'fill':
      for (const outline of item.outlines) addLine(file, outline, true, layerName);
      return;
    case 'circle':
      file.addCircle(at(item.at), num(item.radius), { layerName });
      return;
    case 'text':
      file.addText(at(item.at), item.sizeMm, item.text, {
        layerName,
        rotation: item.rotateDeg ?? 0,
        horizontalAlignment: ANCHOR[item.anchor],
        secondAlignmentPoint: at(item.at),
      });
  }
}

function addLine(
  file: DxfWriter,
  points: readonly PagePoint[],
  closed: boolean,
  layerName: string,
): void {
  const [from, to] = points;
  if (from === undefined || to === undefined) return;
  if (points.length === 2) file.addLine(at(from), at(to), { layerName });
  else
    file.addLWPolyline(
      points.map(([x, y]) => ({ point: point2d(num(x), num(y)) })),
      { layerName, flags: closed ? LWPolylineFlags.Closed : LWPolylineFlags.None },
    );
}
