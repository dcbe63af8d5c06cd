import { greatest } from '../geometry/extremes.ts';
import type { Blade } from '../anatomy/animal.ts';
import {
  alongBone,
  posedBone,
  poseSkeleton,
  restPose,
  type PosedSkeleton,
} from '../anatomy/pose.ts';
import { sidesShown, type Side } from '../anatomy/bodyPlan.ts';
import { sidedId } from '../anatomy/plans/kit/bilateral.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { boxOfPoints, type Box3 } from '../geometry/box.ts';
import { smoothLoop } from '../geometry/catmullRom.ts';
import {
  add,
  cross,
  length,
  lerp,
  mirrored,
  ORIGIN,
  scale,
  sub,
  type Vec3,
} from '../geometry/vec3.ts';
import { shownParts } from './shownParts.ts';
import { skinBox } from './skin.ts';

/** A blade in a stance: its outline in space, mm of the posed size, and the bone it hangs on. */
export interface PosedBlade {
  readonly blade: Blade;
  readonly side: Side;
  readonly boneId: string;
  readonly outline: readonly Vec3[];
  /** Its shafts, rays, veins or folds, each from its beginning to its end. */
  readonly ribs: readonly (readonly [Vec3, Vec3])[];
}

/** Points of an outline for each of those that it is told by. */
const STEPS = 6;

/** Every blade of a posed skeleton, left before right. */
export function posedBlades(posed: PosedSkeleton): readonly PosedBlade[] {
  const paired = sidesShown(posed.skeleton.plan).map((side) => (side === 1 ? 'left' : 'right'));
  return (posed.skeleton.animal.blades ?? []).flatMap((blade) =>
    (blade.paired ? paired : (['mid'] as const)).map((side): PosedBlade => {
      const ids = blade.outline.map(({ bone }) => idOn(posed, bone, side));
      const told = blade.outline.map(({ at, offset = ORIGIN }, i) =>
        alongBone(
          posedBone(posed, ids[i]!),
          at,
          side === 'right' ? mirrored(offset) : offset,
          posed.sizeFactor,
        ),
      );
      const outline = smoothLoop(told, (n) => blade.outline[n]!.corner === true, STEPS);
      return { blade, side, boneId: ids[0] ?? '', outline, ribs: ribsOf(blade, outline) };
    }),
  );
}

/** The lines in a blade, evenly from the first to the last of each row. */
function ribsOf({ ribs = [] }: Blade, outline: readonly Vec3[]): PosedBlade['ribs'] {
  const on = (place: number): Vec3 => {
    const n = Math.floor(place * STEPS);
    const [a, b] = [outline[n % outline.length]!, outline[(n + 1) % outline.length]!];
    return lerp(a, b, place * STEPS - n);
  };
  return ribs.flatMap(({ many, from, to }) =>
    Array.from({ length: many }, (_, i): readonly [Vec3, Vec3] => {
      const t = many === 1 ? 0.5 : i / (many - 1);
      return [on(from[0] + (from[1] - from[0]) * t), on(to[0] + (to[1] - to[0]) * t)];
    }),
  );
}

/** A paired blade may also be tied to the midline: a membrane from the wing to the flank. */
function idOn(posed: PosedSkeleton, key: string, side: Side): string {
  const own = sidedId(key, side);
  return posed.byId.has(own) ? own : key;
}

/** Area in mm² of a blade's outline: triangles about its centre, so that a curved one counts whole. */
export function bladeArea({ outline }: Pick<PosedBlade, 'outline'>): number {
  const centre = centreOf(outline);
  return outline.reduce((sum, p, i) => {
    const next = outline[(i + 1) % outline.length]!;
    return sum + length(cross(sub(p, centre), sub(next, centre))) / 2;
  }, 0);
}

const centreOf = (points: readonly Vec3[]): Vec3 =>
  scale(points.reduce<Vec3>(add, [0, 0, 0]), 1 / Math.max(1, points.length));

/** A blade as the body counts it, life mm: spread as wide as the plan's stances spread it. */
export interface BladeMass {
  readonly boneId: string;
  readonly areaMm2: number;
  readonly volumeMm3: number;
  /** Middle of its outline in the rest stance. */
  readonly centre: Vec3;
}

/** Area and volume of every blade at life size: the widest that any stance of the plan shows. */
export function bladeMasses(skeleton: Skeleton): readonly BladeMass[] {
  if ((skeleton.animal.blades ?? []).length === 0) return [];
  const rest = posedBlades(restPose(skeleton));
  const spread = skeleton.plan.stances.map((stance) =>
    posedBlades(poseSkeleton(skeleton, stance.anglesDeg)),
  );
  return rest.map((blade, i) => {
    const areaMm2 = greatest([rest, ...spread].map((all) => bladeArea(all[i]!)));
    return {
      boneId: blade.boneId,
      areaMm2,
      volumeMm3: areaMm2 * blade.blade.thickness.mm,
      centre: centreOf(blade.outline),
    };
  });
}

/** The box round a posed body, blades and all, mm of the posed size. */
export function bodyBox(posed: PosedSkeleton): Box3 {
  const skin = skinBox(shownParts(posed));
  const points = posedBlades(posed).flatMap((blade) => blade.outline);
  return boxOfPoints([skin.min, skin.max, ...points]) ?? skin;
}
