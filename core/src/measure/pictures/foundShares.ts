import type { Skeleton } from '../../anatomy/skeleton.ts';
import type { Offer } from './planReferences.ts';

/** A found length as a share of the trunk, beside the species’ own range of that share. */
export interface FoundShare {
  readonly key: string;
  readonly name: string;
  readonly share: number;
  readonly range: readonly [number, number];
  readonly odd: boolean;
}

/**
 * Found lengths as shares of the trunk as it was found, so that a large animal is not odd for its
 * size. The range is the species’ range of the bone over its typical trunk. Empty where no bone of
 * the trunk was found.
 */
export function foundShares(skeleton: Skeleton, offers: readonly Offer[]): readonly FoundShare[] {
  const keys = new Set(skeleton.plan.parts.find((part) => part.kind === 'trunk')?.keys ?? []);
  const trunk = offers.filter(({ found }) => keys.has(found.key));
  const typical = (key: string): number => skeleton.animal.lengths[key]?.mm ?? 0;
  const foundMm = trunk.reduce((sum, { found }) => sum + found.mm, 0);
  const typicalMm = trunk.reduce((sum, { found }) => sum + typical(found.key), 0);
  if (!(foundMm > 0 && typicalMm > 0)) return [];
  return offers.map(({ found: { key, name, mm, bone } }) => {
    const share = mm / foundMm;
    const range = [bone.range[0] / typicalMm, bone.range[1] / typicalMm] as const;
    return { key, name, share, range, odd: share < range[0] || share > range[1] };
  });
}
