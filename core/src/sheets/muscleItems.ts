import { posedMuscles } from '../body/muscles.ts';
import { alongBone } from '../anatomy/pose.ts';
import { turn } from '../geometry/quat.ts';
import { add, scale } from '../geometry/vec3.ts';
import type { Plan } from '../planTypes.ts';
import { WEIGHT, type DrawingItem, type View } from './drawing.ts';
import { partOutlines } from './partOutline.ts';
import { BACK_TO_FRONT, INK_OF_SIDE } from './posedItems.ts';
import { project } from './views.ts';

/** The muscles of a stance as they lie, deep ones first, numbered in the order of laying. */
export function muscleItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { posed } = plan.stance;
  const orderOf = new Map(
    plan.measure.skeleton.plan.muscles
      .toSorted((a, b) => a.belly.layer - b.belly.layer)
      .map((spec, i) => [spec, i + 1]),
  );
  const all = posedMuscles(posed).toSorted(
    (a, b) =>
      BACK_TO_FRONT.indexOf(a.muscle.side) - BACK_TO_FRONT.indexOf(b.muscle.side) ||
      a.muscle.spec.belly.layer - b.muscle.spec.belly.layer,
  );
  return all.flatMap(({ muscle, ...part }): DrawingItem[] => {
    const target = { kind: 'muscle', id: muscle.spec.id } as const;
    const far = muscle.side === 'right' && view === 'side';
    const outlines = partOutlines(view, part);
    const [x, y] = project(view, part.centre);
    return [
      ...outlines.map((points): DrawingItem => ({
        kind: 'line',
        ink: INK_OF_SIDE[muscle.side],
        layer: 'muscles',
        weight: far ? WEIGHT.hair : WEIGHT.thin,
        closed: true,
        dashed: far,
        points,
        target,
      })),
      ...(far
        ? []
        : [
            {
              kind: 'text',
              ink: INK_OF_SIDE[muscle.side],
              layer: 'muscles',
              at: [x, y - 1.2],
              text: String(orderOf.get(muscle.spec) ?? ''),
              sizeMm: 3.2,
              anchor: 'middle',
              face: 'number',
              target,
            } as const,
          ]),
    ];
  });
}

/** Places where skin lies on bone, near side, as small crosses. */
export function bonyItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { posed } = plan.stance;
  const { skeleton } = plan.measure;
  const pegs = plan.mass?.shape?.pegs ?? [];
  return skeleton.plan.bonyLandmarks.flatMap((spec): DrawingItem[] => {
    const bone = posed.byId.get(`${spec.bone}.L`) ?? posed.byId.get(spec.bone);
    if (bone === undefined) return [];
    const row = pegs.find(({ peg }) => peg.id === spec.id);
    // On the skin where it is known, beside the bone where it is not yet.
    const beside = add(alongBone(bone, spec.at), scale(turn(bone.rotation, spec.out), 2));
    const [x, y] = project(view, row?.peg.at ?? beside);
    const cross = (dx: number): DrawingItem => ({
      kind: 'line',
      ink: 'ink',
      layer: 'landmarks',
      weight: WEIGHT.far,
      points: [
        [x - dx, y - 1.4],
        [x + dx, y + 1.4],
      ],
      target: { kind: 'peg', id: row === undefined ? spec.id : String(row.number) },
    });
    return [cross(1.4), cross(-1.4)];
  });
}

/** Depth pegs over muscles as dots, near side; those over bone are crosses already. */
export function pegItems(plan: Plan, view: View): readonly DrawingItem[] {
  const pegs = (plan.mass?.shape?.pegs ?? []).filter(({ peg }) => peg.over === 'muscle');
  return pegs.map(({ number, peg }): DrawingItem => {
    const at = project(view, peg.at);
    return {
      kind: 'circle',
      ink: 'watch',
      layer: 'pegs',
      weight: WEIGHT.thin,
      filled: true,
      at,
      radius: 0.9,
      target: { kind: 'peg', id: String(number) },
    };
  });
}
