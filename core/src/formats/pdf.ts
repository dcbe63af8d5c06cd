import fontkit from '@pdf-lib/fontkit';
import {
  degrees,
  PDFDocument,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  clip,
  endPath,
  rgb,
  type Color,
  type PDFFont,
  type PDFPage,
} from 'pdf-lib';
import {
  itemExtent,
  type Drawing,
  type DrawingItem,
  type Ink,
  type PagePoint,
} from '../sheets/drawing.ts';
import { FILL_HEX, INK_HEX } from '../sheets/inks.ts';
import { toPoints, type PaperMm } from '../sheets/paper.ts';
import { OVERLAP_MM, PAGE_MARGIN_MM, tiles, type Tile } from '../sheets/tiling.ts';

/** Font files (static WOFF or TTF) for the three voices of a sheet. */
export interface SheetFonts {
  readonly label: Uint8Array;
  readonly number: Uint8Array;
  readonly title: Uint8Array;
}

/** Length of the bar that a maker measures before cutting anything, mm. */
export const CHECK_BAR_MM = 100;

interface Faces {
  readonly label: PDFFont;
  readonly number: PDFFont;
  readonly title: PDFFont;
}

const hex = (code: string): Color => {
  const part = (at: number): number => Number.parseInt(code.slice(at, at + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
};
const ink = (of: Ink): Color => hex(INK_HEX[of]);
const fill = (of: Ink): Color => hex(FILL_HEX[of] ?? INK_HEX[of]);

/**
 * Drawings as a PDF at exactly 1:1, each tiled over as many pages as it needs, with overlaps, crop
 * marks, a caption and a 100 mm check bar on every page. Returns the bytes of the file.
 */
export async function sheetsPdf(
  title: string,
  drawings: readonly Drawing[],
  paper: PaperMm,
  fonts: SheetFonts,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  document.setTitle(title);
  document.setCreator('Keen Sinew');
  // A fixed date keeps the file the same for the same plan.
  document.setCreationDate(new Date(0));
  document.setModificationDate(new Date(0));
  const embed = (bytes: Uint8Array): Promise<PDFFont> =>
    document.embedFont(bytes, { subset: true });
  const faces: Faces = {
    label: await embed(fonts.label),
    number: await embed(fonts.number),
    title: await embed(fonts.title),
  };
  for (const drawing of drawings) {
    for (const tile of tiles(drawing, paper)) {
      const page = document.addPage([toPoints(tile.widthMm), toPoints(tile.heightMm)]);
      drawTile(page, tile, faces);
      drawFoot(page, tile, title, faces);
    }
  }
  return document.save();
}

function drawTile(page: PDFPage, tile: Tile, faces: Faces): void {
  const { x, y, w, h } = tile.window;
  page.pushOperators(
    pushGraphicsState(),
    rectangle(toPoints(x), toPoints(y), toPoints(w), toPoints(h)),
    clip(),
    endPath(),
  );
  const place = (p: PagePoint): PagePoint => [
    toPoints(p[0] - tile.origin[0] + x),
    toPoints(p[1] - tile.origin[1] + y),
  ];
  for (const item of tile.drawing.items)
    if (reachesTile(item, tile)) drawItem(page, item, place, faces);
  page.pushOperators(popGraphicsState());
  drawCropMarks(page, tile);
}

/** Room in mm for pens and for letters that are wider than they were estimated. */
const REACH_MM = 20;

/** Whether an item may be seen in the window of a tile; the others are left out of its page. */
function reachesTile(item: DrawingItem, { origin, window }: Tile): boolean {
  const points = itemExtent(item);
  return ([0, 1] as const).every((axis) => {
    const size = axis === 0 ? window.w : window.h;
    const at = points.map((point) => point[axis] - origin[axis]);
    return Math.max(...at) >= -REACH_MM && Math.min(...at) <= size + REACH_MM;
  });
}

type Place = (p: PagePoint) => PagePoint;

function drawItem(page: PDFPage, item: DrawingItem, place: Place, faces: Faces): void {
  switch (item.kind) {
    case 'line':
      drawPath(page, item.points.map(place), {
        closed: item.closed === true,
        weight: item.weight,
        stroke: ink(item.ink),
        ...(item.filled ? { fill: fill(item.ink) } : {}),
        ...(item.dashed ? { dash: [toPoints(1.6), toPoints(1.1)] } : {}),
      });
      break;
    case 'union':
      for (const outline of item.outlines)
        drawPath(page, outline.map(place), {
          closed: true,
          weight: item.weight * 2,
          stroke: ink(item.ink),
        });
      for (const outline of item.outlines)
        drawPath(page, outline.map(place), { closed: true, weight: 0, fill: fill(item.ink) });
      break;
    case 'fill':
      for (const outline of item.outlines)
        drawPath(page, outline.map(place), {
          closed: true,
          weight: 0,
          fill: item.hex === undefined ? fill(item.ink) : hex(item.hex),
        });
      break;
    case 'circle': {
      const [cx, cy] = place(item.at);
      page.drawCircle({
        x: cx,
        y: cy,
        size: toPoints(item.radius),
        borderWidth: toPoints(item.weight),
        borderColor: ink(item.ink),
        color: item.filled ? ink(item.ink) : rgb(1, 1, 1),
      });
      break;
    }
    case 'text':
      drawText(page, item, place, faces[item.face]);
  }
}

interface PathStyle {
  readonly closed: boolean;
  readonly weight: number;
  readonly stroke?: Color;
  readonly fill?: Color;
  readonly dash?: number[];
}

/** A path through page points. pdf-lib reads SVG paths, whose y runs down: the sign is turned. */
function drawPath(page: PDFPage, points: readonly PagePoint[], style: PathStyle): void {
  const step = ([px, py]: PagePoint, i: number): string =>
    `${i === 0 ? 'M' : 'L'}${px.toFixed(4)} ${(-py).toFixed(4)}`;
  page.drawSvgPath(`${points.map(step).join(' ')}${style.closed ? ' Z' : ''}`, {
    x: 0,
    y: 0,
    ...(style.stroke ? { borderColor: style.stroke, borderWidth: toPoints(style.weight) } : {}),
    ...(style.fill ? { color: style.fill } : {}),
    ...(style.dash ? { borderDashArray: style.dash } : {}),
  });
}

function drawText(
  page: PDFPage,
  item: Extract<DrawingItem, { kind: 'text' }>,
  place: Place,
  font: PDFFont,
): void {
  const size = toPoints(item.sizeMm);
  const width = font.widthOfTextAtSize(item.text, size);
  const back = item.anchor === 'start' ? 0 : item.anchor === 'middle' ? width / 2 : width;
  const [px, py] = place(item.at);
  const upright = item.rotateDeg === 90;
  page.drawText(item.text, {
    x: upright ? px : px - back,
    y: upright ? py - back : py,
    size,
    font,
    color: ink(item.ink),
    ...(upright ? { rotate: degrees(90) } : {}),
  });
}

/** Corner ticks of the window, and dashes where the neighbouring tile begins. */
function drawCropMarks(page: PDFPage, { window, column, row, columns, rows }: Tile): void {
  const { x, y, w, h } = window;
  const line = (a: PagePoint, b: PagePoint, dashed = false): void =>
    page.drawLine({
      start: { x: toPoints(a[0]), y: toPoints(a[1]) },
      end: { x: toPoints(b[0]), y: toPoints(b[1]) },
      thickness: toPoints(0.18),
      color: ink('soft'),
      ...(dashed ? { dashArray: [toPoints(1), toPoints(2)] } : {}),
    });
  for (const cx of [x, x + w]) {
    for (const cy of [y, y + h]) {
      const outX = cx === x ? -4 : 4;
      const outY = cy === y ? -4 : 4;
      line([cx, cy], [cx + outX, cy]);
      line([cx, cy], [cx, cy + outY]);
    }
  }
  if (column > 0) line([x + OVERLAP_MM, y], [x + OVERLAP_MM, y + h], true);
  if (column < columns - 1) line([x + w - OVERLAP_MM, y], [x + w - OVERLAP_MM, y + h], true);
  if (row > 0) line([x, y + h - OVERLAP_MM], [x + w, y + h - OVERLAP_MM], true);
  if (row < rows - 1) line([x, y + OVERLAP_MM], [x + w, y + OVERLAP_MM], true);
}

function drawFoot(page: PDFPage, tile: Tile, title: string, faces: Faces): void {
  const baseY = PAGE_MARGIN_MM + 2;
  const write = (text: string, xMm: number, yMm: number, sizeMm: number, font: PDFFont): void =>
    page.drawText(text, {
      x: toPoints(xMm),
      y: toPoints(yMm),
      size: toPoints(sizeMm),
      font,
      color: ink('ink'),
    });
  const many = tile.columns * tile.rows > 1;
  const where = many
    ? `, tile ${tile.row * tile.columns + tile.column + 1} of ${tile.columns * tile.rows} (column ${tile.column + 1}, row ${tile.row + 1})`
    : '';
  write(title, PAGE_MARGIN_MM, baseY + 6.6, 4.2, faces.title);
  const after = faces.title.widthOfTextAtSize(title, toPoints(4.2)) / toPoints(1);
  write(
    `${tile.drawing.title}${tile.drawing.notToScale === true ? '' : ', 1:1 of the model'}${where}`,
    PAGE_MARGIN_MM + after + 4,
    baseY + 6.6,
    3.2,
    faces.label,
  );
  drawCheckBar(page, baseY + 1.5);
  write(
    'This bar is 100 mm: measure it before you cut.',
    PAGE_MARGIN_MM + CHECK_BAR_MM + 4,
    baseY + 0.6,
    3,
    faces.label,
  );
}

function drawCheckBar(page: PDFPage, yMm: number): void {
  const bar = (x1: number, y1: number, x2: number, y2: number): void =>
    drawPath(
      page,
      [
        [toPoints(x1), toPoints(y1)],
        [toPoints(x2), toPoints(y2)],
      ],
      { closed: false, weight: 0.35, stroke: ink('ink') },
    );
  const end = PAGE_MARGIN_MM + CHECK_BAR_MM;
  bar(PAGE_MARGIN_MM, yMm, end, yMm);
  for (let i = 0; i <= 10; i++) {
    const x = PAGE_MARGIN_MM + i * 10;
    bar(x, yMm, x, yMm + (i % 5 === 0 ? 3 : 1.6));
  }
}
