import * as say from './words.ts';
import { markingOn, markingZoneId, type Marking } from '../../anatomy/marking.ts';
import { mixedHex } from '../../colour/colourSpaces.ts';
import { greatest } from '../../geometry/extremes.ts';
import type { Plan } from '../../planTypes.ts';
import type { Feather } from '../../skin/feathers/featherRow.ts';
import { mirroredVane } from '../../skin/feathers/vane.ts';
import { WEIGHT, type Drawing, type DrawingItem, type PagePoint } from '../drawing.ts';
import { featherMaps, placedAt } from '../skin/featherDrawings.ts';

const PAPER = '#fdfbf5';
const TINT = 0.6;

/** The spread wing and the tail with the edges and bars of their feathers at 1:1; none where none are marked. */
export function markedFeathers(plan: Plan): readonly Drawing[] {
  const marks = plan.markings.markings.filter((of) => markingOn(of) === 'feathers');
  const rows = (plan.skin.feathers?.rows ?? []).flatMap((row) =>
    marks.flatMap((marking) => (marking.part === row.row.zone ? [{ row, marking }] : [])),
  );
  if (rows.length === 0) return [];
  const maps = featherMaps(plan, (row, feather, side) =>
    rows.flatMap((its) => (its.row === row ? featherItems(plan, feather, its.marking, side) : [])),
  );
  return maps.flatMap((map): Drawing[] => {
    const isTail = map.id === 'feathers-tail';
    if (rows.every(({ row }) => (row.row.id === 'tail') !== isTail)) return [];
    return [{ ...map, id: `marked-${map.id}`, title: say.markedFeathers(map.title) }];
  });
}

/** A marking on one feather of a side, where that is mounted. */
function featherItems(
  plan: Plan,
  feather: Feather,
  marking: Marking,
  side: 1 | -1,
): readonly DrawingItem[] {
  const zoneId = markingZoneId(marking.id, 0);
  const hex =
    plan.markings.entries?.find((of) => of.zoneId === zoneId)?.hex ?? marking.colours[0]!.hex;
  const target = { kind: 'zone', id: zoneId } as const;
  const place = placedAt(feather, side);
  const loops = marksOn(feather, marking, plan.measure.lifePerModel).map((loop) => loop.map(place));
  if (loops.length === 0) return [];
  return [
    {
      ...{ kind: 'fill', ink: 'skin', layer: `marking ${zoneId}`, outlines: loops, target },
      hex: mixedHex(PAPER, hex, TINT),
    },
    ...loops.map((points): DrawingItem => ({
      ...{ kind: 'line', ink: 'ink', layer: `marking ${zoneId}`, weight: WEIGHT.hair },
      ...{ points, closed: true, target },
    })),
  ];
}

/** What is marked on one left feather, root at the origin and the tip along x, mm of the model. */
export function marksOn(
  { vane }: Pick<Feather, 'vane'>,
  { kind, widthMm, stepMm }: Pick<Marking, 'kind' | 'widthMm' | 'stepMm'>,
  lifePerModel: number,
): readonly (readonly PagePoint[])[] {
  const { outline } = mirroredVane(vane);
  const [wide, step] = [widthMm / lifePerModel, stepMm / lifePerModel];
  const tip = greatest(outline.map(([x]) => x));
  if (kind === 'feather-edges') {
    const inner = outline.map(([x, y]): PagePoint => [
      Math.min(x, tip - wide),
      Math.sign(y) * Math.max(0, Math.abs(y) - wide),
    ]);
    return [outline, inner.toReversed()];
  }
  const many = Math.floor(tip / step);
  return Array.from({ length: many }, (_, i) =>
    // From the tip down, so that bars of neighbours meet.
    between(outline, tip - (i + 0.5) * step - wide, tip - (i + 0.5) * step),
  ).filter((loop) => loop.length > 2);
}

/** What of an outline lies between two lines across its shaft (I. Sutherland and G. Hodgman, 1974). */
export const between = (
  outline: readonly PagePoint[],
  from: number,
  to: number,
): readonly PagePoint[] => beyond(beyond(outline, from, 1), to, -1);

function beyond(outline: readonly PagePoint[], line: number, way: 1 | -1): readonly PagePoint[] {
  return outline.flatMap(([x, y], i): PagePoint[] => {
    const [u, v] = outline[(i + 1) % outline.length]!;
    const [isIn, isNext] = [way * (x - line) >= 0, way * (u - line) >= 0];
    const own: PagePoint[] = isIn ? [[x, y]] : [];
    if (isIn === isNext) return own;
    return [...own, [line, y + ((v - y) * (line - x)) / (u - x)]];
  });
}
