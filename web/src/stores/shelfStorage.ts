import { animalById, type Piece } from '@keen-sinew/core';
import { keptStore } from './keptStore.ts';

/** What the shelf tells of a piece: a few words, so that a shelf of hundreds stands at once. */
export interface ListedPiece {
  readonly id: string;
  readonly name: string;
  readonly place: string;
  readonly animal: string;
  readonly scale: Piece['measure']['scale'];
  readonly due: string | null;
}

const store = keptStore('shelf');

/** A piece as the shelf tells it. */
export const listed = ({ id, name, place, measure, bench }: Piece): ListedPiece => ({
  ...{ id, name, place, scale: measure.scale, due: bench.due },
  animal: measure.creature?.name ?? animalById(measure.animalId)?.name ?? '',
});

const isListed = (raw: unknown): raw is ListedPiece => {
  const of = raw as Partial<ListedPiece> | null;
  return (
    [of?.id, of?.name, of?.place, of?.animal, of?.scale?.by].every(
      (value) => typeof value === 'string',
    ) &&
    (of?.due === null || typeof of?.due === 'string')
  );
};

/** Writes what the shelf tells of a piece. A JSON round trip strips what the browser’s store cannot copy. */
export const keepListed = (piece: Piece): Promise<boolean> =>
  store.set(piece.id, JSON.parse(JSON.stringify(listed(piece))));
export const dropListed = (id: string): Promise<boolean> => store.remove(id);

/** What the shelf tells of all pieces, in one reading. */
export async function listedPieces(): Promise<readonly ListedPiece[]> {
  const all = await store.under('');
  return all.flatMap(([id, raw]) => (isListed(raw) && raw.id === id ? [raw] : []));
}

/** Makes the shelf tell these pieces and no others: what was written without it, or damaged, is put right. */
export async function tidyShelf(pieces: readonly Piece[]): Promise<void> {
  const there = new Map((await listedPieces()).map((of) => [of.id, JSON.stringify(of)]));
  for (const piece of pieces) {
    if (there.get(piece.id) !== JSON.stringify(listed(piece))) await keepListed(piece);
    there.delete(piece.id);
  }
  for (const id of there.keys()) await dropListed(id);
}

/** By name, as people look for them. */
export const byName = <T extends { readonly name: string }>(pieces: readonly T[]): T[] =>
  pieces.toSorted((a, b) => a.name.localeCompare(b.name));
