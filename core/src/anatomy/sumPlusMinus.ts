import type { Bone } from './skeleton.ts';

/**
 * How sure a sum of bone lengths is, as a part of a working: the ranges of different bones are
 * independent and add up in squares; left and right of one key share their measurement and add up as
 * they are. Empty where the length of no bone has a range. `k` scales life to the model.
 */
export function sumPlusMinus(
  bones: readonly Pick<Bone, 'key' | 'plusMinusMm'>[],
  k = 1,
): { readonly plusMinus?: number } {
  const byKey = new Map<string, number>();
  for (const { key, plusMinusMm } of bones)
    if (plusMinusMm !== null) byKey.set(key, (byKey.get(key) ?? 0) + plusMinusMm * k);
  return byKey.size === 0 ? {} : { plusMinus: Math.hypot(...byKey.values()) };
}
