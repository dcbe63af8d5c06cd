import { isApart, type ApartLook, type CurvePoint } from '../anatomy/animal.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { featureOf } from '../anatomy/ownFeatures.ts';
import { mirrored } from '../geometry/vec3.ts';
import { curveSamples } from './curve.ts';
import type { AxisSample } from './sleeveSection.ts';
import { posedThings } from './things.ts';

/** A thing of its own that stands out of a posed body: its axis with its sections, mm of the posed size. */
export interface PosedApart {
  /** The name that it shares with its fellows on other bones, and the bone that carries it. */
  readonly curve: string;
  readonly boneId: string;
  readonly look: ApartLook;
  /** The part made apart that it is a piece of; null for what is only seen. */
  readonly fittingId: string | null;
  /** On which side of the animal; 0 on its midline. */
  readonly side: 1 | 0 | -1;
  /** From its root to its tip; `half` is across its turn. */
  readonly samples: readonly AxisSample[];
}

/** Under which id a thing of the user's own is a part made apart. */
export const ownFittingId = (thingId: string): string => `own-${thingId}`;

const SIDE_OF = { left: 1, mid: 0, right: -1 } as const;

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
      const { side, key, id: boneId } = bone.bone;
      const sides = bothSides && !isRelief ? [points, points.map(acrossMidline)] : [points];
      const fittingId = featureOf(posed.skeleton.animal, key, curve)?.id ?? null;
      return sides.map((rows, i): PosedApart => ({
        ...{ curve, look, boneId, fittingId },
        side: side === 'mid' && bothSides ? (i === 0 ? 1 : -1) : SIDE_OF[side],
        samples: curveSamples(bone, rows, posed.sizeFactor).map((sample) => ({
          ...sample,
          half: sample.half * breadth,
        })),
      }));
    }),
  );
  const own = posedThings(posed).map(
    ({ thing, order, side, boneId, look, samples }): PosedApart => ({
      ...{ curve: `${thing.id} ${order + 1}`, look, boneId, samples },
      fittingId: ownFittingId(thing.id),
      side: thing.sides === 'middle' ? 0 : side,
    }),
  );
  const all = [...things, ...own];
  known.set(posed, all);
  return all;
}
