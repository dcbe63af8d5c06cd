import { least } from '../geometry/extremes.ts';
import type { MuscleSpec } from '../anatomy/bodyPlan.ts';
import { sidedId } from '../anatomy/plans/kit/bilateral.ts';
import { alongBone, posedBone, restPose, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { turn, type Quat } from '../geometry/quat.ts';
import {
  add,
  cross,
  distance,
  dot,
  lerp,
  mirrored,
  scale,
  sub,
  unit,
  X_AXIS,
  type Vec3,
} from '../geometry/vec3.ts';
import { skinBox, skinParts, type EllipsoidPart } from './skin.ts';
import { skinReach } from './skinReach.ts';
import { skinDistance } from './surfaceDistance.ts';

/** A muscle of one side of an animal as it lies at rest, life mm. */
export interface RestMuscle {
  readonly spec: MuscleSpec;
  /** The plan's id with its side, or with the link of a column of many. */
  readonly id: string;
  readonly side: Bone['side'];
  readonly origin: { readonly boneId: string; readonly at: number };
  readonly insertion: { readonly boneId: string; readonly at: number };
  readonly lengthMm: number;
  /** Half its thickness and width at rest, bulk included. */
  readonly halfThick: number;
  readonly halfWide: number;
  /** From the middle of the line to the middle of the belly, in rest axes. */
  readonly offset: Vec3;
  /** Unit, in rest axes: towards the skin. */
  readonly out: Vec3;
  readonly volumeMm3: number;
}

/** A muscle shortens by no more than this share, whatever the stance: it would be a ball. */
const SHORTEST = 0.5;
/** A belly is thick by the flesh there, but by no more than this share of its length. */
const MOST_REACH = 0.6;
/** Flesh of a neighbour over a belly, in half thicknesses of it, under which it still shows. */
const SEEN_OVER = 2;
/** A belly thinner than this share of the whole body cannot be laid or seen. */
const LEAST_SHARE = 1e-4;

/** A muscle that fills a whole segment of a limb, its middle in the line, as in arthropods. */
export const fillsSegment = ({ belly }: MuscleSpec): boolean => belly.thick === 1;

const known = new WeakMap<Skeleton, readonly RestMuscle[]>();

/**
 * Every muscle of the animal at rest, left before right: between its attachments, as thick as its
 * plan says of the flesh over it, and pushed out until it lies right under the skin. V = 4/3·π·(L/2)·a·b.
 */
export function restMuscles(skeleton: Skeleton): readonly RestMuscle[] {
  const before = known.get(skeleton);
  if (before !== undefined) return before;
  const posed = restPose(skeleton);
  const skin = skinParts(posed);
  const box = skinBox(skin);
  const far = distance(box.min, box.max);
  const all = skeleton.plan.muscles.flatMap((spec) =>
    attachments(skeleton, spec).map((at) => ({ spec, ...at })),
  );
  const muscles = all.flatMap(({ spec, ...at }): RestMuscle[] => {
    const [from, to] = [at.origin, at.insertion].map((end) =>
      alongBone(posedBone(posed, end.boneId), end.at),
    ) as [Vec3, Vec3];
    const lengthMm = distance(from, to);
    const lies = at.side === 'right' ? mirrored(spec.belly.lies) : spec.belly.lies;
    const along = unit(sub(to, from));
    const out = unit(sub(lies, scale(along, dot(lies, along))));
    const middle = lerp(from, to, 0.5);
    // Only the flesh of the bones it runs along: beyond the thigh's front lies the belly.
    const path = bonesBetween(skeleton, at.origin.boneId, at.insertion.boneId);
    const own = skin.filter((part) => path.has(part.boneId));
    const near = own.length > 0 && skinDistance(own, middle) < 0 ? own : skin;
    const toSkin = skinReach(near, middle, out, far);
    const reach = Math.min(toSkin, MOST_REACH * lengthMm);
    if (reach < far * LEAST_SHARE || lengthMm < far * LEAST_SHARE) return [];
    const bulk = skeleton.bulk[spec.id] ?? 1;
    const lean = bulk < 1 && !fillsSegment(spec);
    // A bulkier belly grows round its middle; a leaner one is thinner, and keeps its inner face.
    const [thicker, wider] = lean ? [bulk, 1] : [Math.sqrt(bulk), Math.sqrt(bulk)];
    // What fills a segment has its middle in the line; other bellies lie on one side of it.
    const halfThick = (spec.belly.thick * reach) / (fillsSegment(spec) ? 1 : 2);
    // Right under the skin that is seen, where a neighbour's flesh lies only a little over it.
    const seen = skinReach(skin, middle, out, far);
    const under = seen - toSkin < SEEN_OVER * halfThick ? seen : toSkin;
    const outward = fillsSegment(spec) ? 0 : Math.max(0, under - halfThick);
    const centre = add(middle, scale(out, outward));
    const across = cross(along, out);
    const room = [across, scale(across, -1)].map((way) => skinReach(near, centre, way, far));
    const halfWide = Math.min(halfThick * spec.belly.wide, Math.max(halfThick, least(room)));
    return [
      {
        spec,
        ...at,
        lengthMm,
        halfThick: halfThick * thicker,
        halfWide: halfWide * wider,
        offset: scale(out, lean ? outward - (1 - bulk) * halfThick : outward),
        out,
        volumeMm3: (4 / 3) * Math.PI * (lengthMm / 2) * halfThick * halfWide * thicker * wider,
      },
    ];
  });
  known.set(skeleton, muscles);
  return muscles;
}

/** The bones from one to another along the tree, both ends in it. */
export function bonesBetween({ byId }: Skeleton, from: string, to: string): ReadonlySet<string> {
  const up = (id: string): readonly string[] => {
    const line: string[] = [];
    for (let at: string | null = id; at !== null; at = byId.get(at)?.parent ?? null) line.push(at);
    return line;
  };
  const [a, b] = [up(from), up(to)];
  const meets = a.find((id) => b.includes(id));
  const part = (line: readonly string[]): readonly string[] =>
    meets === undefined ? line : line.slice(0, line.indexOf(meets) + 1);
  return new Set([...part(a), ...part(b)]);
}

type Attached = Pick<RestMuscle, 'id' | 'side' | 'origin' | 'insertion'>;

/** Where a muscle is attached, once for each side, or for each link of a column of many alike. */
function attachments(skeleton: Skeleton, spec: MuscleSpec): readonly Attached[] {
  const links = skeleton.bones.filter(
    (bone) => bone.key === spec.origin.bone && bone.side === 'mid',
  );
  const sides =
    spec.belly.lies[2] === 0 && isMidline(skeleton, spec)
      ? (['mid'] as const)
      : (['left', 'right'] as const);
  if (spec.origin.bone === spec.insertion.bone && links.length > 1)
    return sides.flatMap((side) =>
      links.map((bone, i) => ({
        id: `${sidedId(spec.id, side)}.${i + 1}`,
        side,
        origin: { boneId: bone.id, at: spec.origin.at },
        insertion: { boneId: bone.id, at: spec.insertion.at },
      })),
    );
  return sides.flatMap((side): Attached[] => {
    const [origin, insertion] = [spec.origin, spec.insertion].map(({ bone, at }) => {
      const own = sidedId(bone, side);
      return { boneId: skeleton.byId.has(own) ? own : bone, at };
    }) as [Attached['origin'], Attached['origin']];
    const there = [origin, insertion].every((end) => skeleton.byId.has(end.boneId));
    return there ? [{ id: sidedId(spec.id, side), side, origin, insertion }] : [];
  });
}

const isMidline = (skeleton: Skeleton, { origin, insertion }: MuscleSpec): boolean =>
  [origin, insertion].every(({ bone }) => skeleton.byId.get(bone)?.side === 'mid');

/**
 * The muscles of a stance as ellipsoids, mm of the posed size: each between its attachments where
 * they are now, thicker by √(L₀/L) where it is shorter, so that its volume stays.
 */
export function posedMuscles(posed: PosedSkeleton): readonly (EllipsoidPart & {
  readonly muscle: RestMuscle;
})[] {
  const k = posed.sizeFactor;
  return restMuscles(posed.skeleton).map((muscle) => {
    const [a, b] = [
      posedBone(posed, muscle.origin.boneId),
      posedBone(posed, muscle.insertion.boneId),
    ];
    const [from, to] = [alongBone(a, muscle.origin.at), alongBone(b, muscle.insertion.at)];
    const length = Math.max(distance(from, to), SHORTEST * muscle.lengthMm * k);
    const thicker = Math.sqrt((muscle.lengthMm * k) / length);
    const middleTurn = between(a.rotation, b.rotation);
    const along = distance(from, to) > 0 ? unit(sub(to, from)) : X_AXIS;
    const turned = turn(middleTurn, muscle.out);
    const out = unit(sub(turned, scale(along, dot(turned, along))));
    const offset = turn(middleTurn, scale(muscle.offset, k));
    return {
      kind: 'ellipsoid' as const,
      boneId: muscle.insertion.boneId,
      muscle,
      centre: add(lerp(from, to, 0.5), offset),
      axes: [along, out, cross(along, out)] as const,
      radii: [length / 2, muscle.halfThick * k * thicker, muscle.halfWide * k * thicker] as const,
    };
  });
}

/** Halfway between two turns. */
function between(a: Quat, b: Quat): Quat {
  const same = a[0] * b[0] + a[1] * b[1] + a[2] * b[2] + a[3] * b[3] < 0 ? -1 : 1;
  const sum = [0, 1, 2, 3].map((i) => a[i]! + same * b[i]!);
  const size = Math.hypot(...sum) || 1;
  return sum.map((v) => v / size) as unknown as Quat;
}
