import type { PlatePlace } from '../../anatomy/skinPlate.ts';
import { facePoint, skinPoint } from '../../body/facePoint.ts';
import type { SkinPoint } from '../../body/skinPlace.ts';
import { dot } from '../../geometry/vec3.ts';
import { pieces } from '../../geometry/pieces.ts';
import type { Plan } from '../../planTypes.ts';
import { placedPlates } from '../../skin/platePlan.ts';
import { onPage, VIEW_FRAMES, type ReliefView, type ViewFrame } from '../../surface/reliefViews.ts';
import { WEIGHT, type DrawingItem, type PagePoint } from '../drawing.ts';

/** Points on an edge of a plate, so that it follows the skin. */
const EDGE = 5;

/** Where a point of a drawing lies: as it is, or enlarged. */
type Placed = (p: PagePoint) => PagePoint;

/** Plates that face the viewer, each as a closed line. */
export function plateItems(
  plan: Plan,
  view: ReliefView,
  place: Placed = (p) => p,
): readonly DrawingItem[] {
  const { posed } = plan.stance;
  const frame = VIEW_FRAMES[view];
  return placedPlates(posed).flatMap(({ corners, side }): DrawingItem[] => {
    const points = corners.flatMap((corner, i) => {
      const next = corners[(i + 1) % corners.length]!;
      return Array.from({ length: EDGE }, (_, n) =>
        facePoint(posed, between(corner, next, n / EDGE), side, true),
      );
    });
    if (!points.every((point) => point !== undefined && faces(frame, point))) return [];
    const outline = points.map((point) => place(onPage(frame, point!.at)));
    return [
      { kind: 'fill', ink: 'skin', layer: 'plates', outlines: [outline] },
      {
        ...{ kind: 'line', ink: 'ink', layer: 'plates', weight: WEIGHT.thin, closed: true },
        points: outline,
      },
    ];
  });
}

const between = (a: PlatePlace, b: PlatePlace, t: number): PlatePlace => [
  a[0],
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

const faces = (frame: ViewFrame, { out }: SkinPoint): boolean => dot(out, frame.towards) > -0.05;

/** Folds inside joints that face the viewer, drawn where their skin is seen. */
export function foldItems(plan: Plan, view: ReliefView): readonly DrawingItem[] {
  const { posed } = plan.stance;
  const frame = VIEW_FRAMES[view];
  return plan.skin.folds.flatMap(({ boneId, lines }) =>
    lines.flatMap((line) => {
      const points = line.map((at) => skinPoint(posed, at, true));
      const seen = pieces(points, (point) => point !== undefined && faces(frame, point));
      return seen
        .filter((piece) => piece.length > 1)
        .map((piece): DrawingItem => ({
          ...{ kind: 'line', ink: 'ink', layer: 'folds', weight: WEIGHT.far },
          points: piece.map((point) => onPage(frame, point!.at)),
          target: { kind: 'bone', id: boneId },
        }));
    }),
  );
}
