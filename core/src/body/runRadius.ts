import { greatest, least } from '../geometry/extremes.ts';
import type { SkinPart, SleevePart } from './skin.ts';
import { domeLength } from './sleeveSection.ts';

/** The first tenth of a bone may round an end of its flesh; at its far end a wire may go on into the ground. */
const ROOT_SHARE = 0.1;

const runsOn = (parts: readonly SkinPart[], boneId: string): readonly SleevePart[] =>
  parts.filter((part) => part.kind === 'sleeve').filter((part) => part.boneId === boneId);

/** How thick the thickest flesh of a bone is where it is thinnest, as a radius in mm; its rounded root left out. */
export function thinnestRadius(parts: readonly SkinPart[], boneId: string): number {
  const thinnest = runsOn(parts, boneId).map(({ samples }) => {
    const inner = samples.filter(({ share }) => share >= ROOT_SHARE && share <= 1);
    return least((inner.length > 0 ? inner : samples).map(domeLength));
  });
  return Math.max(0, greatest(thinnest));
}

/** How thick the thickest flesh of a bone is at a share of it, as a radius in mm; 0 where it has ended. */
export const radiusOn = (parts: readonly SkinPart[], boneId: string, at: number): number =>
  Math.max(0, greatest(runsOn(parts, boneId).map((run) => radiusAt(run, at))));

function radiusAt({ samples, domes }: SleevePart, at: number): number {
  const forward = samples.at(-1)!.share >= samples[0]!.share;
  const inOrder = forward ? samples : samples.toReversed();
  const after = inOrder.findIndex(({ share }) => share >= at);
  if (after > 0) {
    const [from, to] = [inOrder[after - 1]!, inOrder[after]!];
    const t = (at - from.share) / (to.share - from.share || 1);
    return domeLength(from) + (domeLength(to) - domeLength(from)) * t;
  }
  const isEnd = after < 0;
  const end = isEnd ? inOrder.at(-1)! : inOrder[0]!;
  if (end.share === at) return domeLength(end);
  // Beyond an open end the next bone goes on; beyond a dome the flesh runs out.
  if (!domes[isEnd === forward ? 1 : 0]) return domeLength(end);
  const next = isEnd ? inOrder.at(-2)! : inOrder[1]!;
  const mmPerShare =
    Math.hypot(...next.at.map((v, i) => v - end.at[i as 0])) /
    Math.abs(next.share - end.share || 1);
  const off = Math.abs(at - end.share) * mmPerShare;
  return Math.max(0, domeLength(end) - off);
}
