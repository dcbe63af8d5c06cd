import type { PosedSkeleton } from '../anatomy/pose.ts';
import { skinParts, type SkinPart, type SleevePart } from './skin.ts';
import { sectionPoint } from './sleeveSection.ts';
import { inWallMm, wallOf, type Wall } from './wall.ts';

const known = new WeakMap<PosedSkeleton, readonly SkinPart[]>();

/** The flesh of a posed body without what lies in the wall: runs end where the last of their sections passes into it. */
export function shownParts(posed: PosedSkeleton): readonly SkinPart[] {
  const wall = wallOf(posed);
  if (wall?.axis !== 0) return skinParts(posed);
  const before = known.get(posed);
  if (before !== undefined) return before;
  const shown = skinParts(posed).flatMap((part): readonly SkinPart[] => {
    if (part.kind !== 'sleeve') return [part];
    const run = shownRun(part, wall);
    return run === undefined ? [] : [run];
  });
  known.set(posed, shown);
  return shown;
}

/** The stretch of a run from its first section before the wall to its last, open where the wall cuts it. */
function shownRun(part: SleevePart, wall: Wall): SleevePart | undefined {
  const { samples, domes } = part;
  const isShown = samples.map((sample) =>
    [sample.above, -sample.below].some((up) => inWallMm(wall, sectionPoint(sample, up, 0)) <= 0),
  );
  const [from, to] = [isShown.indexOf(true), isShown.lastIndexOf(true)];
  if (from === -1) return undefined;
  if (from === 0 && to === samples.length - 1) return part;
  // One section alone is no run: its neighbour in the wall closes it.
  const first = Math.max(0, from === to ? from - 1 : from);
  return {
    ...part,
    samples: samples.slice(first, to + 1),
    domes: [first === 0 && domes[0], to === samples.length - 1 && domes[1]],
  };
}
