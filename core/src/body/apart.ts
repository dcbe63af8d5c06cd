import { isApart, type ApartLook, type CurvePoint } from '../anatomy/animal.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { mirrored } from '../geometry/vec3.ts';
import { curveSamples } from './curve.ts';
import type { AxisSample } from './sleeveSection.ts';

/** A thing of its own that stands out of a posed body: its axis with its sections, mm of the posed size. */
export interface PosedApart {
  /** The name that it shares with its fellows on other bones, and the bone that carries it. */
  readonly curve: string;
  readonly boneId: string;
  readonly look: ApartLook;
  /** From its root to its tip; `half` is across its turn. */
  readonly samples: readonly AxisSample[];
}

const acrossMidline = ({ offset, ...point }: CurvePoint): CurvePoint =>
  offset === undefined ? point : { ...point, offset: mirrored(offset) };

const known = new WeakMap<PosedSkeleton, readonly PosedApart[]>();

/** All that stands out of a posed body by itself: claws, teeth, plumes, tines, however thin. */
export function posedApart(posed: PosedSkeleton): readonly PosedApart[] {
  const before = known.get(posed);
  if (before !== undefined) return before;
  const isRelief = posed.skeleton.plan.wall === 'beside';
  const things = posed.bones.flatMap((bone) =>
    bone.bone.flesh.filter(isApart).flatMap(({ curve, points, apart: look }) => {
      const { breadth = 1, bothSides = false } = look;
      const sides = bothSides && !isRelief ? [points, points.map(acrossMidline)] : [points];
      return sides.map((side): PosedApart => ({
        ...{ curve, look, boneId: bone.bone.id },
        samples: curveSamples(bone, side, posed.sizeFactor).map((sample) => ({
          ...sample,
          half: sample.half * breadth,
        })),
      }));
    }),
  );
  known.set(posed, things);
  return things;
}
