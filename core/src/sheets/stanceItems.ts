import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { bodyBox } from '../body/blades.ts';
import type { Plan } from '../planTypes.ts';
import { ballRadiusMm, WEIGHT_METALS } from '../balance/counterweight.ts';
import { groundLine } from '../posing/ground.ts';
import { limitArc } from '../stance/limitArc.ts';
import { WEIGHT, type DrawingItem, type View } from './drawing.ts';
import { project } from './views.ts';

const BALL_SEGMENTS = 48;
/** Ground beyond the body that is drawn, as a share of its length. */
const BEYOND = 0.12;

/** A slope, step, log or rock on the base: filled from the side, its edges in the other views. */
export function groundItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { ground, posed, wall } = plan.stance;
  if (ground.kind === 'flat' || wall !== null) return [];
  const { min, max } = bodyBox(posed);
  const more = (max[0] - min[0]) * BEYOND;
  const { base } = plan.wire;
  const line = groundLine(ground, min[0] - more, max[0] + more);
  const common = {
    kind: 'line',
    ink: 'board',
    layer: 'base',
    weight: WEIGHT.thin,
    closed: true,
    filled: true,
    target: { kind: 'piece', id: 'ground' },
  } as const;
  if (ground.kind === 'log') {
    const r = ground.diameterMm / 2;
    const [left, right] = [base.leftZ, base.leftZ + base.width.value];
    if (view === 'side')
      return [
        {
          kind: 'circle',
          ink: 'board',
          layer: 'holes',
          weight: WEIGHT.thin,
          filled: true,
          at: project(view, [ground.atMm, ground.topMm - r, 0]),
          radius: r,
          target: { kind: 'piece', id: 'ground' },
        },
      ];
    const corners =
      view === 'top'
        ? ([
            [ground.atMm - r, 0, left],
            [ground.atMm + r, 0, left],
            [ground.atMm + r, 0, right],
            [ground.atMm - r, 0, right],
          ] as const)
        : ([
            [0, ground.topMm - 2 * r, left],
            [0, ground.topMm, left],
            [0, ground.topMm, right],
            [0, ground.topMm - 2 * r, right],
          ] as const);
    return [{ ...common, points: corners.map((corner) => project(view, corner)) }];
  }
  if (view !== 'side') return [];
  const first = line[0]!;
  const last = line.at(-1)!;
  return [
    {
      ...common,
      points: [[first[0], 0] as const, ...line, [last[0], 0] as const].map(([x, y]) =>
        project(view, [x, y, 0]),
      ),
    },
  ];
}

/** Another stance as thin lines. */
export const besideItems = (beside: PosedSkeleton, view: View): readonly DrawingItem[] =>
  beside.bones.map(({ start, end }) => ({
    kind: 'line',
    ink: 'soft',
    layer: 'beside',
    weight: WEIGHT.thin,
    dashed: true,
    points: [project(view, start), project(view, end)],
  }));

/** The arc that a joint's limits allow, with its two ends joined to the joint. */
export function limitItems(plan: Plan, boneId: string, view: View): readonly DrawingItem[] {
  const { posed, angles } = plan.stance;
  if (!posed.byId.has(boneId)) return [];
  const given = Object.fromEntries(
    angles
      .filter(({ bone }) => bone.id === boneId)
      .map(({ freedom, angle }) => [freedom, angle.value]),
  );
  const arc = limitArc(posed, { [boneId]: given }, boneId, view);
  if (arc === undefined) return [];
  return [
    {
      kind: 'line',
      ink: 'dimension',
      layer: 'limits',
      weight: WEIGHT.thin,
      points: [arc.centre, ...arc.points, arc.centre].map((point) => project(view, point)),
    },
  ];
}

/** The metal weight inside the body, at its true size. */
export function weightItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { weight } = plan.balance;
  if (weight === null) return [];
  const [x, y] = project(
    view,
    alongBone(posedBone(plan.stance.posed, weight.boneId), weight.along),
  );
  const r = ballRadiusMm(weight.grams, WEIGHT_METALS[weight.metal].gPerMl);
  return [
    {
      kind: 'line',
      ink: 'ink',
      layer: 'weight',
      weight: WEIGHT.far,
      closed: true,
      points: Array.from({ length: BALL_SEGMENTS }, (_, i) => {
        const rad = (2 * Math.PI * i) / BALL_SEGMENTS;
        return [x + r * Math.cos(rad), y + r * Math.sin(rad)];
      }),
      target: { kind: 'bone', id: weight.boneId },
    },
  ];
}
