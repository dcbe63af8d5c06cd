import { isApart, type CurvePoint } from '../anatomy/animal.ts';
import { alongBone, type PosedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { curvePoint } from '../geometry/catmullRom.ts';
import { monotoneCubic } from '../geometry/monotoneCubic.ts';
import { shortestTurn, turn } from '../geometry/quat.ts';
import { cross, dot, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { SAMPLES_IN_SPAN, type SleeveRun } from './sleeve.ts';
import { type AxisSample } from './sleeveSection.ts';

/** The curves of a posed body, each as a run with round sections that a dome closes at either end. */
export const curveRuns = ({
  bones,
  sizeFactor,
}: PosedSkeleton): readonly (SleeveRun & { readonly boneId: string })[] =>
  bones.flatMap((posed) =>
    posed.bone.flesh.flatMap((flesh) =>
      'curve' in flesh && !isApart(flesh)
        ? [
            {
              sleeve: `${flesh.curve} ${posed.bone.id}`,
              boneId: posed.bone.id,
              samples: curveSamples(posed, flesh.points, sizeFactor),
              domes: [true, true] as const,
            },
          ]
        : [],
    ),
  );

/**
 * Places along a curve with their frames: up is the back of the animal at rest (its front, where the curve
 * runs upwards), carried along the curve with the least turn.
 */
export function curveSamples(
  posed: PosedBone,
  points: readonly CurvePoint[],
  k: number,
): readonly AxisSample[] {
  const places = points.map(({ at, offset }) => alongBone(posed, at, offset, k));
  const radius = monotoneCubic(
    points.map((_, i) => i),
    points.map((point) => point.radius * k),
  );
  const count = (points.length - 1) * SAMPLES_IN_SPAN;
  const at = Array.from({ length: count + 1 }, (_, n) => {
    const span = Math.min(points.length - 2, Math.floor(n / SAMPLES_IN_SPAN));
    return curvePoint(places, span, n / SAMPLES_IN_SPAN - span);
  });
  const way = at.map((_, i) => unit(sub(at[Math.min(count, i + 1)]!, at[Math.max(0, i - 1)]!)));
  let up = firstUp(posed, way[0]!);
  return at.map((place, i): AxisSample => {
    const along = way[i]!;
    up = turn(shortestTurn(way[Math.max(0, i - 1)]!, along), up);
    const r = radius(i / SAMPLES_IN_SPAN);
    const span = Math.min(points.length - 2, Math.floor(i / SAMPLES_IN_SPAN));
    const t = i / SAMPLES_IN_SPAN - span;
    return {
      ...{ at: place, along, up, across: cross(along, up), boneId: posed.bone.id },
      share: points[span]!.at * (1 - t) + points[span + 1]!.at * t,
      ...{ above: r, below: r, half: r, widest: 0, squareAbove: 2, squareBelow: 2, side: 0 },
    };
  });
}

function firstUp({ rotation }: PosedBone, way: Vec3): Vec3 {
  const back = turn(rotation, [0, 1, 0]);
  const wanted = Math.abs(dot(back, way)) > 0.99 ? turn(rotation, [1, 0, 0]) : back;
  return unit(sub(wanted, scale(way, dot(wanted, way))));
}
