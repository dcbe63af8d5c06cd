import type { LieMarkKind } from '../anatomy/lieMark.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { idOn, skinPoint } from '../body/facePoint.ts';
import { cross, dot, lerp, length, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { toRad } from '../units/angles.ts';
import type { TriangleMesh } from '../geometry/triangleMesh.ts';
import { inSurface } from './anatomyLie.ts';
import type { NearPoints } from './nearPoints.ts';

/** A place of a mark: where the outermost skin of a bone is, at a share of it and an angle about it. */
export interface LiePlace {
  readonly boneId: string;
  readonly along: number;
  readonly around: number;
}

/** A mark on a coat, by places that outlive stance and scale. */
export interface LieMark {
  readonly id: string;
  readonly kind: LieMarkKind;
  readonly places: readonly LiePlace[];
  /** Whether the other side has it too. */
  readonly mirrored: boolean;
  /** As {@link AnimalLie.turnDeg}. */
  readonly turnDeg: number;
  /** Of a whorl, life mm. */
  readonly radiusMm: number;
}

/** Angle between a parting and the hair beside it where nobody said one. Common practice. */
export const PARTING_DEG = 55;
/** Radius of a whorl as a share of the longest bone where nobody said one. */
const WHORL_SHARE = 0.15;

/** The marks that an animal brings. */
export function animalMarks(rest: PosedSkeleton): readonly LieMark[] {
  const longest = Math.max(...rest.skeleton.bones.map(({ lifeLengthMm }) => lifeLengthMm));
  return (rest.skeleton.animal.lie ?? []).flatMap((mark, i): LieMark[] => {
    const places = mark.through.flatMap(([key, along, around]): LiePlace[] => {
      const boneId = idOn(rest, key, 1);
      return boneId === undefined ? [] : [{ boneId, along, around }];
    });
    if (places.length < mark.through.length) return [];
    return [
      {
        ...{ id: `anatomy-${i + 1}`, kind: mark.kind, places, mirrored: mark.paired },
        turnDeg: mark.turnDeg ?? (mark.kind === 'whorl' ? 0 : PARTING_DEG),
        radiusMm: mark.radiusMm ?? WHORL_SHARE * longest,
      },
    ];
  });
}

/** A place on the other side. */
export const mirroredPlace = (
  posed: PosedSkeleton,
  { boneId, along, around }: LiePlace,
): LiePlace => ({
  boneId: posed.byId.get(boneId)?.bone.image ?? boneId,
  along,
  around: -around,
});

/** A mark and, where it has one, its image on the other side. */
export const bothSides = (posed: PosedSkeleton, mark: LieMark): readonly LieMark[] =>
  mark.mirrored
    ? [
        mark,
        {
          ...mark,
          id: `${mark.id}-mirrored`,
          places: mark.places.map((place) => mirroredPlace(posed, place)),
          // A whorl turns the other way round there.
          turnDeg: mark.kind === 'whorl' ? -mark.turnDeg : mark.turnDeg,
        },
      ]
    : [mark];

/** A mark in space: the points of its line, mm of the posed size; fewer where a bone is not there. */
export const markLine = (posed: PosedSkeleton, { places }: LieMark): readonly Vec3[] =>
  places
    .map((place) => (skinPoint(posed, place, true) ?? skinPoint(posed, place))?.at)
    .filter((point) => point !== undefined);

/** Points of a mesh with what a mark holds there, and on which side of its line they lie. */
export interface MarkedPoints {
  /** Vectors that are held, by the index of their point. */
  readonly held: ReadonlyMap<number, Vec3>;
  /** Points beside a line that cuts: 1 on its left as one goes along it, −1 on its right. */
  readonly sides: ReadonlyMap<number, 1 | -1>;
}

/** A guide holds what lies this near to it, and a parting cuts within so far, in cells. */
const HOLDS = 0.8;
const CUTS = 2.5;
/** Lines are gone along in steps of so many cells. */
const STEP = 0.5;

/** What a mark says of the points of a mesh. */
export function markedPoints(
  mark: LieMark,
  line: readonly Vec3[],
  mesh: TriangleMesh,
  near: NearPoints,
  cellMm: number,
  sizeFactor: number,
): MarkedPoints {
  if (mark.kind === 'whorl') return whorlPoints(mark, line, mesh, cellMm, sizeFactor);
  const [held, sides] = [new Map<number, Vec3>(), new Map<number, 1 | -1>()];
  const least = new Map<number, number>();
  const cuts = mark.kind !== 'guide';
  for (let s = 1; s < line.length; s++) {
    const [from, to] = [line[s - 1]!, line[s]!];
    const whole = sub(to, from);
    const steps = Math.max(1, Math.ceil(length(whole) / (STEP * cellMm)));
    for (let n = 0; n <= steps; n++) {
      const on = snapped(lerp(from, to, n / steps), mesh, near);
      const reach = (cuts ? CUTS : HOLDS) * cellMm;
      near.each(0, ...on, (i, square) => {
        if (square > reach * reach || square >= (least.get(i) ?? Infinity)) return;
        const normal = vec(mesh.normals, i);
        const along = inSurface(whole, normal);
        if (along === undefined) return;
        least.set(i, square);
        if (!cuts) {
          held.set(i, along);
          return;
        }
        const left = cross(normal, along);
        const side = dot(sub(vec(mesh.positions, i), on), left) >= 0 ? 1 : -1;
        sides.set(i, side);
        const away = (mark.kind === 'parting' ? 1 : -1) * side;
        const [c, k] = [Math.cos(toRad(mark.turnDeg)), away * Math.sin(toRad(mark.turnDeg))];
        held.set(i, unit([0, 1, 2].map((m) => c * along[m]! + k * left[m]!) as unknown as Vec3));
      });
    }
  }
  return { held, sides };
}

/** A point of a chord on the skin that it spans: the point of the mesh nearest to it, where one is near. */
function snapped(p: Vec3, mesh: TriangleMesh, near: NearPoints): Vec3 {
  const i = near.nearest(0, ...p);
  return i < 0 ? p : vec(mesh.positions, i);
}

const vec = (of: Float32Array, i: number): Vec3 => [of[3 * i]!, of[3 * i + 1]!, of[3 * i + 2]!];

/** Round a whorl hair stands off its middle, turned by its angle; the middle itself is left open. */
function whorlPoints(
  { turnDeg, radiusMm }: LieMark,
  [middle]: readonly Vec3[],
  mesh: TriangleMesh,
  cellMm: number,
  sizeFactor: number,
): MarkedPoints {
  const held = new Map<number, Vec3>();
  if (middle === undefined) return { held, sides: new Map() };
  const reach = Math.max(radiusMm * sizeFactor, 1.5 * cellMm);
  const [c, s] = [Math.cos(toRad(turnDeg)), Math.sin(toRad(turnDeg))];
  for (let i = 0; 3 * i < mesh.positions.length; i++) {
    const off = sub(vec(mesh.positions, i), middle);
    const far = length(off);
    if (far > reach || far < 0.3 * reach) continue;
    const normal = vec(mesh.normals, i);
    const away = inSurface(scale(off, 1 / far), normal);
    if (away === undefined) continue;
    const round = cross(normal, away);
    held.set(i, [0, 1, 2].map((m) => c * away[m]! + s * round[m]!) as unknown as Vec3);
  }
  return { held, sides: new Map() };
}
