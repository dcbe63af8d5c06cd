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

/** A skin with all that stands out of it as closed meshes of their own beside it. */
export interface FormSkin extends SkinSurface {
  /** The first point that belongs to no flesh, and the colour of each from there on, if it has its own. */
  readonly apartFrom: number;
  readonly apartHexes: readonly (string | undefined)[];
}

/** The skin of a posed body together with its claws, teeth, plumes and tines. */
export function withApart(
  posed: PosedSkeleton,
  skin: SkinSurface,
  bones: ReadonlySet<string> | null = null,
): FormSkin {
  const things = posedApart(posed).filter(
    (thing) => (bones?.has(thing.boneId) ?? true) && !isLine(thing, skin.cellMm),
  );
  const from = skin.mesh.owner.length;
  if (things.length === 0) return { ...skin, apartFrom: from, apartHexes: [] };
  const tubes = things.map(({ samples }) => tube(samples, THINNEST_CELLS * skin.cellMm));
  const positions = joinedFloats([
    skin.mesh.positions,
    ...tubes.map((of) => Float32Array.from(of.points.flat())),
  ]);
  const firsts = tubes.map(
    (_, i) => from + tubes.slice(0, i).reduce((sum, { points }) => sum + points.length, 0),
  );
  const indices = Uint32Array.from([
    ...skin.mesh.indices,
    ...tubes.flatMap(({ triangles }, i) => triangles.map((corner) => corner + firsts[i]!)),
  ]);
  const counts = tubes.map(({ points }) => points.length);
  const each = (of: (i: number) => number): readonly number[] =>
    counts.flatMap((many, i) => Array.from({ length: many }, () => of(i)));
  const parts = skin.parts.length;
  const added = counts.reduce((sum, many) => sum + many, 0);
  const normals = meshNormals({ positions, indices });
  normals.set(skin.mesh.normals);
  const looks = looksOf(posed, things, tubes, normals, from);
  return {
    cellMm: skin.cellMm,
    mesh: {
      ...{ positions, indices, normals },
      owner: Int16Array.from([...skin.mesh.owner, ...each((i) => parts + i)]),
    },
    parts: [
      ...skin.parts,
      ...things.map(({ boneId, curve }) => ({
        ...{ boneId, sleeve: curve },
        side: posed.byId.get(boneId)!.bone.side,
      })),
    ],
    facing: joinedBytes(skin.facing, looks.facing),
    zone: joinedBytes(skin.zone, looks.zone),
    sleeve: Int16Array.from([...skin.sleeve, ...each((i) => parts + i)]),
    arcMm: joinedFloats([skin.arcMm, Float32Array.from(tubes.flatMap(({ arcs }) => arcs))]),
    flow: joinedFloats([skin.flow, new Float32Array(3 * added)]),
    coatMm: joinedFloats([skin.coatMm, new Float32Array(added)]),
    apartFrom: from,
    apartHexes: counts.flatMap((many, i) =>
      Array.from({ length: many }, () => things[i]!.look.hex),
    ),
  };
}

/** Meshes of what stands out of a skin by itself, one for each colour; undefined is the skin's own. */
export type ApartMesh = TriangleMesh & { readonly hex: string | undefined };

/** What stands out of a skin, apart from it, by its colours. */
export function apartMeshes({ mesh, apartFrom, apartHexes }: FormSkin): readonly ApartMesh[] {
  const positions = mesh.positions.slice(3 * apartFrom);
  const normals = mesh.normals.slice(3 * apartFrom);
  const triangles = Array.from({ length: mesh.indices.length / 3 }, (_, t) => t).filter(
    (t) => mesh.indices[3 * t]! >= apartFrom,
  );
  const hexOf = (t: number): string | undefined => apartHexes[mesh.indices[3 * t]! - apartFrom];
  return [...new Set(triangles.map(hexOf))].map((hex) => ({
    ...{ hex, positions, normals },
    indices: Uint32Array.from(
      triangles
        .filter((t) => hexOf(t) === hex)
        .flatMap((t) => [0, 1, 2].map((n) => mesh.indices[3 * t + n]! - apartFrom)),
    ),
  }));
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

/** Which way each added point looks at rest, and the zone of the coat that it belongs to. */
function looksOf(
  posed: PosedSkeleton,
  things: readonly PosedApart[],
  tubes: readonly Tube[],
  normals: Float32Array,
  from: number,
): { readonly facing: Uint8Array; readonly zone: Uint8Array } {
  const { coat } = posed.skeleton.animal;
  const facing: number[] = [];
  const zone: number[] = [];
  things.forEach(({ boneId }, i) => {
    const { bone, rotation } = posed.byId.get(boneId)!;
    const rest = inverse(rotation);
    for (let n = 0; n < tubes[i]!.points.length; n++) {
      const at = 3 * (from + facing.length);
      const normal: Vec3 = [normals[at]!, normals[at + 1]!, normals[at + 2]!];
      const looks = facingOf(turn(rest, normal)[1]);
      const found = zoneOf(coat, bone.key, FACINGS[looks]!);
      facing.push(looks);
      zone.push(found === undefined ? coat.length : coat.indexOf(found));
    }
  });
  return { facing: Uint8Array.from(facing), zone: Uint8Array.from(zone) };
}

const joinedBytes = (a: Uint8Array, b: Uint8Array): Uint8Array => {
  const joined = new Uint8Array(a.length + b.length);
  joined.set(a);
  joined.set(b, a.length);
  return joined;
};

function joinedFloats(all: readonly Float32Array[]): Float32Array {
  const joined = new Float32Array(all.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of all) {
    joined.set(part, at);
    at += part.length;
  }
  return joined;
}
