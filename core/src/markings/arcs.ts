import { restPose } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { placeable, type SkinPlace } from '../body/skinPlace.ts';
import { skinParts, type SleevePart } from '../body/skin.ts';
import { halfHeight, middleUp, sectionOutline, type SleeveSection } from '../body/sleeveSection.ts';
import { toDeg } from '../units/angles.ts';

/** Steps of half a girth, from the back to the belly. */
const STEPS = 60;
/** Points of an outline that its girth is summed over. */
const POINTS = 240;

/** A section of the skin at rest: how far round it each angle from the back lies, life mm. */
export interface ArcSection {
  readonly share: number;
  /** At 0°, 3°, … 180° from the back. */
  readonly arcs: Float64Array;
}

/** Sections of one run of a sleeve, in rising order of their share of the bone. */
export type ArcSections = readonly ArcSection[];

const known = new WeakMap<Skeleton, ReadonlyMap<string, ArcSections>>();
const keyOf = ({ sleeveId, boneId }: Pick<SkinPlace, 'sleeveId' | 'boneId'>): string =>
  `${sleeveId} ${boneId}`;

/** Sections by sleeve and bone; undefined where a sleeve has none there. */
export function arcSections(
  skeleton: Skeleton,
  sleeveId: string,
  boneId: string,
): ArcSections | undefined {
  let all = known.get(skeleton);
  if (all === undefined) {
    const parts = placeable(skinParts(restPose(skeleton)));
    all = new Map(
      parts.map((part) => [
        keyOf({ sleeveId: part.sleeve, boneId: part.boneId }),
        sectionsOf(part),
      ]),
    );
    known.set(skeleton, all);
  }
  return all.get(keyOf({ sleeveId, boneId }));
}

const sectionsOf = ({ samples }: SleevePart): ArcSections =>
  samples
    .map((sample) => ({ share: sample.share, arcs: arcsRound(sample) }))
    .toSorted((a, b) => a.share - b.share);

/** How far round a section each step of the angle from its back lies, mm: the mean of both sides. */
export function arcsRound(section: SleeveSection): Float64Array {
  const arcs = new Float64Array(STEPS + 1);
  // A section that comes to a point has no girth.
  if (halfHeight(section) <= 0 || section.half <= 0) return arcs;
  const points = sectionOutline(section, POINTS).map(
    ([above, side]) => [above - middleUp(section), side - section.side] as const,
  );
  // The outline begins at its widest place; gone along from the back to the belly on one side.
  const half = points
    .filter(([, side]) => side >= -1e-9)
    .map(([up, side]) => ({ up, side, deg: toDeg(Math.atan2(side, up)) }))
    .toSorted((a, b) => a.deg - b.deg);
  const ends = [
    { deg: 0, up: halfHeight(section), side: 0 },
    ...half.filter(({ deg }) => deg > 1e-6 && deg < 180 - 1e-6),
    { deg: 180, up: -halfHeight(section), side: 0 },
  ];
  let [gone, n] = [0, 0];
  for (let i = 1; i < ends.length; i++) {
    const [a, b] = [ends[i - 1]!, ends[i]!];
    const long = Math.hypot(b.up - a.up, b.side - a.side);
    while (n <= STEPS && (180 * n) / STEPS <= b.deg + 1e-9) {
      const t = b.deg === a.deg ? 1 : ((180 * n) / STEPS - a.deg) / (b.deg - a.deg);
      arcs[n] = gone + long * t;
      n++;
    }
    gone += long;
  }
  return arcs;
}

/** How far from the back an angle lies at a share of a bone, life mm: positive for positive angles. */
export function arcAt(sections: ArcSections, share: number, deg: number): number {
  const after = sections.findIndex((section) => section.share >= share);
  const b = after < 0 ? sections.length - 1 : after;
  const a = after <= 0 ? b : after - 1;
  const [from, to] = [sections[a]!, sections[b]!];
  const t = to.share === from.share ? 0 : (share - from.share) / (to.share - from.share);
  const mix = Math.max(0, Math.min(1, t));
  const size = Math.min(180, Math.abs(deg));
  const arc = (1 - mix) * arcOf(from, size) + mix * arcOf(to, size);
  return deg < 0 ? -arc : arc;
}

function arcOf({ arcs }: ArcSection, deg: number): number {
  const at = (deg / 180) * STEPS;
  const low = Math.min(STEPS - 1, Math.floor(at));
  return arcs[low]! + (arcs[low + 1]! - arcs[low]!) * (at - low);
}
