import * as say from './words.ts';
import type { StampPlan } from '../../skin/stampPlan.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
} from '../drawing.ts';

const MARGIN_MM = 6;

/**
 * The negative of a stamp or a roller at 1:1, mirrored as it is cut or printed: every second row half offset, its
 * repeat marked, a roller's seam as a line.
 */
export function stampSheet({
  choice,
  wide,
  long,
  scaleWide,
  scaleLong,
  round,
}: StampPlan): Drawing {
  const layer = `stamp ${choice.id}`;
  const [w, l] = [scaleWide.value, scaleLong.value];
  const scales = Array.from({ length: choice.along }, (_, row) =>
    Array.from({ length: choice.across }, (_, k): readonly PagePoint[] => {
      const x = wide.value - (k + 0.5 + (row % 2) / 2) * w;
      const y = -row * l;
      // What runs over one edge comes in at the other, so that presses join.
      const at = (dx: number, dy: number): PagePoint => [wrapped(x + dx, wide.value), y + dy];
      return [
        at(-w / 2, 0),
        at(-0.4 * w, -0.6 * l),
        at(0, -l),
        at(0.4 * w, -0.6 * l),
        at(w / 2, 0),
      ];
    }),
  ).flat();
  const items: DrawingItem[] = [
    ...scales.flatMap(unbroken).map((points): DrawingItem => ({
      ...{ kind: 'line', ink: 'ink', layer, weight: WEIGHT.thin, points },
    })),
    {
      ...{ kind: 'line', ink: 'soft', layer, weight: WEIGHT.hair, closed: true, dashed: true },
      points: box(0, -long.value, wide.value, 0),
    },
    ...(round === null ? [] : [seam(round.value, wide.value, layer)]),
  ];
  return fittedDrawing(`stamp-${choice.id}`, say.negativeOf(choice.name), items, MARGIN_MM);
}

/** Where a roller has gone once round. */
const seam = (roundMm: number, wideMm: number, layer: string): DrawingItem => ({
  ...{ kind: 'line', ink: 'watch', layer, weight: WEIGHT.far },
  points: [
    [0, -roundMm],
    [wideMm, -roundMm],
  ],
});

const wrapped = (x: number, wide: number): number => (x < 0 ? x + wide : x > wide ? x - wide : x);

/** A line cut where it jumps from one edge to the other. */
function unbroken(points: readonly PagePoint[]): readonly (readonly PagePoint[])[] {
  const runs: PagePoint[][] = [[]];
  const jump = Math.abs(points[0]![0] - points.at(-1)![0]) + 1e-6;
  points.forEach((p, i) => {
    const before = points[i - 1];
    if (before !== undefined && Math.abs(before[0] - p[0]) > jump) runs.push([]);
    runs.at(-1)!.push(p);
  });
  return runs.filter((run) => run.length > 1);
}

const box = (x0: number, y0: number, x1: number, y1: number): readonly PagePoint[] => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
];
