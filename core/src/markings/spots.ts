import type { Marking } from '../anatomy/marking.ts';
import { seeded } from '../geometry/seeded.ts';
import { outOfRegion, roundOf, type Region } from './region.ts';
import type { SkinSpot } from './skinPoint.ts';
import { noiseOnTube } from './wander.ts';

/** One spot where it lies: along its run, as a share of the way between the angles of its region, and its radius. */
interface LaidSpot {
  readonly along: number;
  readonly across: number;
  readonly radius: number;
}

/** At full irregularity a spot strays by this share of the way to the next, and its size by this share of itself. */
const STRAYS = 0.42;
const SIZES = 0.5;
/** Rows of a hexagonal pattern lie so close against the way from spot to spot. */
const ROW = Math.sqrt(3) / 2;

/** Rows of spots over a region, each half a step off the one before; `wideAt` tells how wide the region is there. */
function laidSpots(
  { stepMm, widthMm, vary, seed }: Marking,
  { from, to }: Region,
  wideAt: (along: number) => number,
): readonly LaidSpot[] {
  const random = seeded(seed);
  const rows = Math.max(1, Math.round((to - from) / (ROW * stepMm)));
  return Array.from({ length: rows }, (_, row) => {
    const at = from + ((row + 0.5) / rows) * (to - from);
    const wide = wideAt(at);
    const many = Math.max(1, Math.round(wide / stepMm));
    const off = row % 2 === 0 ? 0.25 : 0.75;
    return Array.from({ length: many }, (__, i): LaidSpot => {
      const strays = (): number => vary * STRAYS * stepMm * (2 * random() - 1);
      return {
        along: at + strays(),
        across: (i + off) / many + strays() / Math.max(1e-6, wide),
        radius: (widthMm / 2) * (1 + vary * SIZES * (2 * random() - 1)),
      };
    });
  }).flat();
}

/** The ring of a rosette is so thick against its radius, and gapes at so much of its way round. */
const RING = 0.5;
const GAPES = 0.45;

/**
 * Spots in rows over a region: plain; rosettes, rings that gape about a second colour; eyespots, rings in each
 * other with the last colour in the middle.
 */
export function spotField(
  marking: Marking,
  region: Region,
  reachMm: number,
): (spot: SkinSpot) => readonly number[] | undefined {
  const { kind, stepMm, widthMm, seed, colours } = marking;
  const reach = (widthMm / 2) * (1 + SIZES) + stepMm;
  const isFromBack = region.low <= 0 && region.mirrored && region.run.isColumn;
  const lowAt = (arc: (deg: number) => number): number => (isFromBack ? 0 : arc(region.low));
  const bin = (along: number): number => Math.floor((along - region.from) / reach);
  const rows = new Map<number, LaidSpot[]>();
  const laid = laidSpots(marking, region, (at) => {
    const arc = (deg: number): number => region.arc(at, deg);
    return arc(region.high) - lowAt(arc);
  });
  for (const one of laid) rows.set(bin(one.along), [...(rows.get(bin(one.along)) ?? []), one]);
  return (spot) => {
    const outside = outOfRegion(region, spot);
    if (outside > reachMm) return undefined;
    const low = lowAt(spot.arc);
    const wide = spot.arc(region.high) - low;
    const round = roundOf(region, spot);
    let best: { readonly far: number; readonly radius: number } | undefined;
    for (const n of [-1, 0, 1])
      for (const { along, across, radius } of rows.get(bin(spot.along) + n) ?? []) {
        const far = Math.hypot(spot.along - along, round - low - across * wide);
        if (best === undefined || far - radius < best.far - best.radius) best = { far, radius };
      }
    if (best === undefined) return undefined;
    const { far, radius } = best;
    const gape = radius * GAPES * noiseOnTube(spot, round, 2 / widthMm, seed + 5);
    return shapes(kind, colours.length, far, radius, gape).map((out) => Math.max(out, outside));
  };
}

/** How far outside each colour a place lies that is so far from the middle of a spot. */
function shapes(
  kind: Marking['kind'],
  colours: number,
  far: number,
  radius: number,
  gape: number,
): readonly number[] {
  if (kind === 'rosettes') {
    const thick = (RING * radius) / 2;
    const ring = Math.abs(far - radius + thick) - thick + gape;
    return [ring, far - radius + 2 * thick].slice(0, Math.max(1, colours));
  }
  if (kind === 'eyespots')
    return Array.from({ length: colours }, (_, i) => far - radius * (1 - i / colours));
  return [far - radius];
}
