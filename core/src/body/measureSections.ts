import type { FleshStation } from '../anatomy/animal.ts';
import { restPose } from '../anatomy/pose.ts';
import { mainSleeve, sectionOf, sectionSigns } from '../anatomy/shaped.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { sleeveRuns, type SleeveRun } from './sleeve.ts';
import type { AxisSample } from './sleeveSection.ts';

/** A run that comes this near to an end of its bone, as a share of it, reaches it. */
const AT_END = 0.06;

/**
 * The stations of a bone's sleeve as sections, life mm, two at least: where it has one alone, what the flesh is at the
 * farther end of the bone is another. Undefined where the bone bears no sleeve.
 */
export function librarySections(
  skeleton: Skeleton,
  bone: Bone,
): readonly FleshStation[] | undefined {
  const sleeve = mainSleeve(bone.flesh);
  if (sleeve === undefined) return undefined;
  const [upright, sideways] = sectionSigns(skeleton.bones, bone, sleeve);
  const own = sleeve.stations.toSorted((a, b) => a.at - b.at);
  const run = sleeveRuns(restPose(skeleton)).find(
    (of) => of.boneId === bone.id && of.sleeve === `${sleeve.sleeve} ${bone.side}`,
  );
  const at = (share: number) => (run === undefined ? [] : sampled(run, share));
  // A bone with one station alone gets one at the end that lies farther from it.
  const [only] = own;
  const far = only !== undefined && only.at > 0.5 ? at(0) : at(1);
  const stations = own.length > 1 ? own : [...own, ...far].toSorted((a, b) => a.at - b.at);
  return stations.length < 2
    ? undefined
    : stations.map((station) => sectionOf(station, upright, sideways));
}

/** What a run is like at a share of its bone, as a station there; none where the run does not reach it. */
function sampled({ samples }: SleeveRun, at: number) {
  const i = samples.findIndex(
    ({ share }, n) => n > 0 && (share - at) * (samples[n - 1]!.share - at) <= 0,
  );
  // A run that ends just short of the end of its bone is there what it is at its end.
  const end = samples.find(({ share }) => Math.abs(share - at) <= AT_END);
  const [from, to] = i < 0 ? [end, end] : [samples[i - 1], samples[i]];
  if (from === undefined || to === undefined) return [];
  const t = to.share === from.share ? 0 : (at - from.share) / (to.share - from.share);
  const mix = (of: (sample: AxisSample) => number): number => of(from) + (of(to) - of(from)) * t;
  return [
    {
      at,
      above: mix(({ above }) => above),
      below: mix(({ below }) => below),
      halfWidth: mix(({ half }) => half),
      widest: mix(({ widest }) => widest),
      squareAbove: mix(({ squareAbove }) => squareAbove),
      squareBelow: mix(({ squareBelow }) => squareBelow),
      side: mix(({ side }) => side),
    },
  ];
}

/** Bones whose flesh can be given as sections: not feet, fins and fans, which are no rounds. */
export function canBeSectioned(skeleton: Skeleton, bone: Bone): boolean {
  if (skeleton.plan.contacts.some((contact) => contact.kind === 'foot' && contact.bone === bone.id))
    return false;
  // What stands off its bone in curves alone, a ray or a tusk, has no sections of its own.
  return bone.flesh.some((flesh) => 'sleeve' in flesh);
}
