import * as say from './words.ts';
import type { SkinPlan, ZonePlan } from '../skin/planSkin.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from './drawing.ts';
import { seeded, seedOf } from '../geometry/seeded.ts';
import { strokeOutline, type Varied } from './strokes.ts';

const PATCH_MM = [40, 13] as const;
/** Lines of letters beside a patch, mm, and the least room that they have. */
const LINE_MM = 6;
const LETTERS_MM = 82;
/** Letters of a line, as a share of its height. */
const LETTERS_PER_LINE = 8.4;
/** Strokes along and across a patch at most: a sample, not a coat. */
const MOST = [14, 9] as const;

/**
 * A sample of every zone's strokes at true length and width, to hold against the work, in so many
 * columns: two fit a page, three a screen. Lines of letters are so far apart, mm: a small screen, whose
 * letters do not shrink with the drawing, takes more.
 */
export function strokeCard(skin: SkinPlan, columns: number, lineMm = LINE_MM): Drawing {
  const shown = skin.zones.filter((zone) => zone.width !== null);
  const across = PATCH_MM[0] + Math.max(LETTERS_MM, LETTERS_PER_LINE * lineMm);
  const items = shown.flatMap((zone, i) =>
    patchItems(
      zone,
      skin.vary,
      [(i % columns) * across, -Math.floor(i / columns) * 4 * lineMm],
      lineMm,
    ),
  );
  return fittedDrawing('strokes', say.strokesOfEachZone, items, 6);
}

function patchItems(
  entry: ZonePlan,
  vary: Varied,
  corner: PagePoint,
  lineMm: number,
): readonly DrawingItem[] {
  const target = { kind: 'zone', id: entry.zone.id } as const;
  const layer = say.coat(entry.zone.id);
  const [w, h] = PATCH_MM;
  const label = (dy: number, text: string, face: 'label' | 'number'): DrawingItem => ({
    kind: 'text',
    ink: face === 'label' ? 'ink' : 'soft',
    layer,
    at: [corner[0] + w + 3, corner[1] + dy],
    text,
    sizeMm: face === 'label' ? 3 : 2.6,
    anchor: 'start',
    face,
    target,
  });
  return [
    {
      kind: 'line',
      ink: 'skin',
      layer,
      weight: WEIGHT.hair,
      closed: true,
      points: [
        corner,
        [corner[0] + w, corner[1]],
        [corner[0] + w, corner[1] + h],
        [corner[0], corner[1] + h],
      ],
      target,
    },
    {
      kind: 'fill',
      ink: 'ink',
      layer,
      outlines: patchStrokes(entry, vary, corner),
      target,
    },
    label(4.2 + lineMm, entry.zone.name, 'label'),
    label(4.2, `${entry.length.value.toFixed(1)} × ${madeWide(entry).toFixed(2)}`, 'number'),
    label(
      4.2 - lineMm,
      entry.method === 'carved' ? (entry.strokes?.tool?.name ?? say.noToolSoFine) : entry.method,
      'label',
    ),
  ];
}

/** As wide as a stroke can be made: a sample shows what the hand will do. */
const madeWide = ({ strokes, width }: ZonePlan): number => (strokes?.wide ?? width)?.value ?? 0;

function patchStrokes(
  entry: ZonePlan,
  vary: Varied,
  corner: PagePoint,
): readonly (readonly PagePoint[])[] {
  const [long, wide] = [entry.length.value, madeWide(entry)];
  const random = seeded(seedOf(entry.zone.id));
  const [stepX, stepY] = [long * 0.75, Math.max(wide * 1.7, 0.2)];
  const columns = Math.min(MOST[0], Math.floor((PATCH_MM[0] - 1) / stepX));
  const rows = Math.min(MOST[1], Math.floor((PATCH_MM[1] - 1) / stepY));
  return Array.from({ length: Math.max(1, columns) * Math.max(1, rows) }, (_, i) => {
    const row = Math.floor(i / Math.max(1, columns));
    const column = i % Math.max(1, columns);
    const root: PagePoint = [
      corner[0] + 1 + (column + (row % 2) / 2) * stepX,
      corner[1] + PATCH_MM[1] / 2 + (row - (rows - 1) / 2) * stepY,
    ];
    // A stroke longer than its patch is cut at the edge of the sample.
    const room = (corner[0] + PATCH_MM[0] - root[0]) / (1 + vary.length);
    return strokeOutline(root, 0, Math.min(long, room), wide, random, vary);
  });
}
