import { restPose } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { sleeveId } from '../body/sleeveChain.ts';
import { skinParts } from '../body/skin.ts';
import { distance } from '../geometry/vec3.ts';

/** How far along the axis of its flesh each share of a bone lies, life mm, in rising order of the share. */
export type BoneArc = readonly (readonly [share: number, mm: number])[];

/**
 * The axis of a sleeve at rest over one bone, from its share 0 to 1: it runs smoothly through the joints, so equal
 * shares are not equally long. Straight beyond what the sleeve tells of it. Of more sleeves the last, as heads lie
 * over necks.
 */
export function boneArc(skeleton: Skeleton, boneId: string): BoneArc {
  const bone = skeleton.byId.get(boneId)!;
  const names = bone.flesh.flatMap((of) =>
    'sleeve' in of ? [sleeveId(of.sleeve, bone.side)] : [],
  );
  const part = skinParts(restPose(skeleton)).findLast(
    (of) => of.kind === 'sleeve' && of.boneId === boneId && names.includes(of.sleeve),
  );
  const whole: BoneArc = [
    [0, 0],
    [1, bone.lifeLengthMm],
  ];
  if (part?.kind !== 'sleeve' || part.samples.length < 2) return whole;
  const rising = part.samples[0]!.share <= part.samples.at(-1)!.share;
  const samples = rising ? part.samples : part.samples.toReversed();
  const first = samples[0]!.share;
  let mm = Math.max(0, first) * bone.lifeLengthMm;
  const told = samples.map(({ share, at }, i) => {
    if (i > 0) mm += distance(samples[i - 1]!.at, at);
    return [share, mm] as const;
  });
  const inside = told.filter(([share], i) => i === 0 || share > told[i - 1]![0]);
  const last = inside.at(-1)!;
  return [
    ...(first > 0 ? [[0, 0] as const] : []),
    ...inside,
    ...(last[0] < 1 ? [[1, last[1] + (1 - last[0]) * bone.lifeLengthMm] as const] : []),
  ];
}

/** The second number of a table at the first; beyond its ends as steep as there. */
export function along(table: BoneArc, at: number, from: 0 | 1 = 0): number {
  const to = from === 0 ? 1 : 0;
  const after = table.findIndex((row) => row[from] >= at);
  const b = Math.min(table.length - 1, Math.max(1, after < 0 ? table.length - 1 : after));
  const [low, high] = [table[b - 1]!, table[b]!];
  const step = high[from] - low[from];
  return step === 0 ? low[to] : low[to] + ((high[to] - low[to]) * (at - low[from])) / step;
}
