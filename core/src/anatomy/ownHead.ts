import { isApart, type Flesh, type FleshCurve } from './animal.ts';
import { withFace, type FaceHole } from './face.ts';
import type { Shape } from './shapeSchema.ts';
import type { Bone, Skeleton } from './skeleton.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { toDeg, toRad } from '../units/angles.ts';

type OwnHead = Shape['head'];
/** Where something stands on a head and which way it goes; see the schema. */
export interface Stand {
  readonly at: number;
  readonly backDeg: number;
  readonly outDeg: number;
}

/** How a bone stands on what bears it, on its own side. */
export const standOf = ({ at, rest, side }: Bone): Stand => ({
  at,
  backDeg: toDeg(Math.atan2(-rest[0], rest[1])),
  outDeg: toDeg(Math.asin(Math.max(-1, Math.min(1, side === 'right' ? rest[2] : -rest[2])))),
});

/** The way at rest of what stands so on the left side or the midline; on the right its mirror image. */
export function standWay({ backDeg, outDeg }: Stand, side: Bone['side']): Vec3 {
  const [back, out] = [toRad(backDeg), toRad(outDeg)];
  const z = Math.sin(out);
  return [
    -Math.sin(back) * Math.cos(out),
    Math.cos(back) * Math.cos(out),
    side === 'right' ? z : -z,
  ];
}

/** Bones that stand on a head by themselves: what starts on the bone of the eyes and carries no face on. */
export function headStands({ bones, animal, byId }: Skeleton): readonly Bone[] {
  const head = animal.face?.eyes[0]?.at[0] ?? 'skull';
  return bones.filter(
    ({ parent, key, side }) =>
      side !== 'right' && key !== 'jaw' && parent !== null && byId.get(parent)?.key === head,
  );
}

/** A skeleton whose head has features of the user's own; the same where nothing is said. */
export function withOwnHead(skeleton: Skeleton, own: OwnHead): Skeleton {
  const { nostril, teeth, stands } = own;
  const isNostril = Object.values(nostril).some((value) => value !== null);
  if (!isNostril && teeth === null && Object.keys(stands).length === 0) return skeleton;
  const bones = skeleton.bones.map((bone) => withStand(withTeeth(bone, teeth), stands[bone.key]));
  return {
    ...skeleton,
    bones,
    byId: new Map(bones.map((bone) => [bone.id, bone])),
    animal: isNostril ? withNostril(skeleton.animal, nostril) : skeleton.animal,
  };
}

function withStand(bone: Bone, own: OwnHead['stands'][string] | undefined): Bone {
  if (own === undefined) return bone;
  const was = standOf(bone);
  const now: Stand = {
    at: own.at ?? was.at,
    backDeg: own.backDeg ?? was.backDeg,
    outDeg: own.outDeg ?? was.outDeg,
  };
  return { ...bone, at: now.at, rest: standWay(now, bone.side) };
}

const withTeeth = (bone: Bone, factor: number | null): Bone =>
  factor === null || !bone.flesh.some(isTooth)
    ? bone
    : {
        ...bone,
        flesh: bone.flesh.map((of) => (isTooth(of) ? grownFrom(of, factor, factor) : of)),
      };

/** Whether flesh is a tooth of a row. */
export const isTooth = (flesh: Flesh): flesh is FleshCurve =>
  isApart(flesh) && flesh.apart.isTooth === true;

/** A curve so many times longer and thicker from its root on. */
export function grownFrom(curve: FleshCurve, long: number, thick: number): FleshCurve {
  const root = curve.points[0]!;
  const grown = (at: number, from: number): number => from + (at - from) * long;
  const [x0, y0, z0] = root.offset ?? [0, 0, 0];
  return {
    ...curve,
    points: curve.points.map(({ at, offset: [x, y, z] = [0, 0, 0], radius }) => ({
      at: grown(at, root.at),
      offset: [grown(x, x0), grown(y, y0), grown(z, z0)],
      radius: radius * thick,
    })),
  };
}

function withNostril(
  animal: Skeleton['animal'],
  { along, around, long, wide, turnDeg }: OwnHead['nostril'],
): Skeleton['animal'] {
  const { face } = animal;
  if (face === undefined) return animal;
  const moved = (hole: FaceHole): FaceHole => {
    const [bone, at, angle, ...off] = hole.at;
    return {
      at: [bone, along ?? at, around ?? angle, ...off],
      long: long ?? hole.long,
      wide: wide ?? hole.wide,
      turnDeg: turnDeg ?? hole.turnDeg,
    };
  };
  const holes = face.holes.map((hole, i) => (i === 0 ? moved(hole) : hole));
  return { ...animal, ...withFace({ ...face, holes }) };
}
