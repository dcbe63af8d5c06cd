import type { Skeleton } from '../anatomy/skeleton.ts';
import { blendPairs, type Blends } from './blend.ts';
import type { SkinPart } from './skin.ts';

/** Bones this far apart in the tree still grow into each other: a thigh into the loin. */
const NEAR_IN_TREE = 2;

/**
 * Which parts of flesh run into each other: those of one bone, and of bones that follow or branch
 * off near each other. Turns of a coil and limbs that only touch keep their crease.
 */
export function bodyBlends(skeleton: Skeleton, parts: readonly SkinPart[]): Blends {
  const up = (id: string): readonly string[] => {
    const line: string[] = [];
    for (let at: string | null = id; at !== null && line.length <= NEAR_IN_TREE;) {
      line.push(at);
      at = skeleton.byId.get(at)?.parent ?? null;
    }
    return line;
  };
  const lines = new Map(parts.map(({ boneId }) => [boneId, up(boneId)]));
  return blendPairs(parts, (a, b) => {
    const [left, right] = [lines.get(a) ?? [], lines.get(b) ?? []];
    return left.some((id, steps) => {
      const also = right.indexOf(id);
      return also >= 0 && steps + also <= NEAR_IN_TREE;
    });
  });
}
