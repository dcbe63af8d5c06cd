import type { PosedSkeleton } from '../anatomy/pose.ts';
import { cross, dot, sub, type Vec3 } from '../geometry/vec3.ts';
import type { CellGrid, FleshField } from './cellGrid.ts';
import { bonesBetween, fillsSegment, posedMuscles } from './muscles.ts';
import { redistanced } from './redistance.ts';
import type { SkinPart } from './skin.ts';
import { skinDistance } from './surfaceDistance.ts';

/** Skin that sinks in over a muscle that is leaner than the library's, mm of the posed size. */
export interface Thinning {
  /** Middle of the belly as the library has it, under the skin. */
  readonly centre: Vec3;
  /** Unit: along the muscle, and out to the skin. */
  readonly along: Vec3;
  readonly out: Vec3;
  /** Half the length and width of the hollow, between them half the thickness of the belly. */
  readonly half: readonly [number, number, number];
  /** How far the skin sinks in over the middle. */
  readonly dropMm: number;
  /** Bones whose flesh sinks in: that of others goes on as it is. */
  readonly bones: ReadonlySet<string>;
}

/** Skin over a belly lies no further out of its middle than so many of its half thicknesses. */
export const OUTMOST = 3;
/** The hollow runs out beyond the belly by this factor, so that it has no rim. */
const SPREAD = 1.3;
/**
 * Depth of the hollow in what the belly lost of its thickness. The belly loses 4/3·π·a·b·(t − t′);
 * drop·(1 − ρ²)² over the wider ellipse takes 1/3·π·(1.3a)·(1.3b)·drop (integrals over ellipses).
 */
const DROP_PER_LOST = 4 / SPREAD ** 2;

/** Where the skin sinks in: over every muscle of less bulk than the library's that lies under it. */
export function thinnings(posed: PosedSkeleton): readonly Thinning[] {
  const { bulk } = posed.skeleton;
  if (!Object.values(bulk).some((factor) => factor < 1)) return [];
  return posedMuscles(posed).flatMap(({ muscle, centre, axes, radii }): Thinning[] => {
    const share = bulk[muscle.spec.id] ?? 1;
    if (share >= 1 || fillsSegment(muscle.spec)) return [];
    const thick = radii[1] / share;
    const [along, out] = axes;
    // The leaner belly keeps its inner face: its middle lies deeper by what it lost on one side.
    const lost = thick * (1 - share);
    return [
      {
        centre: [centre[0] + out[0] * lost, centre[1] + out[1] * lost, centre[2] + out[2] * lost],
        along,
        out,
        half: [SPREAD * radii[0], thick, SPREAD * radii[2]],
        dropMm: DROP_PER_LOST * lost,
        bones: bonesBetween(posed.skeleton, muscle.origin.boneId, muscle.insertion.boneId),
      },
    ];
  });
}

/**
 * A field whose skin sinks in by drop·(1 − ρ²)², ρ from the middle of a hollow to its rim, which
 * takes 1/3·π·a·b·drop. Only the flesh of the muscle's own bones does; where that of others lies
 * under it, it comes to light. The field must be of true distances; the one given back is too.
 */
export function thinned(field: FleshField, where: readonly Thinning[]): FleshField {
  if (where.length === 0) return field;
  const depth = field.depth.slice();
  for (const thinning of where) sink(depth, field, thinning, field.parts);
  return redistanced({ ...field, depth });
}

/**
 * How much the skin over a thinning sinks in at a place, mm: drop·(1 − ρ²)² under the skin, running out
 * towards the inner face of the belly and far outside.
 */
export function sunkMm({ centre, along, out, half, dropMm }: Thinning, here: Vec3): number {
  const [a, t, b] = half;
  const p = sub(here, centre);
  const rim2 = (dot(p, along) / a) ** 2 + (dot(p, cross(along, out)) / b) ** 2;
  if (rim2 >= 1) return 0;
  return dropMm * (1 - rim2) ** 2 * inSkin(dot(p, out) / t);
}

/**
 * How much of what a belly does to the skin over it is done so many half thicknesses out of its middle: all under
 * the skin, nothing at the inner face of the belly, nor far outside.
 */
export const inSkin = (up: number): number =>
  Math.min(1, Math.max(0, up + 1), Math.max(0, OUTMOST + 1 - up));

function sink(
  depth: Float32Array,
  grid: CellGrid,
  thinning: Thinning,
  parts: readonly SkinPart[],
): void {
  const { centre, along, out, half, bones } = thinning;
  const others = parts.filter(({ boneId }) => !bones.has(boneId));
  const { origin, cellMm: h, cells } = grid;
  const [a, t, b] = half;
  const across = cross(along, out);
  // The box round the ellipse, from the inner face of the belly to the outmost skin.
  const reach = ([0, 1, 2] as const).map(
    (k) => a * Math.abs(along[k]) + b * Math.abs(across[k]) + (OUTMOST + 1) * t * Math.abs(out[k]),
  );
  const from = ([0, 1, 2] as const).map((k) =>
    Math.max(0, Math.floor((centre[k] - reach[k]! - origin[k]) / h)),
  ) as [number, number, number];
  const to = ([0, 1, 2] as const).map((k) =>
    Math.min(cells[k] - 1, Math.ceil((centre[k] + reach[k]! - origin[k]) / h)),
  ) as [number, number, number];
  for (let k = from[2]; k <= to[2]; k++)
    for (let j = from[1]; j <= to[1]; j++)
      for (let i = from[0]; i <= to[0]; i++) {
        const at = i + cells[0] * (j + cells[1] * k);
        const here: Vec3 = [origin[0] + i * h, origin[1] + j * h, origin[2] + k * h];
        const drop = sunkMm(thinning, here);
        if (drop === 0) continue;
        const was = depth[at]!;
        const sunk = was + drop;
        // Far inside and far outside it makes no difference whose flesh it is.
        const near = was < h && sunk > -2 * h && others.length > 0;
        depth[at] = near ? Math.min(sunk, Math.max(was, skinDistance(others, here))) : sunk;
      }
}
