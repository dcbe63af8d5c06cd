import { facingOf, FACINGS, zoneOf } from '../anatomy/coat.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { posedApart, type PosedApart } from '../body/apart.ts';
import { sectionPoint, type AxisSample } from '../body/sleeveSection.ts';
import { inverse, turn } from '../geometry/quat.ts';
import { add, distance, scale, type Vec3 } from '../geometry/vec3.ts';
import type { TriangleMesh } from '../geometry/triangleMesh.ts';
import type { SkinSurface } from './skinSurface.ts';
import { meshNormals } from './sparseMesh.ts';

/** What is nowhere wider than so many cells either way of its axis is a line; the rest is drawn no thinner. */
const THINNEST_CELLS = 0.35;
/** Points round a thing that stands out by itself. */
const ROUND = 12;

/** Whether a thing is so thin, for cells of this size, that a line is all that can be drawn of it. */
const isLine = ({ samples }: PosedApart, cellMm: number): boolean =>
  samples.every(({ above, half }) => Math.max(above, half) < THINNEST_CELLS * cellMm);

/** The axes of what is too thin to have a surface on a skin with cells of this size: whiskers, fine plumes. */
export const apartLines = (
  posed: PosedSkeleton,
  cellMm: number,
  bones: ReadonlySet<string> | null = null,
): readonly (readonly Vec3[])[] =>
  posedApart(posed)
    .filter((thing) => (bones?.has(thing.boneId) ?? true) && isLine(thing, cellMm))
    .map(({ samples }) => samples.map(({ at }) => at));

/** What stands out of a skin by itself, as a skin of its own, with the colour of each of its points if it has one. */
export interface ApartSkin extends SkinSurface {
  readonly hexes: readonly (string | undefined)[];
}

/** A skin with all that stands out of it by itself. */
export interface FormSkin extends SkinSurface {
  /** The first point that belongs to no flesh, and the colour of each from there on, if it has its own. */
  readonly apartFrom: number;
  readonly apartHexes: readonly (string | undefined)[];
}

/** All that stands out of a posed skin with cells of some size, or out of some bones, by itself; no lines. */
export function apartSkin(
  posed: PosedSkeleton,
  cellMm: number,
  bones: ReadonlySet<string> | null = null,
): ApartSkin {
  const things = posedApart(posed).filter(
    (thing) => (bones?.has(thing.boneId) ?? true) && !isLine(thing, cellMm),
  );
  const tubes = things.map(({ samples }) => tube(samples, THINNEST_CELLS * cellMm));
  const owners = tubes.flatMap(({ points }, i) => points.map(() => i));
  let first = 0;
  const triangles = tubes.flatMap((of) => {
    const moved = of.triangles.map((corner) => corner + first);
    first += of.points.length;
    return moved;
  });
  const shape = {
    positions: Float32Array.from(tubes.flatMap(({ points }) => points.flat())),
    indices: Uint32Array.from(triangles),
  };
  const normals = meshNormals(shape);
  return {
    cellMm,
    mesh: { ...shape, normals, owner: Int16Array.from(owners) },
    parts: things.map(({ boneId, curve }) => ({
      ...{ boneId, sleeve: curve },
      side: posed.byId.get(boneId)!.bone.side,
    })),
    ...looksOf(posed, things, owners, normals),
    sleeve: Int16Array.from(owners),
    arcMm: Float32Array.from(tubes.flatMap(({ arcs }) => arcs)),
    flow: new Float32Array(3 * owners.length),
    coatMm: new Float32Array(owners.length),
    hexes: owners.map((i) => things[i]!.look.hex),
  };
}

/** A skin with all that stands out of it as closed meshes of their own beside it. */
export function withApart(skin: SkinSurface, apart: ApartSkin): FormSkin {
  const [from, parts] = [skin.mesh.owner.length, skin.parts.length];
  const { hexes: apartHexes } = apart;
  if (apartHexes.length === 0) return { ...skin, apartFrom: from, apartHexes };
  const floats = (of: (from: SkinSurface) => Float32Array): Float32Array =>
    joined(Float32Array, of(skin), of(apart));
  return {
    cellMm: skin.cellMm,
    mesh: {
      positions: floats(({ mesh }) => mesh.positions),
      normals: floats(({ mesh }) => mesh.normals),
      indices: joined(Uint32Array, skin.mesh.indices, apart.mesh.indices, from),
      owner: joined(Int16Array, skin.mesh.owner, apart.mesh.owner, parts),
    },
    parts: [...skin.parts, ...apart.parts],
    facing: joined(Uint8Array, skin.facing, apart.facing),
    zone: joined(Uint8Array, skin.zone, apart.zone),
    sleeve: joined(Int16Array, skin.sleeve, apart.sleeve, parts),
    arcMm: floats(({ arcMm }) => arcMm),
    flow: floats(({ flow }) => flow),
    coatMm: floats(({ coatMm }) => coatMm),
    ...{ apartFrom: from, apartHexes },
  };
}

/** Meshes of what stands out of a skin by itself, one for each colour; undefined is the skin's own. */
export type ApartMesh = TriangleMesh & { readonly hex: string | undefined };

/** What stands out of a skin by its colours; the meshes share their points. */
export function apartMeshes({ mesh, hexes }: ApartSkin): readonly ApartMesh[] {
  const { positions, normals, indices } = mesh;
  return [...new Set(hexes)].map((hex) => ({
    ...{ hex, positions, normals },
    indices: indices.filter((_, i) => hexes[indices[i - (i % 3)]!] === hex),
  }));
}

type Numbers = Float32Array | Uint32Array | Int16Array | Uint8Array;

/** Two arrays in one, the second one's numbers raised. */
function joined<T extends Numbers>(of: new (length: number) => T, a: T, b: T, raised = 0): T {
  const both = new of(a.length + b.length);
  both.set(a);
  both.set(raised === 0 ? b : b.map((n) => n + raised), a.length);
  return both;
}

/** A closed mesh round an axis: its points, how far along each lies, and its triangles. */
interface Tube {
  readonly points: readonly Vec3[];
  readonly arcs: readonly number[];
  readonly triangles: readonly number[];
}

/** Rings round the samples of an axis, closed by a point at its root and one at its tip. */
function tube(samples: readonly AxisSample[], thinnest: number): Tube {
  const rings = samples.flatMap((sample) =>
    Array.from({ length: ROUND }, (_, i) => {
      const angle = (2 * Math.PI * i) / ROUND;
      return sectionPoint(
        sample,
        Math.max(thinnest, sample.above) * Math.sin(angle),
        Math.max(thinnest, sample.half) * Math.cos(angle),
      );
    }),
  );
  const [first, last] = [samples[0]!, samples.at(-1)!];
  const tip = add(last.at, scale(last.along, Math.min(last.above, last.half)));
  const many = samples.length;
  const [root, end] = [rings.length, rings.length + 1];
  const triangles: number[] = [];
  for (let i = 0; i < ROUND; i++) {
    const next = (i + 1) % ROUND;
    for (let n = 0; n + 1 < many; n++) {
      const [a, b] = [n * ROUND + i, n * ROUND + next];
      triangles.push(a, a + ROUND, b, b, a + ROUND, b + ROUND);
    }
    const open = (many - 1) * ROUND;
    triangles.push(root, i, next, end, open + next, open + i);
  }
  let sum = 0;
  const arcs = samples.map((sample, n) =>
    n === 0 ? 0 : (sum += distance(samples[n - 1]!.at, sample.at)),
  );
  return {
    points: [...rings, first.at, tip],
    arcs: [...arcs.flatMap((arc) => Array.from({ length: ROUND }, () => arc)), 0, sum],
    triangles,
  };
}

/** Which way each point looks at rest, and the zone of the coat that it belongs to. */
function looksOf(
  posed: PosedSkeleton,
  things: readonly PosedApart[],
  owners: readonly number[],
  normals: Float32Array,
): { readonly facing: Uint8Array; readonly zone: Uint8Array } {
  const { coat } = posed.skeleton.animal;
  const bones = things.map(({ boneId }) => posed.byId.get(boneId)!);
  const rests = bones.map(({ rotation }) => inverse(rotation));
  const facing = owners.map((of, i) => {
    const normal: Vec3 = [normals[3 * i]!, normals[3 * i + 1]!, normals[3 * i + 2]!];
    return facingOf(turn(rests[of]!, normal)[1]);
  });
  const zone = owners.map((of, i) => {
    const found = zoneOf(coat, bones[of]!.bone.key, FACINGS[facing[i]!]!);
    return found === undefined ? coat.length : coat.indexOf(found);
  });
  return { facing: Uint8Array.from(facing), zone: Uint8Array.from(zone) };
}
