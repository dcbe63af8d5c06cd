import type { Marking } from '../anatomy/marking.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { BladePattern } from '../body/bladePattern.ts';
import { contourLoops } from '../geometry/contours.ts';
import type { Point2 } from '../geometry/hull.ts';
import { keptFor } from '../lie/keptFor.ts';
import type { TubePiece } from '../skin/tubePlan.ts';
import type { Tube } from '../skin/tubes.ts';
import { coverOfFlat, flatOfPattern } from './markedBlades.ts';
import { coverageOf } from './markParts.ts';
import { alongRun, runsOf, type Run } from './runs.ts';
import { spotAt, type SkinSpot } from './skinPoint.ts';

/** What shows of one part on skin laid flat: outlines in shares along and round a piece, or in mm of a blade. */
export interface FlatPart {
  /** Its place among the parts of all markings. */
  readonly part: number;
  readonly loops: readonly (readonly Point2[])[];
}

/** Cells that a piece of skin is sampled with: along it, and round it. */
const CELLS = { along: 90, round: 110, blade: 180 } as const;
/** Edges run out over so many cells, so that outlines lie between cells as exactly as the field tells. */
const RAMP_CELLS = 2;

/** The run that a tube of skin lies on; undefined where it has none. */
export const runOfTube = (skeleton: Skeleton, { stations }: Tube): Run | undefined =>
  runsOf(skeleton).find(({ bones }) => bones.has(stations[0]?.boneId ?? ''));

/** How far along its run a length of a tube lies, life mm. */
function alongTube({ stations }: Tube, run: Run, atMm: number): number {
  const told = stations.flatMap((station) => {
    const along = alongRun(run, station.boneId, station.share);
    return along === undefined ? [] : [{ atMm: station.atMm, along }];
  });
  const after = told.findIndex((station) => station.atMm >= atMm);
  if (after <= 0) return told[after < 0 ? told.length - 1 : 0]?.along ?? 0;
  const [a, b] = [told[after - 1]!, told[after]!];
  return a.along + ((b.along - a.along) * (atMm - a.atMm)) / (b.atMm - a.atMm);
}

/**
 * Markings on one piece of a tube's skin: every part that shows on it, in shares along it (0 to 1) and round it
 * (−½ to ½, 0 on the back, the animal's left positive). Later parts lie over earlier ones.
 */
export const flatParts = (
  skeleton: Skeleton,
  tube: Tube,
  piece: TubePiece,
  markings: readonly Marking[],
): readonly FlatPart[] =>
  // Traces and masks are of the same outlines.
  kept(piece, JSON.stringify(markings), () => partsOn(skeleton, tube, piece, markings));

const kept = keptFor<TubePiece, readonly FlatPart[]>();

function partsOn(
  skeleton: Skeleton,
  tube: Tube,
  { from, to }: TubePiece,
  markings: readonly Marking[],
): readonly FlatPart[] {
  const run = runOfTube(skeleton, tube);
  if (run === undefined) return [];
  const [nx, ny] = [CELLS.along + 1, CELLS.round + 1];
  const covers: Float32Array[] = [];
  const rows = Array.from({ length: nx }, (_, i) => {
    const atMm = from.atMm + ((to.atMm - from.atMm) * i) / CELLS.along;
    const spot = spotAt(skeleton, run, alongTube(tube, run, atMm), 0);
    return spot && { ...spot, arc: remembered(spot.arc) };
  });
  const long = (rows.at(-1)?.along ?? 0) - (rows[0]?.along ?? 0);
  const girth = Math.max(...rows.map((row) => row?.girth ?? 0));
  const cellMm = Math.max(Math.abs(long) / CELLS.along, girth / CELLS.round);
  const coverage = coverageOf(skeleton, markings, RAMP_CELLS * cellMm);
  for (let j = 0; j < ny; j++)
    for (let i = 0; i < nx; i++) {
      const spot = spotRound(rows[i], j / CELLS.round - 0.5);
      covers.push(coverage(spot, spot));
    }
  return loopsOf(covers, nx, ny).map(({ part, loops }) => ({
    part,
    loops: loops.map((loop) =>
      loop.map(([x, y]): Point2 => [x / CELLS.along, y / CELLS.round - 0.5]),
    ),
  }));
}

/** The same angles are asked at every step round a row. */
function remembered(arc: SkinSpot['arc']): SkinSpot['arc'] {
  const known = new Map<number, number>();
  return (deg) => {
    const before = known.get(deg);
    if (before !== undefined) return before;
    const mm = arc(deg);
    known.set(deg, mm);
    return mm;
  };
}

const spotRound = (middle: SkinSpot | undefined, share: number): SkinSpot | undefined =>
  middle && { ...middle, round: share * middle.girth, isRight: share < 0 };

/** Outlines of what each part covers by half, beside those that lie over it. */
function loopsOf(covers: readonly Float32Array[], nx: number, ny: number): readonly FlatPart[] {
  const many = covers[0]?.length ?? 0;
  const shown = Array.from({ length: many }, (_, part) => part).filter((part) =>
    covers.some((cover) => cover[part]! > 0.5),
  );
  return shown
    .map((part): FlatPart => ({
      part,
      // Held to the edge of the sheet, so that outlines close along it.
      loops: contourLoops(
        covers.map((cover) => 0.5 - cover[part]!),
        nx,
        ny,
      ).map((loop) =>
        loop.map(([x, y]): Point2 => [
          Math.max(0, Math.min(nx - 1, x)),
          Math.max(0, Math.min(ny - 1, y)),
        ]),
      ),
    }))
    .filter(({ loops }) => loops.length > 0);
}

/** Markings on a blade laid flat, mm of the model. */
export function bladeParts(
  pattern: BladePattern,
  sizeFactor: number,
  markings: readonly Marking[],
): readonly FlatPart[] {
  const flat = flatOfPattern(pattern, sizeFactor);
  const none = new Float32Array(markings.reduce((sum, { colours }) => sum + colours.length, 0));
  const [xs, ys] = [flat.outline.map(([x]) => x), flat.outline.map(([, y]) => y)];
  const [x0, y0] = [Math.min(...xs), Math.min(...ys)];
  const step = Math.max(Math.max(...xs) - x0, Math.max(...ys) - y0) / CELLS.blade;
  const cover = coverOfFlat(pattern.blade.id, flat, markings, none, RAMP_CELLS * step);
  const nx = Math.ceil((Math.max(...xs) - x0) / step) + 1;
  const ny = Math.ceil((Math.max(...ys) - y0) / step) + 1;
  const covers = Array.from({ length: nx * ny }, (_, n) =>
    cover([x0 + (n % nx) * step, y0 + Math.floor(n / nx) * step]),
  );
  return loopsOf(covers, nx, ny).map(({ part, loops }) => ({
    part,
    loops: loops.map((loop) =>
      loop.map(([x, y]): Point2 => [(x0 + x * step) * sizeFactor, (y0 + y * step) * sizeFactor]),
    ),
  }));
}
