import { alongBone, posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { bodyBox } from '../body/blades.ts';
import type { Plan } from '../planTypes.ts';
import { ballRadiusMm, WEIGHT_METALS } from '../balance/counterweight.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { groundLine, type Ground } from '../posing/ground.ts';
import type { Perch } from '../stance/perch.ts';
import { limitArc } from '../stance/limitArc.ts';
import { WEIGHT, type DrawingItem, type View } from './drawing.ts';
import { project } from './views.ts';

const BALL_SEGMENTS = 48;
/** Ground beyond the body that is drawn, as a share of its length. */
const BEYOND = 0.12;

/** A slope or a step of the base, or a log, branch, post or rock on it with its uprights, in every view. */
export function groundItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { ground, posed, wall, perch } = plan.stance;
  if (ground.kind === 'flat' || wall !== null) return [];
  if (perch !== null) return perchItems(perch, ground, plan.wire.base.perch, view);
  if (view !== 'side') return [];
  const { min, max } = bodyBox(posed);
  const more = (max[0] - min[0]) * BEYOND;
  return [profileItem(groundLine(ground, min[0] - more, max[0] + more))];
}

const GROUND = {
  ink: 'board',
  layer: 'base',
  weight: WEIGHT.thin,
  filled: true,
  target: { kind: 'piece', id: 'ground' },
} as const;

/** Ground under a profile, from the side. */
const profileItem = (line: readonly (readonly [number, number])[]): DrawingItem => ({
  ...GROUND,
  kind: 'line',
  closed: true,
  points: [[line[0]![0], 0] as const, ...line, [line.at(-1)![0], 0] as const].map(([x, y]) =>
    project('side', [x, y, 0]),
  ),
});

/** A box as it is seen: from its nearest lower to its farthest upper corner. */
const boxItem = (view: View, min: Vec3, max: Vec3): DrawingItem => {
  const [low, high] = [project(view, min), project(view, max)];
  return {
    ...GROUND,
    kind: 'line',
    closed: true,
    points: [low, [high[0], low[1]], high, [low[0], high[1]]],
  };
};

function perchItems(
  { kind, x, z, topMm, diameterMm, supports }: Perch,
  ground: Ground,
  onBoard: Plan['wire']['base']['perch'],
  view: View,
): readonly DrawingItem[] {
  const half = (onBoard?.thick?.value ?? 0) / 2;
  const uprights =
    half === 0
      ? []
      : supports.map(({ at: [sx, sz], heightMm }) =>
          boxItem(view, [sx - half, 0, sz - half], [sx + half, heightMm, sz + half]),
        );
  if (view === 'side' && ground.kind === 'rock') return [profileItem(ground.points)];
  const isRound = kind === 'log' || kind === 'branch';
  if (view === 'side' && isRound)
    return [
      ...uprights,
      {
        ...GROUND,
        kind: 'circle',
        layer: 'holes',
        at: project(view, [(x[0] + x[1]) / 2, topMm - diameterMm / 2, 0]),
        radius: diameterMm / 2,
      },
    ];
  if (view === 'top' && kind === 'post')
    return [
      {
        ...GROUND,
        kind: 'circle',
        layer: 'holes',
        at: project(view, [(x[0] + x[1]) / 2, 0, (z[0] + z[1]) / 2]),
        radius: diameterMm / 2,
      },
    ];
  const bottomMm = isRound ? topMm - diameterMm : 0;
  return [...uprights, boxItem(view, [x[0], bottomMm, z[0]], [x[1], topMm, z[1]])];
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
