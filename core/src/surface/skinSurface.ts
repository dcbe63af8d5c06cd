import { facingOf, FACINGS, zoneOf } from '../anatomy/coat.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import type { Side } from '../anatomy/bodyPlan.ts';
import { bodyBlends } from '../body/bodyBlends.ts';
import { partArea, type SkinPart } from '../body/skin.ts';
import { sectionMiddle } from '../body/sleeveSection.ts';
import { muscleReliefs } from '../body/muscleRelief.ts';
import { thinnings } from '../body/thinned.ts';
import { standOffMm } from '../body/undersize.ts';
import { volumeKept } from '../body/volumeKept.ts';
import { inWallMm, wallOf } from '../body/wall.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { distance, dot, type Vec3 } from '../geometry/vec3.ts';
import { cellFor, sparseField } from './sparseField.ts';
import { sparseMesh, type OwnedMesh } from './sparseMesh.ts';
import { withoutCrumbs } from './withoutCrumbs.ts';

/** The skin of a body in a stance, mm of the model, and what is known at each of its points. */
export interface SkinSurface {
  readonly cellMm: number;
  readonly mesh: OwnedMesh;
  /** The parts that the owners of its points are. */
  readonly parts: readonly {
    readonly boneId: string;
    readonly sleeve: string;
    readonly side: Side;
  }[];
  /** Which way a point looks in the rest stance, by its place in FACINGS. */
  readonly facing: Uint8Array;
  /** The zone of the coat that it belongs to, by its place in the animal's coat. */
  readonly zone: Uint8Array;
  /** Its sleeve, by the place of the first part of it. */
  readonly sleeve: Int16Array;
  /** How far along its sleeve it lies, mm from where that begins. */
  readonly arcMm: Float32Array;
  /** Unit, in the skin, away from the nose and down the limbs: the lie of the coat. */
  readonly flow: Float32Array;
  /** How far the coat stands off there, mm. */
  readonly coatMm: Float32Array;
}

/** Cells of the two answers. */
export const SURFACE_CELLS = { coarse: 30_000, fine: 420_000 } as const;

/** Works the skin of a posed body out, or of some of its bones alone. Pure and deterministic. */
export function skinSurface(
  posed: PosedSkeleton,
  cells: number,
  bones: ReadonlySet<string> | null = null,
): SkinSurface {
  const parts = volumeKept(posed).filter(({ boneId }) => bones?.has(boneId) ?? true);
  const area = parts.reduce((sum, part) => sum + partArea(part), 0);
  const cellMm = cellFor(area, cells);
  const wall = wallOf(posed);
  const field = sparseField(
    parts,
    bodyBlends(posed.skeleton, parts),
    cellMm,
    thinnings(posed),
    muscleReliefs(posed),
    wall,
  );
  const mesh = withoutCrumbs(sparseMesh(field));
  return { cellMm, mesh, ...attributes(posed, parts, mesh) };
}

/** A point of the skin this near to the wall lies on it, mm. */
const ON_WALL_MM = 1e-3;

/** What is known at each point of the skin. */
function attributes(
  posed: PosedSkeleton,
  parts: readonly SkinPart[],
  { positions, normals, owner }: OwnedMesh,
): Omit<SkinSurface, 'cellMm' | 'mesh'> {
  const { coat } = posed.skeleton.animal;
  const many = owner.length;
  const [facing, zone] = [new Uint8Array(many), new Uint8Array(many)];
  const [sleeve, arcMm] = [new Int16Array(many), new Float32Array(many)];
  const [flow, coatMm] = [new Float32Array(3 * many), new Float32Array(many)];
  const axes = parts.map(axisOf);
  const arcs = arcsOf(parts, axes);
  const lies = parts.map((part) => lieOf(posed, part));
  const sleeves = parts.map((part) => parts.findIndex((other) => nameOf(other) === nameOf(part)));
  const rests = parts.map(({ boneId }) => inverse(posed.byId.get(boneId)!.rotation));
  const keys = parts.map(({ boneId }) => posed.byId.get(boneId)!.bone.key);
  const zones = keys.map((key) =>
    FACINGS.map((way) => {
      const found = zoneOf(coat, key, way);
      return found === undefined ? coat.length : coat.indexOf(found);
    }),
  );
  const wall = wallOf(posed);
  const standing = coat.map((of) => standOffMm(of, of.hair?.mm ?? 0) * posed.sizeFactor);
  for (let i = 0; i < many; i++) {
    const part = owner[i]!;
    const normal: Vec3 = [normals[3 * i]!, normals[3 * i + 1]!, normals[3 * i + 2]!];
    facing[i] = facingOf(turn(rests[part]!, normal)[1]);
    const p: Vec3 = [positions[3 * i]!, positions[3 * i + 1]!, positions[3 * i + 2]!];
    // The cut that lies on the wall has no coat.
    const isCut = wall !== undefined && inWallMm(wall, p) > -ON_WALL_MM;
    zone[i] = isCut ? coat.length : zones[part]![facing[i]!]!;
    coatMm[i] = standing[zone[i]!] ?? 0;
    const { along, arc } = axisAt(axes[part]!, p);
    sleeve[i] = sleeves[part]!;
    arcMm[i] = arcs[part]! + arc;
    const lie = lies[part]!;
    const off = dot(along, normal);
    const inSkin: Vec3 = [
      along[0] - off * normal[0],
      along[1] - off * normal[1],
      along[2] - off * normal[2],
    ];
    const size = Math.hypot(...inSkin) || 1;
    flow.set([(lie * inSkin[0]) / size, (lie * inSkin[1]) / size, (lie * inSkin[2]) / size], 3 * i);
  }
  return {
    parts: parts.map((part) => ({
      boneId: part.boneId,
      sleeve: nameOf(part),
      side: posed.byId.get(part.boneId)!.bone.side,
    })),
    ...{ facing, zone, sleeve, arcMm, flow, coatMm },
  };
}

/** Whether hair lies along a part's axis (1) or against it (−1): back over the column, down the limbs. */
function lieOf(posed: PosedSkeleton, part: SkinPart): 1 | -1 {
  const { bone } = posed.byId.get(part.boneId)!;
  const isForwards = bone.side === 'mid' && bone.rest[0] > 0;
  const isWithBone =
    part.kind === 'ellipsoid' || part.samples[0]!.share <= part.samples.at(-1)!.share;
  return isForwards === isWithBone ? -1 : 1;
}

const nameOf = (part: SkinPart): string => (part.kind === 'sleeve' ? part.sleeve : part.boneId);

/** A part's axis as chords: places, directions and how far along each begins, flat for the inner loop. */
interface Axis {
  readonly points: Float64Array;
  readonly ways: readonly Vec3[];
  readonly arcs: readonly number[];
}

function axisOf(part: SkinPart): Axis {
  const points = part.kind === 'ellipsoid' ? [part.centre] : part.samples.map(sectionMiddle);
  const ways = part.kind === 'ellipsoid' ? [part.axes[0]] : part.samples.map(({ along }) => along);
  let sum = 0;
  const arcs = points.map((p, i) => (sum += i === 0 ? 0 : distance(points[i - 1]!, p)));
  return { points: Float64Array.from(points.flat()), ways, arcs };
}

/** How far along its sleeve each part begins, mm. */
function arcsOf(parts: readonly SkinPart[], axes: readonly Axis[]): readonly number[] {
  const ends = new Map<string, number>();
  return parts.map((part, i) => {
    const from = ends.get(nameOf(part)) ?? 0;
    ends.set(nameOf(part), from + axes[i]!.arcs.at(-1)!);
    return from;
  });
}

/** The direction of an axis nearest to a point, and how far along it that is. */
function axisAt({ points, ways, arcs }: Axis, [x, y, z]: Vec3): { along: Vec3; arc: number } {
  let [best, least] = [0, Infinity];
  for (let i = 0; i < ways.length; i++) {
    const [dx, dy, dz] = [x - points[3 * i]!, y - points[3 * i + 1]!, z - points[3 * i + 2]!];
    const far = dx * dx + dy * dy + dz * dz;
    if (far < least) [least, best] = [far, i];
  }
  const along = ways[best]!;
  const ahead =
    (x - points[3 * best]!) * along[0] +
    (y - points[3 * best + 1]!) * along[1] +
    (z - points[3 * best + 2]!) * along[2];
  return { along, arc: arcs[best]! + ahead };
}
