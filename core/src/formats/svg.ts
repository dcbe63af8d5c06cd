import * as say from './words.ts';
import { drawingSize, type Drawing, type DrawingItem, type PagePoint } from '../sheets/drawing.ts';
import { FILL_HEX, INK_HEX } from '../sheets/inks.ts';

const FAMILY = {
  label: say.atkinsonHyperlegibleNextVerdana,
  number: say.atkinsonHyperlegibleMonoCourier,
  title: say.alegreyaGeorgiaSerif,
} as const;
/** Dash and gap in mm, as on the printed sheets. */
const DASH = '1.6 1.1';

/**
 * A drawing as an SVG file in true millimetres: width, height and viewBox are in mm, so that it
 * prints and imports at 1:1 of the model. Layers become groups with their names.
 */
export function drawingSvg(drawing: Drawing): string {
  const [width, height] = drawingSize(drawing).map(num) as [string, string];
  const layers = [...new Set(drawing.items.map((item) => item.layer))];
  const groups = layers.map((layer) => {
    const items = drawing.items.filter((item) => item.layer === layer);
    return `<g data-layer="${escaped(layer)}">\n${items.map((item) => itemSvg(item, drawing)).join('\n')}\n</g>`;
  });
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" fill="none" stroke-linecap="round" stroke-linejoin="round">`,
    say.titleOfModelTitle(escaped(drawing.title)),
    ...groups,
    '</svg>\n',
  ].join('\n');
}

/** A micrometre is enough, and keeps files small. */
const num = (value: number): string => String(Math.round(value * 1000) / 1000);

/** Page millimetres with y down, from the upper left corner of the drawing. */
const place = ([x, y]: PagePoint, { box }: Drawing): readonly [string, string] => [
  num(x - box.min[0]),
  num(box.max[1] - y),
];

function path(points: readonly PagePoint[], closed: boolean, drawing: Drawing): string {
  const steps = points.map(
    (point, i) => `${i === 0 ? 'M' : 'L'}${place(point, drawing).join(' ')}`,
  );
  return steps.join('') + (closed ? 'Z' : '');
}

function itemSvg(item: DrawingItem, drawing: Drawing): string {
  const ink = INK_HEX[item.ink];
  const fill = FILL_HEX[item.ink] ?? ink;
  switch (item.kind) {
    case 'line': {
      const d = path(item.points, item.closed === true, drawing);
      const dash = item.dashed ? ` stroke-dasharray="${DASH}"` : '';
      return `<path d="${d}" stroke="${ink}" stroke-width="${item.weight}"${dash}${item.filled ? ` fill="${fill}"` : ''}/>`;
    }
    case 'circle': {
      const [cx, cy] = place(item.at, drawing);
      return `<circle cx="${cx}" cy="${cy}" r="${num(item.radius)}" stroke="${ink}" stroke-width="${item.weight}" fill="${item.filled ? ink : '#ffffff'}"/>`;
    }
    case 'union': {
      const d = item.outlines.map((outline) => path(outline, true, drawing)).join('');
      return `<path d="${d}" stroke="${ink}" stroke-width="${item.weight * 2}"/>\n<path d="${d}" fill="${fill}"/>`;
    }
    case 'fill': {
      const d = item.outlines.map((outline) => path(outline, true, drawing)).join('');
      return `<path d="${d}" fill="${item.hex ?? fill}"/>`;
    }
    case 'text': {
      const [x, y] = place(item.at, drawing);
      const turned = item.rotateDeg ? ` transform="rotate(${-item.rotateDeg} ${x} ${y})"` : '';
      return `<text x="${x}" y="${y}" font-size="${item.sizeMm}" font-family="${FAMILY[item.face]}" text-anchor="${item.anchor}" fill="${ink}"${turned}>${escaped(item.text)}</text>`;
    }
  }
}

/** Signs that no XML may hold, not even as an entity (XML 1.0, 2.2 Characters), and halves of pairs. */
const FORBIDDEN = /[^\t\n\r\u{20}-\u{d7ff}\u{e000}-\u{fffd}\u{10000}-\u{10ffff}]/gu;

const escaped = (text: string): string =>
  text
    .replaceAll(FORBIDDEN, '')
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;');
