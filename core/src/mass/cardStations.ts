import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import type { Piece } from '../piece/pieceSchema.ts';

/** A place across which a section is cut. */
export interface CardStation {
  readonly bone: Bone;
  /** Share of the bone. */
  readonly at: number;
}

/** Cards along the column where nobody chose: more would not be held up, fewer miss the belly. */
const MOST_ON_COLUMN = 10;
/** Bones of a limb that get a card, from the trunk outwards. */
const ON_LIMB = [1, 2, 3] as const;

/** Where cards are cut usually: along the column from the nose to the tail, then down each left limb. */
function usualStations({ plan, byId }: Skeleton): readonly CardStation[] {
  const column = plan.spine.toReversed().flatMap((id): CardStation[] => {
    const bone = byId.get(id);
    return bone === undefined ? [] : [{ bone, at: 0.5 }];
  });
  const every = Math.max(1, column.length / MOST_ON_COLUMN);
  const thinned = column.filter((_, i) => Math.floor(i / every) !== Math.floor((i - 1) / every));
  const limbs = plan.limbPairs.flatMap(({ bonesLeft }) =>
    ON_LIMB.flatMap((n): CardStation[] => {
      const bone = byId.get(bonesLeft[n] ?? '');
      return bone === undefined ? [] : [{ bone, at: 0.5 }];
    }),
  );
  return [...thinned, ...limbs];
}

/** The stations of the section cards: the user's, or the usual ones. */
export function cardStations(
  skeleton: Skeleton,
  cards: Piece['mass']['cards'],
): readonly CardStation[] {
  if (cards === null) return usualStations(skeleton);
  return cards.flatMap(({ bone: id, at }) => {
    const bone = skeleton.byId.get(id);
    return bone === undefined ? [] : [{ bone, at }];
  });
}
