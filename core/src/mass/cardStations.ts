import type { Workpiece } from '../workshop/workpiece.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';

/** A place across which a section is cut. */
export interface CardStation {
  readonly bone: Bone;
  readonly along: number;
}

/** Cards along the column where nobody chose: more would not be held up, fewer miss the belly. */
const MOST_ON_COLUMN = 10;
/** Bones of a limb that get a card, from the trunk outwards. */
const ON_LIMB = [1, 2, 3] as const;

/** Where cards are cut usually: along the column from the nose to the tail, then down each left limb. */
function usualStations({ plan, byId }: Skeleton): readonly CardStation[] {
  const column = plan.spine.toReversed().flatMap((id): CardStation[] => {
    const bone = byId.get(id);
    return bone === undefined ? [] : [{ bone, along: 0.5 }];
  });
  const every = Math.max(1, column.length / MOST_ON_COLUMN);
  const thinned = column.filter((_, i) => Math.floor(i / every) !== Math.floor((i - 1) / every));
  const limbs = plan.limbPairs.flatMap(({ left }) =>
    ON_LIMB.flatMap((n): CardStation[] => {
      const bone = byId.get(left.bones[n] ?? '');
      return bone === undefined ? [] : [{ bone, along: 0.5 }];
    }),
  );
  return [...thinned, ...limbs];
}

/** The stations of the section cards: the user's, or the usual ones. */
export function cardStations(
  skeleton: Skeleton,
  cards: Workpiece['mass']['cards'],
): readonly CardStation[] {
  if (cards === null) return usualStations(skeleton);
  return cards.flatMap(({ boneId, along }) => {
    const bone = skeleton.byId.get(boneId);
    return bone === undefined ? [] : [{ bone, along }];
  });
}
