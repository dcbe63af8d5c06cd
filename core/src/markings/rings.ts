import type { Marking } from '../anatomy/marking.ts';
import { laidBands } from './laidBands.ts';
import { outOfRegion, roundOf, type Region } from './region.ts';
import type { SkinSpot } from './skinPoint.ts';
import { outOfIslands, wander } from './wander.ts';

/** A band's edge strays by this share of its width at most. */
const STRAYS = 0.35;

/** Rings, or bands between two angles, one after the other. */
export function ringField(
  marking: Marking,
  region: Region,
  reachMm: number,
): (spot: SkinSpot) => readonly number[] | undefined {
  const laid = laidBands(marking, region);
  const least = Math.min(...laid.map(({ from, to }) => to - from));
  const loose = { ...marking, widthMm: STRAYS * 2 * least };
  return (spot) => {
    const outside = outOfRegion(region, spot);
    if (outside > reachMm) return undefined;
    const round = roundOf(region, spot);
    const at = spot.along + (laid.length === 0 ? 0 : wander(loose, spot, round));
    // Rings never run into each other: the edge of one is that of the next, moved by the same.
    const out = marking.colours.map(() => Infinity);
    for (const { band, from, to } of laid) {
      const ring = Math.max(from - at, at - to);
      const speckled =
        band.speckle <= 0 || ring > reachMm
          ? ring
          : Math.max(
              ring,
              -outOfIslands(spot, round, band.speckle, marking.widthMm, marking.seed + 3),
            );
      const { colour } = band;
      if (colour !== null && speckled < (out[colour] ?? -Infinity)) out[colour] = speckled;
    }
    return out.map((ring) => Math.max(ring, outside));
  };
}
