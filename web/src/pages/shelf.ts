import type { KeptPiece } from '../stores/benchStorage.ts';
import type { ListedPiece } from '../stores/shelfStorage.ts';

/** How the shelf is ordered: by name, by due date, by how much is left. */
export const ORDERS = ['name', 'due', 'left'] as const;
export type ShelfOrder = (typeof ORDERS)[number];

/** A piece on the shelf with what is known of it. */
export interface Shelved {
  readonly piece: ListedPiece;
  readonly kept: KeptPiece | undefined;
}

/** Steps that are not done, of a piece that is begun; those that rest come last. */
function leftOf(kept: KeptPiece | undefined): number {
  const steps = kept?.piece.steps ?? [];
  const left = steps.filter(({ done }) => !done).length;
  return left === steps.length ? Number.POSITIVE_INFINITY : left;
}

const COMPARE: Readonly<Record<ShelfOrder, (a: Shelved, b: Shelved) => number>> = {
  name: (a, b) => a.piece.name.localeCompare(b.piece.name),
  due: (a, b) => (a.piece.due ?? '9').localeCompare(b.piece.due ?? '9'),
  left: (a, b) => {
    const [x, y] = [leftOf(a.kept), leftOf(b.kept)];
    return x === y ? 0 : x - y;
  },
};

/** Pieces whose name, animal or place has all words of a search, in an order. */
export function shelved(
  pieces: readonly ListedPiece[],
  known: ReadonlyMap<string, KeptPiece>,
  search: string,
  order: ShelfOrder,
): readonly Shelved[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return pieces
    .filter((piece) => {
      const text = `${piece.name} ${piece.animal} ${piece.place}`.toLowerCase();
      return words.every((word) => text.includes(word));
    })
    .map((piece) => ({ piece, kept: known.get(piece.id) }))
    .toSorted(COMPARE[order]);
}
