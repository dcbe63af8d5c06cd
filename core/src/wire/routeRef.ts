import * as say from './words.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { RouteRef } from '../piece/placeSchema.ts';

export type { RouteRef } from '../piece/placeSchema.ts';

/** The joint where a bone starts. */
export const jointRef = (boneId: string): RouteRef => ({ over: 'joint', boneId });

/** A place along a bone, as a share of it. */
export const boneRef = (boneId: string, along: number): RouteRef => ({
  over: 'bone',
  boneId,
  along,
});

/** The ball of a foot. */
export const ballRef = (contactId: string): RouteRef => ({ over: 'ball', contactId });

/** The hole under a foot, or that of the back iron. */
export const pegRef = (contactId: string): RouteRef => ({ over: 'peg', contactId });

/** Where a pair of limbs crosses the spine. */
export const crossingRef = (pairId: string): RouteRef => ({ over: 'crossing', pairId });

/** Whether a wire that ends there ends at a joint, to be bound beside another. */
export const endsAtJoint = ({ over }: RouteRef): boolean => over === 'joint' || over === 'crossing';

/** Whether two references name the same place. */
export function sameRef(a: RouteRef, b: RouteRef): boolean {
  switch (a.over) {
    case 'joint':
      return b.over === 'joint' && a.boneId === b.boneId;
    case 'bone':
      return b.over === 'bone' && a.boneId === b.boneId && a.along === b.along;
    case 'ball':
    case 'peg':
      return b.over === a.over && a.contactId === b.contactId;
    case 'crossing':
      return b.over === 'crossing' && a.pairId === b.pairId;
  }
}

/** The bones whose joints a wire passes there; none at a foot or its hole. */
export function bonesAt({ plan }: Pick<Skeleton, 'plan'>, ref: RouteRef): readonly string[] {
  switch (ref.over) {
    case 'joint':
    case 'bone':
      return [ref.boneId];
    case 'crossing': {
      const pair = plan.limbPairs.find(({ id }) => id === ref.pairId);
      return [pair?.left.bones[0], pair?.right.bones[0]].filter((id) => id !== undefined);
    }
    case 'ball':
    case 'peg':
      return [];
  }
}

/** A short name that no other reference has, for lists and problems: never read back. */
export function refId(ref: RouteRef): string {
  switch (ref.over) {
    case 'joint':
      return ref.boneId;
    case 'bone':
      return say.at(ref.boneId, ref.along);
    case 'ball':
    case 'peg':
      return say.of2(ref.over, ref.contactId);
    case 'crossing':
      return say.crossingOf(ref.pairId);
  }
}
