/* eslint-disable max-lines -- one writer: every kind of item on the same page */
import * as say from './words.ts';
import {
  degrees,
  drawObject,
  PDFDocument,
  type PDFName,
  PDFOperator,
  PDFOperatorNames,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  clip,
  concatTransformationMatrix,
  endPath,
  rgb,
  setFillingColor,
  type Color,
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
import { CHECK_BAR_MM, TRUE_PRINTER, type PrintFactors } from '../sheets/printer.ts';
import { facesFor, type Face, type Faces, type SheetFonts, type Voice } from './pdfFaces.ts';
import { OVERLAP_MM, PAGE_MARGIN_MM, tiles, type Tile } from '../sheets/tiling.ts';

export type { SheetFonts } from './pdfFaces.ts';

/** A PDF, and the signs of its texts that no font has: they are left out of it. */
export interface SheetsFile {
  readonly bytes: Uint8Array;
  readonly leftOut: readonly string[];
}

const hex = (code: string): Color => {
  const part = (at: number): number => Number.parseInt(code.slice(at, at + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
};
const ink = (of: Ink): Color => hex(INK_HEX[of]);
const fill = (of: Ink): Color => hex(FILL_HEX[of] ?? INK_HEX[of]);

/**
 * Drawings as a PDF at exactly 1:1, each tiled over as many pages as it needs (lists flow in pages), with
 * overlaps, crop marks, a caption and check bars of 100 mm across and down on every page. `factors` make
 * up for what the printer does. Signs that the fonts of a voice lack are taken from others of them.
 */
export async function sheetsPdf(
  title: string,
  drawings: readonly Drawing[],
  paper: PaperMm,
  fonts: SheetFonts,
  factors: PrintFactors = TRUE_PRINTER,
): Promise<SheetsFile> {
  const document = await PDFDocument.create();
  document.setTitle(title);
  document.setCreator(say.keenSinew);
  // A fixed date keeps the file the same for the same plan.
  document.setCreationDate(new Date(0));
  document.setModificationDate(new Date(0));
  const all = drawings.map((drawing) => tiles(drawing, paper));
  const faces = await facesFor(document, fonts, textsOf(title, drawings, all.flat(), factors));
  for (const ofDrawing of all) {
    for (const tile of ofDrawing) {
      const page = document.addPage([toPoints(tile.widthMm), toPoints(tile.heightMm)]);
      stretch(page, tile, factors);
      await drawTile(page, tile, faces);
      drawFoot(page, tile, title, faces, factors);
    }
  }
  return { bytes: await document.save(), leftOut: faces.leftOut };
}

/** Everything that the sheets say, by voice. */
function textsOf(
  title: string,
  drawings: readonly Drawing[],
  all: readonly Tile[],
  factors: PrintFactors,
): Readonly<Record<Voice, readonly string[]>> {
  const items = drawings.flatMap((drawing) => drawing.items.filter((item) => item.kind === 'text'));
  const said = (voice: Voice): readonly string[] =>
    items.filter(({ face }) => face === voice).map(({ text }) => text);
  const feet = all.flatMap((tile) => [
    tile.drawing.title,
    say.ofModel,
    whereText(tile),
    barText(factors),
    CUT,
  ]);
  return {
    label: [...said('label'), ...feet],
    number: said('number'),
    title: [...said('title'), title, CUT],
  };
}

/** All that follows on the page is stretched from its middle, each direction by its own factor. */
function stretch(page: PDFPage, { widthMm, heightMm }: Tile, [across, down]: PrintFactors): void {
  if (across === 1 && down === 1) return;
  const [x, y] = [toPoints(widthMm / 2), toPoints(heightMm / 2)];
  page.pushOperators(
    concatTransformationMatrix(across, 0, 0, down, x * (1 - across), y * (1 - down)),
  );
}

async function drawTile(page: PDFPage, tile: Tile, faces: Faces): Promise<void> {
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
    if (reachesTile(item, tile)) await drawItem(page, item, place, faces, tile);
  page.pushOperators(popGraphicsState());
  drawCropMarks(page, tile);
}

/** Room in mm for pens and for letters that are wider than they were estimated. */
const REACH_MM = 20;

/** Whether an item may be seen in the window of a tile; the others are left out of its page. */
const reachesTile = (item: DrawingItem, tile: Tile): boolean =>
  // Of a fill each outline is asked by itself.
  item.kind === 'fill' || pointsReach(itemExtent(item), tile);

function pointsReach(points: readonly PagePoint[], { origin, window }: Tile): boolean {
  const right = origin[0] + window.w + REACH_MM;
  const top = origin[1] + window.h + REACH_MM;
  let [before, beyond, below, above] = [true, true, true, true];
  for (const [x, y] of points) {
    before &&= x < origin[0] - REACH_MM;
    beyond &&= x > right;
    below &&= y < origin[1] - REACH_MM;
    above &&= y > top;
  }
  return points.length > 0 && !before && !beyond && !below && !above;
}

type Place = (p: PagePoint) => PagePoint;

async function drawItem(
  page: PDFPage,
  item: DrawingItem,
  place: Place,
  faces: Faces,
  tile: Tile,
): Promise<void> {
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
      // One path, so that a hole is left open; an outline that is not on the page has no hole on it.
      await fillOutlines(
        page,
        item.outlines
          .filter((outline) => pointsReach(outline, tile))
          .map((outline) => outline.map(place)),
        item.hex === undefined ? fill(item.ink) : hex(item.hex),
      );
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
      drawText(page, item, place, faces[item.face], tile.window);
  }
}

/** More outlines than this are packed by what runs the application, apart from the page: that is several times faster. */
const PACKED_FROM = 200;

/** Outlines filled as one path and one operator: a coat has tens of thousands. */
async function fillOutlines(
  page: PDFPage,
  outlines: readonly (readonly PagePoint[])[],
  color: Color,
): Promise<void> {
  if (outlines.length === 0) return;
  const path = outlines.map((outline) => {
    const steps = outline.map(([x, y], i) => `${to2(x)} ${to2(y)} ${i === 0 ? 'm' : 'l'}`);
    return `${steps.join(' ')} h`;
  });
  const fillIt = PDFOperator.of(PDFOperatorNames.FillNonZero, [path.join('\n')]);
  page.pushOperators(
    pushGraphicsState(),
    setFillingColor(color),
    outlines.length < PACKED_FROM ? fillIt : drawObject(await packed(page, fillIt)),
    popGraphicsState(),
  );
}

/** An operator as a form of its own on a page, deflated (RFC 1950); its name there. */
async function packed(page: PDFPage, operator: PDFOperator): Promise<PDFName> {
  const text = new Blob([operator.toString()]);
  const bytes = await new Response(
    text.stream().pipeThrough(new CompressionStream('deflate')),
  ).arrayBuffer();
  const { context } = page.doc;
  const form = context.stream(new Uint8Array(bytes), {
    Type: 'XObject',
    Subtype: 'Form',
    BBox: [0, 0, page.getWidth(), page.getHeight()],
    Filter: 'FlateDecode',
  });
  return page.node.newXObject('Outlines', context.register(form));
}

/** To a hundredth of a point (4 µm), as a PDF writes numbers: never with an exponent. */
const to2 = (points: number): string => String(Math.round(points * 100) / 100);

interface PathStyle {
  readonly closed: boolean;
  readonly weight: number;
  readonly stroke?: Color;
  readonly fill?: Color;
  readonly dash?: number[];
}

/** A path through page points. pdf-lib reads SVG paths, whose y runs down: the sign is turned. */
const drawPath = (page: PDFPage, points: readonly PagePoint[], style: PathStyle): void =>
  drawPaths(page, [points], style);

function drawPaths(page: PDFPage, all: readonly (readonly PagePoint[])[], style: PathStyle): void {
  const step = ([px, py]: PagePoint, i: number): string =>
    `${i === 0 ? 'M' : 'L'}${px.toFixed(4)} ${(-py).toFixed(4)}`;
  const path = all.map((points) => `${points.map(step).join(' ')}${style.closed ? ' Z' : ''}`);
  page.drawSvgPath(path.join(' '), {
    x: 0,
    y: 0,
    ...(style.stroke ? { borderColor: style.stroke, borderWidth: toPoints(style.weight) } : {}),
    ...(style.fill ? { color: style.fill } : {}),
    ...(style.dash ? { borderDashArray: style.dash } : {}),
  });
}

/**
 * Words are never cut by the edge of a page: those that begin on it are moved until they fit, and those
 * that do not are on the next one.
 */
function drawText(
  page: PDFPage,
  item: Extract<DrawingItem, { kind: 'text' }>,
  place: Place,
  face: Face,
  window: Tile['window'],
): void {
  const size = toPoints(item.sizeMm);
  const width = face.widthOf(item.text, size);
  const back = item.anchor === 'start' ? 0 : item.anchor === 'middle' ? width / 2 : width;
  const [px, py] = place(item.at);
  const upright = item.rotateDeg === 90;
  const [low, high] = upright
    ? [toPoints(window.y), toPoints(window.y + window.h)]
    : [toPoints(window.x), toPoints(window.x + window.w)];
  const at = upright ? py : px;
  if (at < low - 1 || at > high + 1) return;
  const from = Math.max(low, Math.min(at - back, high - width));
  let along = from;
  for (const run of face.runs(item.text)) {
    const { text, font } = run;
    page.drawText(text, {
      x: upright ? px : along,
      y: upright ? along : py,
      size,
      font,
      color: ink(item.ink),
      ...(upright ? { rotate: degrees(90) } : {}),
    });
    along += face.widthOfRun(run, size);
  }
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
  // Ticks at both ends, so that no word is struck through.
  const tick = (ax: 0 | 1, at: number): void => {
    const [from, to] = ax === 0 ? [y, y + h] : [x, x + w];
    for (const [a, b] of [
      [from, from + TICK_MM],
      [to - TICK_MM, to],
    ] as const)
      line(ax === 0 ? [at, a] : [a, at], ax === 0 ? [at, b] : [b, at], true);
  };
  if (column > 0) tick(0, x + OVERLAP_MM);
  if (column < columns - 1) tick(0, x + w - OVERLAP_MM);
  if (row > 0) tick(1, y + h - OVERLAP_MM);
  if (row < rows - 1) tick(1, y + OVERLAP_MM);
}

/** Length of the ticks that tell where a neighbouring tile begins, mm. */
const TICK_MM = 7;

/** Words of the foot are made smaller down to this, mm, before they are cut. */
const LEAST_FOOT_MM = 2.2;

function drawFoot(
  page: PDFPage,
  tile: Tile,
  title: string,
  faces: Faces,
  factors: PrintFactors,
): void {
  const baseY = PAGE_MARGIN_MM + 2;
  const roomMm = tile.widthMm - 2 * PAGE_MARGIN_MM;
  const write = (words: string, xMm: number, yMm: number, sizeMm: number, face: Face): void => {
    let x = toPoints(xMm);
    const size = toPoints(sizeMm);
    for (const { text, font } of face.runs(words)) {
      page.drawText(text, { x, y: toPoints(yMm), size, font, color: ink('ink') });
      x += font.widthOfTextAtSize(text, size);
    }
  };
  const widthMm = (text: string, sizeMm: number, face: Face): number =>
    face.widthOf(text, toPoints(sizeMm)) / toPoints(1);
  const name = shortened(title, (text) => widthMm(text, 4.2, faces.title) <= roomMm * 0.45);
  write(name, PAGE_MARGIN_MM, baseY + 6.6, 4.2, faces.title);
  const after = widthMm(name, 4.2, faces.title) + 4;
  const what = `${tile.drawing.title}${tile.drawing.notToScale === true ? '' : say.ofModel}${whereText(tile)}`;
  const size = Math.max(
    LEAST_FOOT_MM,
    Math.min(3.2, (3.2 * (roomMm - after)) / widthMm(what, 3.2, faces.label)),
  );
  const fitting = shortened(what, (text) => widthMm(text, size, faces.label) <= roomMm - after);
  write(fitting, PAGE_MARGIN_MM + after, baseY + 6.6, size, faces.label);
  drawCheckBars(page, baseY + 1.5, tile);
  const bar = barText(factors);
  const x = PAGE_MARGIN_MM + CHECK_BAR_MM + 4;
  const barSize = Math.min(3, (3 * (roomMm - CHECK_BAR_MM - 4)) / widthMm(bar, 3, faces.label));
  write(bar, x, baseY + 0.6, barSize, faces.label);
}

/** What stands beside the check bars. */
const barText = ([across, down]: PrintFactors): string =>
  across === 1 && down === 1
    ? say.bothBarsAreMm
    : say.bothBarsAreMm +
      say.drawnAcrossDownFor((100 * across).toFixed(2), (100 * down).toFixed(2));

/** Which page of how many, and where it lies in the whole. */
function whereText({ page, pages, column, row, columns, rows }: Tile): string {
  if (pages === 1) return '';
  if (columns * rows === 1) return say.pageOf(page, pages);
  return say.tileOfColumnRow(page, pages, column + 1, row + 1);
}

/** Stands for what was cut off. */
const CUT = '…';

/** Words cut at their end, by characters, until they fit. */
function shortened(text: string, fits: (text: string) => boolean): string {
  const letters = [...text];
  let count = letters.length;
  const cut = (): string =>
    count === letters.length ? text : `${letters.slice(0, count).join('')}${CUT}`;
  while (count > 1 && !fits(cut())) count -= 1;
  return cut();
}

/** Thickness of a check bar, mm. */
const BAR_THICK_MM = 1.2;
/** How far the upright bar stands off the window, mm. */
const BAR_OFF_MM = 3;

/**
 * A bar across and one down, each exactly 100 mm from end to end: filled, with butt ends, so that a
 * caliper measures the length and not that of a pen beside it.
 */
function drawCheckBars(page: PDFPage, yMm: number, { window }: Tile): void {
  const tenth = CHECK_BAR_MM / 10;
  const box = (x: number, y: number, w: number, h: number, of: Ink): void =>
    drawPath(
      page,
      [
        [x, y],
        [x + w, y],
        [x + w, y + h],
        [x, y + h],
      ].map(([px, py]) => [toPoints(px!), toPoints(py!)] as const),
      { closed: true, weight: 0, fill: ink(of) },
    );
  const [x0, y0] = [window.x - BAR_OFF_MM - BAR_THICK_MM, window.y];
  box(PAGE_MARGIN_MM, yMm, CHECK_BAR_MM, BAR_THICK_MM, 'soft');
  box(x0, y0, BAR_THICK_MM, CHECK_BAR_MM, 'soft');
  for (let i = 0; i < 10; i += 2) {
    box(PAGE_MARGIN_MM + i * tenth, yMm, tenth, BAR_THICK_MM, 'ink');
    box(x0, y0 + i * tenth, BAR_THICK_MM, tenth, 'ink');
  }
}
