import { demoWorkpieces } from '@keen-sinew/core';
import { describe, expect, it } from 'vitest';
import type { KeptPiece } from '../stores/benchStorage.ts';
import { listed, type ListedPiece } from '../stores/shelfStorage.ts';
import { shelved } from './shelf.ts';

const pieces = demoWorkpieces().map(listed);
const names = (all: readonly { piece: ListedPiece }[]) => all.map(({ piece }) => piece.name);
const kept = (id: string, done: number, open: number): KeptPiece => ({
  ...{ needs: [], relief: null, picture: null },
  piece: {
    ...{ id, name: id, due: null, notBefore: {} },
    steps: Array.from({ length: done + open }, (_, i) => ({
      ...{ id: `s${i}`, title: '', minutes: 1, occupies: 'person' as const, needs: [] },
      done: i < done,
    })),
  },
});

describe('the shelf', () => {
  it('is searched by name, animal and place, in any order of words', () => {
    const found = (search: string) => names(shelved(pieces, new Map(), search, 'name'));
    expect(found('fen OTTER')).toEqual(['Otter on the log']);
    expect(found('baryonyx')).toEqual(['The fen before the fen']);
    expect(found('no such thing')).toEqual([]);
    expect(found('')).toHaveLength(pieces.length);
  });

  it('is ordered by name, by due date and by what is left', () => {
    const all = names(shelved(pieces, new Map(), '', 'name'));
    expect(all).toEqual(all.toSorted((a, b) => a.localeCompare(b)));
    const [first, second] = pieces as [ListedPiece, ListedPiece];
    const dated = pieces.map((piece) => ({
      ...piece,
      due: piece === second ? '2026-01-01' : piece === first ? '2026-02-01' : null,
    }));
    expect(names(shelved(dated, new Map(), '', 'due')).slice(0, 2)).toEqual([
      second.name,
      first.name,
    ]);
    const known = new Map([
      [first.id, kept(first.id, 1, 9)],
      [second.id, kept(second.id, 8, 2)],
    ]);
    expect(names(shelved(pieces, known, '', 'left')).slice(0, 2)).toEqual([
      second.name,
      first.name,
    ]);
  });
});
