import type { Side } from '../anatomy/bodyPlan.ts';
import type { PosedBone, PosedSkeleton } from '../anatomy/pose.ts';
import { loopArea } from '../geometry/contours.ts';
import { posedApart, type PosedApart } from '../body/apart.ts';
import { posedBlades, type PosedBlade } from '../body/blades.ts';
import { shownParts } from '../body/shownParts.ts';
import { beforeWall, wallOf } from '../body/wall.ts';
import { ORIGIN } from '../geometry/vec3.ts';
import { WEIGHT, type DrawingItem, type Ink, type PagePoint, type View } from './drawing.ts';
import { partOutlines } from './partOutline.ts';
import { project } from './views.ts';

/** Near side rust, far side slate, midline green; always told by weight as well. */
export const INK_OF_SIDE: Readonly<Record<Side, Ink>> = { left: 'near', right: 'far', mid: 'mid' };
export const WEIGHT_OF_SIDE: Readonly<Record<Side, number>> = {
  left: WEIGHT.near,
  right: WEIGHT.far,
  mid: WEIGHT.mid,
};
/** Far side first, so that near lines lie over far ones. */
export const BACK_TO_FRONT: readonly Side[] = ['right', 'mid', 'left'];

/**
 * The quick outline of a posed body, its flesh and what stands out of it between the far blades and the near
 * ones; dark as a silhouette.
 */
export function skinItems(
  posed: PosedSkeleton,
  view: View,
  silhouette = false,
): readonly DrawingItem[] {
  const ink = silhouette ? 'ink' : 'skin';
  const blades = posedBlades(posed);
  const cut = cutAtWall(posed, view);
  return [
    ...bladeItems(blades, view, ['right', 'mid'], ink),
    {
      kind: 'union',
      ink,
      layer: 'skin',
      weight: WEIGHT.thin,
      outlines: [
        ...shownParts(posed).flatMap((part) => partOutlines(view, part).map(cut)),
        ...posedApart(posed).map((thing) => apartOutline(view, thing)),
      ],
    },
    ...bladeItems(blades, view, ['left'], ink),
  ];
}

/** Outlines cut where the wall is seen from its edge; unchanged where there is none, or one looks at its face. */
function cutAtWall(
  posed: PosedSkeleton,
  view: View,
): (outline: readonly PagePoint[]) => readonly PagePoint[] {
  const wall = wallOf(posed);
  if (wall === undefined) return (outline) => outline;
  const [on, out] = [0, 1].map((mm) => project(view, beforeWall(wall, ORIGIN, mm))) as [
    PagePoint,
    PagePoint,
  ];
  const across = [0, 1].find((k) => Math.abs(out[k as 0] - on[k as 0]) > 0.5);
  if (across === undefined) return (outline) => outline;
  const [at, way] = [on[across as 0], out[across as 0] - on[across as 0]];
  const before = (v: number): number => (way * (v - at) < 0 ? at : v);
  return (outline) =>
    outline.map(([x, y]): PagePoint => (across === 0 ? [before(x), y] : [x, before(y)]));
}

/** A thing that stands out by itself, as wide on the page as it is thick all along; its tip is a point. */
function apartOutline(view: View, { samples }: PosedApart): readonly PagePoint[] {
  const centres = samples.map(({ at }) => project(view, at));
  const edge = (side: 1 | -1): readonly PagePoint[] =>
    centres.map(([x, y], i): PagePoint => {
      const [a, b] = [centres[Math.max(0, i - 1)]!, centres[Math.min(centres.length - 1, i + 1)]!];
      const size = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
      const off = (side * samples[i]!.above) / size;
      return [x - off * (b[1] - a[1]), y + off * (b[0] - a[0])];
    });
  const loop = [...edge(-1), ...edge(1).toReversed()];
  return loopArea(loop) < 0 ? loop.toReversed() : loop;
}

/** Feathers, membranes and fins. */
function bladeItems(
  blades: readonly PosedBlade[],
  view: View,
  sides: readonly Side[],
  ink: Ink,
): readonly DrawingItem[] {
  return sides.flatMap((side) =>
    blades
      .filter((blade) => blade.side === side)
      .map((blade): DrawingItem => ({
        kind: 'union',
        ink,
        layer: 'skin',
        weight: WEIGHT.thin,
        outlines: [blade.outline.map((point) => project(view, point))],
      })),
  );
}

/** Bones as lines with their joints, far side first. */
export function boneItems({ bones }: PosedSkeleton, view: View): readonly DrawingItem[] {
  const line = ({ bone, start, end }: PosedBone): DrawingItem => ({
    kind: 'line',
    ink: INK_OF_SIDE[bone.side],
    layer: 'bones',
    weight: WEIGHT_OF_SIDE[bone.side],
    points: [project(view, start), project(view, end)],
    target: { kind: 'bone', id: bone.id },
  });
  const joint = ({ bone, start }: PosedBone): DrawingItem => ({
    kind: 'circle',
    ink: INK_OF_SIDE[bone.side],
    layer: 'joints',
    weight: WEIGHT.thin,
    at: project(view, start),
    radius: bone.side === 'right' ? 0.7 : 1,
    target: { kind: 'bone', id: bone.id },
  });
  return BACK_TO_FRONT.flatMap((side) => {
    const these = bones.filter(({ bone }) => bone.side === side);
    return [...these.map(line), ...these.map(joint)];
  });
}
