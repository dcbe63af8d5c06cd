import { isApart, type ApartLook, type CurvePoint, type FleshCurve } from '../anatomy/animal.ts';
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

/** All that stands out of a posed body by itself: claws, teeth, plumes, tines, however thin. */
export const posedApart = ({ bones, sizeFactor }: PosedSkeleton): readonly PosedApart[] =>
  bones.flatMap((posed) =>
    posed.bone.flesh.filter(isApart).flatMap(({ curve, points, apart: look }: Apart) => {
      const { breadth = 1, bothSides = false } = look;
      const sides = bothSides ? [points, points.map(acrossMidline)] : [points];
      return sides.map((side): PosedApart => ({
        ...{ curve, look, boneId: posed.bone.id },
        samples: curveSamples(posed, side, sizeFactor).map((sample) => ({
          ...sample,
          half: sample.half * breadth,
        })),
      }));
    }),
  );

type Apart = FleshCurve & { readonly apart: ApartLook };
