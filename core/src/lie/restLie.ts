import type { PosedSkeleton } from '../anatomy/pose.ts';
import { isMirrored } from '../body/mirroredBody.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { SkinSurface } from '../surface/skinSurface.ts';
import { anatomyLie } from './anatomyLie.ts';
import { harmonicLie } from './harmonicLie.ts';
import { animalMarks, bothSides, markedPoints, markLine, type LieMark } from './lieMarks.ts';
import { keptFor } from './keptFor.ts';
import { nearPoints } from './nearPoints.ts';
import {
  cutGraph,
  fromFrame,
  inFrame,
  pointAreas,
  surfaceGraph,
  tangentFrames,
  type SurfaceGraph,
  type TangentFrames,
} from './surfaceGraph.ts';

/** The lie of a coat over the skin at rest. */
export interface RestLie {
  readonly skin: SkinSurface;
  /** Unit and in the skin, three numbers a point. */
  readonly ways: Float32Array;
  /** How long each was before it was made unit: short where ways meet that contradict each other. */
  readonly before: Float32Array;
  /** Points in which the lie has no way of its own. */
  readonly whorls: readonly Vec3[];
  /** Whether left and right are one another's images. */
  readonly isMirrored: boolean;
}

/** Where the vector before is shorter than this a whorl is. */
export const WHORL_BELOW = 0.05;
/** Whorls nearer to each other than so many cells are one. */
const ONE_WHORL = 4;
/** A mark reaches about so far into the coat beside it, as a share of the square root of the skin's area. */
const REACHES = 0.08;

interface Prepared {
  readonly frames: TangentFrames;
  readonly graph: SurfaceGraph;
  readonly anatomy: Float32Array;
  readonly lean: Float64Array;
}

/** What does not change with the marks, of the last skin asked for. */
const prepared = keptFor<SkinSurface, Prepared>();

function prepare(rest: PosedSkeleton, skin: SkinSurface): Prepared {
  const frames = tangentFrames(skin.mesh);
  const areas = pointAreas(skin.mesh);
  const area = areas.reduce((sum, a) => sum + a, 0);
  const reachMm = REACHES * Math.sqrt(area);
  return {
    frames,
    graph: surfaceGraph(skin.mesh, frames),
    anatomy: anatomyLie(rest, skin),
    lean: areas.map((a) => a / reachMm ** 2),
  };
}

/**
 * The lie of a coat at rest: anatomy's own draws it weakly, marks hold it, and between them it is harmonic under
 * parallel transport. A parting and a ridge cut the skin. `marks` come after those of the animal and over them.
 */
export function restLie(
  rest: PosedSkeleton,
  skin: SkinSurface,
  marks: readonly LieMark[],
): RestLie {
  const { frames, graph, anatomy, lean } = prepared(skin, 0, () => prepare(rest, skin));
  const { mesh, cellMm } = skin;
  const many = graph.many;
  const held = new Uint8Array(many);
  const towards = new Float64Array(2 * many);
  const vec = (i: number): Vec3 => [anatomy[3 * i]!, anatomy[3 * i + 1]!, anatomy[3 * i + 2]!];
  for (let i = 0; i < many; i++) towards.set(inFrame(frames, i, vec(i)), 2 * i);
  const near = nearPoints(mesh.positions, 3 * cellMm);
  const all = [...animalMarks(rest), ...marks];
  const cut: ReadonlyMap<number, 1 | -1>[] = [];
  for (const mark of all.flatMap((one) => bothSides(rest, one))) {
    const line = markLine(rest, mark);
    const said = markedPoints(mark, line, mesh, near, cellMm, rest.sizeFactor);
    if (said.sides.size > 0) cut.push(said.sides);
    for (const [i, way] of said.held) {
      held[i] = 1;
      towards.set(inFrame(frames, i, way), 2 * i);
    }
  }
  const isCut = (i: number, j: number): boolean =>
    cut.some((sides) => sides.has(i) && sides.has(j) && sides.get(i) !== sides.get(j));
  const open = cut.length === 0 ? graph : cutGraph(graph, isCut);
  const { vectors } = harmonicLie(open, { held, towards, lean });
  const [ways, before] = [new Float32Array(3 * many), new Float32Array(many)];
  for (let i = 0; i < many; i++) {
    const [a, b] = [vectors[2 * i]!, vectors[2 * i + 1]!];
    const size = Math.hypot(a, b);
    before[i] = size;
    ways.set(size === 0 ? vec(i) : fromFrame(frames, i, a / size, b / size), 3 * i);
  }
  return {
    ...{ skin, ways, before },
    whorls: whorlsOf(skin, before),
    isMirrored: isMirrored(rest.skeleton) && marks.every((mark) => mark.mirrored || isMiddle(mark)),
  };
}

/** A mark that lies on the middle line by all its places is its own image. */
const isMiddle = ({ places, kind, turnDeg }: LieMark): boolean =>
  places.every(({ around }) => Math.abs(around) % 180 === 0) &&
  (kind !== 'whorl' || Math.abs(turnDeg) % 180 === 0);

/** The shortest vector of each place where they vanish. */
function whorlsOf({ mesh, cellMm }: SkinSurface, before: Float32Array): readonly Vec3[] {
  const short = [...before.keys()]
    .filter((i) => before[i]! < WHORL_BELOW)
    .sort((a, b) => before[a]! - before[b]!);
  const found: Vec3[] = [];
  for (const i of short) {
    const p: Vec3 = [
      mesh.positions[3 * i]!,
      mesh.positions[3 * i + 1]!,
      mesh.positions[3 * i + 2]!,
    ];
    const isNew = found.every(
      (q) => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]) > ONE_WHORL * cellMm,
    );
    if (isNew) found.push(p);
  }
  return found;
}
