import { aboutAxis, turn } from '../geometry/quat.ts';
import { toRad } from '../units/angles.ts';
import { isApart, type Animal, type Feature, type FleshCurve } from './animal.ts';
import { grownFrom } from './ownHead.ts';
import type { FeatureChange, Shape } from './shapeSchema.ts';
import type { Bone, Skeleton } from './skeleton.ts';

/** The feature whose piece a curve on a bone is; undefined for what is only seen. */
export const featureOf = (
  { features = [] }: Pick<Animal, 'features'>,
  boneKey: string,
  curve: string,
): Feature | undefined =>
  features.find(
    ({ drawn }) =>
      drawn !== undefined &&
      drawn.on.includes(boneKey) &&
      drawn.curves.some((start) => curve.startsWith(start)),
  );

/**
 * A skeleton whose parts made apart are as long, as thick and where the user has them, without those that were left
 * out, and with the user's own things on it; the same where nothing is said.
 */
export function withOwnFeatures(skeleton: Skeleton, own: Shape): Skeleton {
  const { features, things } = own;
  const isChanged = Object.keys(features).length > 0;
  if (!isChanged && things.length === 0) return skeleton;
  const { animal } = skeleton;
  const bones = isChanged
    ? skeleton.bones.map((bone) => withChanges(animal, bone, features))
    : skeleton.bones;
  const isGone = ({ id }: Feature): boolean => features[id]?.gone === true;
  return {
    ...skeleton,
    bones,
    byId: new Map(bones.map((bone) => [bone.id, bone])),
    things,
    animal: isChanged
      ? {
          ...animal,
          features: (animal.features ?? [])
            .filter((feature) => !isGone(feature))
            .map((feature) => sized(feature, features[feature.id]?.long ?? null)),
        }
      : animal,
  };
}

function withChanges(animal: Animal, bone: Bone, changes: Shape['features']): Bone {
  const flesh = bone.flesh.flatMap((of) => {
    const feature = isApart(of) ? featureOf(animal, bone.key, of.curve) : undefined;
    const change = feature && changes[feature.id];
    if (change === undefined || !isApart(of)) return [of];
    return change.gone ? [] : [changed(of, change, bone)];
  });
  return { ...bone, flesh };
}

/** A curve made longer and thicker from its root on, and moved along its bone and about it. */
function changed(curve: FleshCurve, change: FeatureChange, { rest, side }: Bone): FleshCurve {
  const { long, thick, along, around } = change;
  const sized = grownFrom(curve, long ?? 1, thick ?? 1);
  if (along === null && around === null) return sized;
  // Away from the back on either side: to the left on the left side and on the midline.
  const about = aboutAxis(
    rest[0] >= 0 ? rest : [-rest[0], -rest[1], -rest[2]],
    leftTurn(around, side),
  );
  return {
    ...sized,
    points: sized.points.map(({ at, offset, radius }) => ({
      ...{ at: at + (along ?? 0), radius },
      ...(offset === undefined ? {} : { offset: turn(about, offset) }),
    })),
  };
}

const leftTurn = (deg: number | null, side: Bone['side']): number =>
  (side === 'right' ? 1 : -1) * toRad(deg ?? 0);

/** A feature so many times longer; the size is the user's own then. */
const sized = (feature: Feature, factor: number | null): Feature =>
  factor === null
    ? feature
    : {
        ...feature,
        size: {
          mm: feature.size.mm * factor,
          range: [feature.size.range[0] * factor, feature.size.range[1] * factor],
          provenance: 'own',
        },
      };
