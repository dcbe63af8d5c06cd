import * as say from './words.ts';
import { boneEnds } from '../anatomy/landmarks.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { Disagreement } from '../measure/pictures/disagreements.ts';
import type { ReferencesPlan } from '../measure/pictures/planReferences.ts';
import type { Axis, PartialPlace } from '../measure/pictures/viewAxes.ts';
import {
  fittedDrawing,
  WEIGHT,
  type Drawing,
  type DrawingItem,
  type PagePoint,
  type View,
} from './drawing.ts';
import { BACK_TO_FRONT, INK_OF_SIDE, WEIGHT_OF_SIDE } from './posedItems.ts';
import { project } from './views.ts';

/** The axes that a view shows, across first. */
const SHOWN: Readonly<Record<View, readonly [Axis, Axis]>> = {
  side: [0, 1],
  front: [2, 1],
  top: [0, 2],
};
const TITLES: Readonly<Record<View, string>> = {
  side: say.fromSideAsPictures,
  front: say.fromFront,
  top: say.fromAbove,
};
/** Disagreements told on the sheet; more would cover it, and the list has them all. */
const MOST_TOLD = 4;

/**
 * What the pictures say of the animal in one view, at 1:n of life, mm: bones between joined
 * landmarks, and where two pictures disagree a rust bar between the two places with its millimetres of
 * life. Null where the pictures show nothing of this view.
 */
export function measuredDrawing(
  plan: ReferencesPlan,
  skeleton: Skeleton,
  view: View,
  lifePerModel: number,
): Drawing | null {
  const at = (place: PartialPlace | undefined): PagePoint | null => {
    const [across, up] = SHOWN[view];
    if (place === undefined || place[across] === null || place[up] === null) return null;
    const model = place.map((v) => (v ?? 0) / lifePerModel) as [number, number, number];
    return project(view, model);
  };
  const { joined } = plan.views;
  const ends = boneEnds(skeleton);
  const bones = BACK_TO_FRONT.flatMap((side) =>
    skeleton.bones
      .filter((bone) => bone.side === side)
      .flatMap((bone): DrawingItem[] => {
        const { start, end } = ends.get(bone.id)!;
        const points = [at(joined.get(start ?? '')), at(joined.get(end ?? ''))];
        if (points[0] === null || points[1] === null) return [];
        return [
          {
            kind: 'line',
            ink: INK_OF_SIDE[side],
            layer: 'bones',
            weight: WEIGHT_OF_SIDE[side],
            points: points as PagePoint[],
            target: { kind: 'bone', id: bone.id },
          },
        ];
      }),
  );
  if (bones.length === 0) return null;
  const joints = [...joined].flatMap(([id, place]): DrawingItem[] => {
    const point = at(place);
    if (point === null) return [];
    return [
      {
        kind: 'circle',
        ink: 'ink',
        layer: 'landmarks',
        weight: WEIGHT.thin,
        at: point,
        radius: 0.7,
        target: { kind: 'landmark', id },
      },
    ];
  });
  const told = plan.disagreements
    .filter((disagreement) => disagreement.clear && SHOWN[view].includes(disagreement.axis))
    .slice(0, MOST_TOLD)
    .flatMap((disagreement) =>
      missItems(disagreement, at(joined.get(disagreement.landmarkId)), view, lifePerModel),
    );
  return fittedDrawing(`measured-${view}`, TITLES[view], [...bones, ...joints, ...told], 6);
}

/** A bar as long as the two places lie apart, beside its landmark, with the life millimetres. */
function missItems(
  { landmarkId, axis, mm }: Disagreement,
  point: PagePoint | null,
  view: View,
  lifePerModel: number,
): readonly DrawingItem[] {
  if (point === null) return [];
  const half = Math.abs(mm) / lifePerModel / 2;
  const upright = SHOWN[view][1] === axis;
  const [dx, dy] = upright ? [0, half] : [half, 0];
  const target = { kind: 'landmark', id: landmarkId } as const;
  return [
    {
      kind: 'line',
      ink: 'dimension',
      layer: 'disagreements',
      weight: 1.6 * WEIGHT.mid,
      points: [
        [point[0] - dx, point[1] - dy],
        [point[0] + dx, point[1] + dy],
      ],
      target,
    },
    {
      kind: 'text',
      ink: 'dimension',
      layer: 'disagreements',
      face: 'number',
      at: [point[0] + dx + 2, point[1] + dy],
      text: say.mmApart(Math.abs(mm).toFixed(1)),
      sizeMm: 3.2,
      anchor: 'start',
      target,
    },
  ];
}
