import { sectionOutline } from '../body/sleeveSection.ts';
import type { SectionStation } from '../anatomy/shapeSchema.ts';
import { fittedDrawing, WEIGHT, type Drawing, type PagePoint } from './drawing.ts';

const RING = 72;
const MARGIN_MM = 5;
const CROSS_MM = 2;

/** A point of a section on its drawing: the bone in the origin, the right side to the right. */
export const stationPoint = (
  station: SectionStation,
  sizeFactor: number,
  deep: number,
  wide: number,
): PagePoint => [
  (station.side + wide * station.halfWidth) * sizeFactor,
  (station.up + deep * station.halfDepth) * sizeFactor,
];

/** A section that the user shapes, by itself at the model's size, its bone as a cross. */
export function stationDrawing(
  station: SectionStation,
  sizeFactor: number,
  title: string,
): Drawing {
  const { halfDepth, halfWidth, squareness, squareBelow, widest, up, side } = station;
  const ring = sectionOutline(
    {
      above: (halfDepth + up) * sizeFactor,
      below: (halfDepth - up) * sizeFactor,
      half: halfWidth * sizeFactor,
      widest,
      squareAbove: squareness,
      squareBelow,
      side: side * sizeFactor,
    },
    RING,
  ).map(([above, beside]): PagePoint => [beside, above]);
  const cross = (points: readonly PagePoint[]) =>
    ({ kind: 'line', ink: 'mid', layer: 'bone', weight: WEIGHT.far, points }) as const;
  return fittedDrawing(
    'station',
    title,
    [
      { kind: 'union', ink: 'skin', layer: 'skin', weight: WEIGHT.thin, outlines: [ring] },
      cross([
        [-CROSS_MM, 0],
        [CROSS_MM, 0],
      ]),
      cross([
        [0, -CROSS_MM],
        [0, CROSS_MM],
      ]),
    ],
    MARGIN_MM,
  );
}

/** The corner of a section, halfway between depth and width: it moves out as it grows squarer. */
export const cornerShare = (squareness: number): number => 2 ** (-1 / squareness);

/** The squareness at which the corner stands so far out; the inverse of {@link cornerShare}. */
export const squarenessAt = (share: number): number =>
  Math.LN2 / -Math.log(Math.min(0.999, Math.max(0.501, share)));
