import type { Workpiece } from '../workshop/workpiece.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { bodyBlends } from '../body/bodyBlends.ts';
import { posedBlades } from '../body/blades.ts';
import { insideShare } from '../body/bodyGrid.ts';
import { fleshField, gridOver } from '../body/fleshField.ts';
import { cellCentre } from '../body/cellGrid.ts';
import { posedMuscles } from '../body/muscles.ts';
import { sampleField } from '../body/sampleField.ts';
import { fieldOf, partBox } from '../body/skin.ts';
import type { CoatChoice } from '../body/undersize.ts';
import { thinnings } from '../body/thinned.ts';
import { volumeKept } from '../body/volumeKept.ts';
import { wallOf } from '../body/wall.ts';
import type { Box3 } from '../geometry/box.ts';
import { distanceTransform } from '../geometry/distanceTransform.ts';
import { isoMesh } from '../geometry/isoMesh.ts';
import { joinedMeshes, plateMesh, type TriangleMesh } from '../geometry/triangleMesh.ts';
import { least } from '../geometry/extremes.ts';
import { nearestOfSegments } from '../geometry/segments.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { RegionBuild } from './buildUp.ts';
import { cardStations } from './cardStations.ts';
import { depthPegs, type DepthPeg } from './depthPegs.ts';
import { layersOf, piecesOf, type Layers } from './layers.ts';
import { sectionCut, type SectionCut } from './sectionCut.ts';
import type { WireLine } from './wireLines.ts';

/** Where the clay is thickest in a region: the largest ball of clay that fits in there. */
export interface ThickPlace {
  readonly regionId: string;
  /** The bone of the region that it lies at. */
  readonly boneId: string;
  readonly at: Vec3;
  readonly mm: number;
}

/** A hollow closed all round: air that swells in the oven. */
export interface Hollow {
  /** The region of a hollow core; null for a pocket between parts. */
  readonly regionId: string | null;
  /** The bone that it lies at. */
  readonly boneId: string;
  readonly at: Vec3;
  readonly mm3: number;
}

/** Clay laid for one muscle of the model, outside core and what was laid before. */
export interface MuscleClay {
  readonly id: string;
  readonly mm3: number;
  /** Its length on the model in this stance, and at rest. */
  readonly lengthMm: number;
  readonly restLengthMm: number;
}

/** The meshes of the layers, mm of the model. */
export interface ShapeMeshes {
  readonly skin: TriangleMesh;
  readonly clay: TriangleMesh;
  readonly core: TriangleMesh;
  /** Feathers, membranes and fins as plates, at least as thick as a plate can be made. */
  readonly plates: TriangleMesh;
}

/**
 * The posed body at the model's size, worked out cell by cell away from the page: its layers cut and
 * measured. `fine` answers carry meshes.
 */
export interface BodyShape {
  readonly cellMm: number;
  readonly volumeMm3: number;
  readonly coreMm3: number;
  readonly cuts: readonly SectionCut[];
  /** Places of the user's where no section could be cut, by their index among the user's. */
  readonly uncut: readonly number[];
  readonly muscles: readonly MuscleClay[];
  readonly pegs: readonly DepthPeg[];
  readonly thick: readonly ThickPlace[];
  readonly hollows: readonly Hollow[];
  readonly meshes: ShapeMeshes | null;
}

/** Cells of the two answers. */
export const SHAPE_CELLS = { coarse: 40_000, fine: 700_000 } as const;

/** A fin or a membrane thinner than this does not hold together, mm: common practice. */
const LEAST_PLATE_MM = 0.8;
/** A pocket smaller than this, in cells, is a crease between two parts. */
const LEAST_POCKET_CELLS = 30;

/** What the shape is worked out from. */
export interface ShapeSource {
  readonly posed: PosedSkeleton;
  readonly builds: readonly RegionBuild[];
  readonly mass: Pick<Workpiece['mass'], 'cards' | 'vents'>;
  readonly skin: CoatChoice;
  readonly wires: readonly WireLine[];
}

/** Works out the shape of a posed model. `onProgress` is told 0 to 1. Pure and deterministic. */
export function bodyShape(
  { posed, builds, mass, skin, wires }: ShapeSource,
  fine: boolean,
  onProgress: (done: number) => void = () => undefined,
): BodyShape {
  const parts = volumeKept(posed);
  const grid = gridOver(parts, fine ? SHAPE_CELLS.fine : SHAPE_CELLS.coarse);
  const blends = bodyBlends(posed.skeleton, parts);
  const halfway = (done: number): void => onProgress(done * 0.5);
  const field = fleshField(parts, grid, blends, thinnings(posed), halfway, wallOf(posed));
  const layers = layersOf(field, posed, builds, skin);
  onProgress(0.65);
  const tried = cardStations(posed.skeleton, mass.cards).map((station, index) => {
    const cut = sectionCut(layers, posed, station, wires);
    return cut && { ...cut, index };
  });
  const cuts = tried.filter((cut) => cut !== undefined);
  const uncut =
    mass.cards === null ? [] : tried.flatMap((cut, i) => (cut === undefined ? [i] : []));
  const muscles = muscleClay(layers, posed);
  const pegs = depthPegs(layers, posed, wires);
  const thick = thickPlaces(layers, builds, posed);
  const hollows = hollowsOf(layers, builds, mass.vents, posed);
  onProgress(0.8);
  const meshes = fine ? meshesOf(layers, posed) : null;
  onProgress(1);
  return {
    cellMm: grid.cellMm,
    volumeMm3: insideMm3(layers.skin, grid.cellMm),
    coreMm3: insideMm3(layers.core, grid.cellMm),
    cuts,
    uncut,
    muscles,
    pegs,
    thick,
    hollows,
    meshes,
  };
}

/** Where no fibre is stuck on, skin and clay are one surface. */
function meshesOf(layers: Layers, posed: PosedSkeleton): ShapeMeshes {
  const skin = isoMesh(layers, layers.skin);
  const same = layers.skin.every((value, at) => value === layers.clay[at]);
  const clay = same ? skin : isoMesh(layers, layers.clay);
  const plates = posedBlades(posed).map(({ blade, outline }) =>
    plateMesh(outline, Math.max(LEAST_PLATE_MM, blade.thickness.mm * posed.sizeFactor)),
  );
  return { skin, clay, core: isoMesh(layers, layers.core), plates: joinedMeshes(plates) };
}

const insideMm3 = (values: Float32Array, h: number): number => {
  let cells = 0;
  for (const value of values) if (value < h) cells += insideShare(value, h);
  return cells * h ** 3;
};

/** Samples along each axis of a muscle. */
const MUSCLE_SAMPLES = 12;

/**
 * Muscles laid in the order of their layers: each takes the clay that none before it has taken. Told
 * from points spread through its belly, so that a small one is measured as well as a large one.
 */
function muscleClay(layers: Layers, posed: PosedSkeleton): readonly MuscleClay[] {
  const inOrder = posedMuscles(posed).toSorted(
    (a, b) => a.muscle.spec.belly.layer - b.muscle.spec.belly.layer,
  );
  const fields = inOrder.map((part) => fieldOf(part));
  const boxes = inOrder.map((part) => partBox(part));
  const n = MUSCLE_SAMPLES;
  const at = (i: number): number => (2 * i + 1) / n - 1;
  return inOrder.map(({ muscle, centre, axes, radii }, index) => {
    const before = fields.filter((_, i) => i < index && boxesMeet(boxes[i]!, boxes[index]!));
    let [inside, free] = [0, 0];
    for (let i = 0; i < n ** 3; i++) {
      const [u, v, w] = [at(i % n), at(Math.floor(i / n) % n), at(Math.floor(i / n / n))];
      if (u * u + v * v + w * w >= 1) continue;
      inside++;
      const along = [u * radii[0], v * radii[1], w * radii[2]] as const;
      const p = ([0, 1, 2] as const).map(
        (k) => centre[k] + axes[0][k] * along[0] + axes[1][k] * along[1] + axes[2][k] * along[2],
      ) as unknown as Vec3;
      if (!(sampleField(layers.clay, layers, ...p) < 0)) continue;
      if (sampleField(layers.core, layers, ...p) < 0) continue;
      if (!before.some((field) => field(...p) < 0)) free++;
    }
    const mm3 = ((4 / 3) * Math.PI * radii[0] * radii[1] * radii[2] * free) / inside;
    const restLengthMm = muscle.lengthMm * posed.sizeFactor;
    return { id: muscle.id, mm3, lengthMm: 2 * radii[0], restLengthMm };
  });
}

const boxesMeet = (a: Box3, b: Box3): boolean =>
  ([0, 1, 2] as const).every((k) => a.min[k] < b.max[k] && b.min[k] < a.max[k]);

/** The thickest clay of each region: twice the depth of the cell furthest from both its faces. */
function thickPlaces(
  layers: Layers,
  builds: readonly RegionBuild[],
  posed: PosedSkeleton,
): readonly ThickPlace[] {
  const { clay, core, cells, cellMm: h, region } = layers;
  const f = new Float32Array(core.length);
  for (let at = 0; at < f.length; at++) f[at] = core[at]! < 0 ? 0 : Infinity;
  const { value } = distanceTransform(f, cells, [h, h, h]);
  const best = builds.map(() => ({ mm: 0, at: -1 }));
  for (let at = 0; at < clay.length; at++) {
    if (!(clay[at]! < 0) || core[at]! < 0) continue;
    // The cell beside the core lies half an edge from it.
    const wall = Math.min(-clay[at]!, Math.sqrt(value[at]!) - h / 2);
    const of = best[region[at]!]!;
    if (2 * wall > of.mm) [of.mm, of.at] = [2 * wall, at];
  }
  return best.flatMap(({ mm, at }, i) => {
    if (at < 0) return [];
    const { region: of } = builds[i]!;
    const place = cellCentre(layers, at);
    const boneId = nearestBone(posed, place, (key) => of.bones.includes(key));
    return [{ regionId: of.id, boneId, at: place, mm }];
  });
}

/** The bone whose line passes nearest to a place, among those whose keys are asked for. */
function nearestBone(
  { bones }: PosedSkeleton,
  at: Vec3,
  isAsked: (key: string) => boolean = () => true,
): string {
  const own = bones.filter(({ bone }) => isAsked(bone.key));
  // A segment of no length is the place itself.
  const far = own.map(({ start, end }) => nearestOfSegments(at, at, start, end).distance);
  return own[far.indexOf(least(far))]?.bone.id ?? '';
}

/** Hollow cores without a vent, and air outside the skin that no way leads out of. */
function hollowsOf(
  layers: Layers,
  builds: readonly RegionBuild[],
  vents: readonly string[],
  posed: PosedSkeleton,
): readonly Hollow[] {
  const { cellMm: h, skin, core, region } = layers;
  const cores = hollowPieces(layers, builds).flatMap((piece): Hollow[] => {
    let deepest = piece[0]!;
    const regions = new Set<number>();
    for (const at of piece) {
      regions.add(region[at]!);
      if (core[at]! < core[deepest]!) deepest = at;
    }
    if ([...regions].some((i) => vents.includes(builds[i]!.region.id))) return [];
    const regionId = builds[region[deepest]!]!.region.id;
    const at = cellCentre(layers, deepest);
    return [{ regionId, boneId: nearestBone(posed, at), at, mm3: piece.length * h ** 3 }];
  });
  const pockets = piecesOf(skin, layers, false)
    .filter((piece) => piece[0] !== 0 && piece.length >= LEAST_POCKET_CELLS)
    .map((piece) => {
      const at = cellCentre(layers, piece[Math.floor(piece.length / 2)]!);
      return { regionId: null, boneId: nearestBone(posed, at), at, mm3: piece.length * h ** 3 };
    });
  return [...cores, ...pockets];
}

/** The hollow cores that hang together; none where every core is packed. */
function hollowPieces(
  { core, region, cellMm, ...grid }: Layers,
  builds: readonly RegionBuild[],
): readonly Int32Array[] {
  const isHollow = builds.map((build) => build.core === 'hollow');
  if (!isHollow.includes(true)) return [];
  const only = new Float32Array(core.length);
  for (let at = 0; at < core.length; at++)
    only[at] = isHollow[region[at]!] === true ? core[at]! : cellMm;
  return piecesOf(only, { ...grid, cellMm });
}
