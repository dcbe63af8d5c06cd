import { demoWorkpieces } from '@keen-sinew/core';
import { beforeEach, describe, expect, it } from 'vitest';
import { keptStore } from './keptStore.ts';
import { dropListed, keepListed, listed, listedPieces, tidyShelf } from './shelfStorage.ts';

const pieces = demoWorkpieces();
const [otter, wolf] = pieces as [(typeof pieces)[0], (typeof pieces)[0]];
const ids = async (): Promise<readonly string[]> =>
  (await listedPieces()).map(({ id }) => id).sort();

describe('what the shelf tells of pieces', () => {
  beforeEach(() => tidyShelf([]));

  it('is kept, read in one go, and let go of', async () => {
    await keepListed(otter);
    await keepListed(wolf);
    expect(await listedPieces()).toContainEqual(listed(otter));
    await dropListed(otter.id);
    expect(await ids()).toEqual([wolf.id]);
  });

  it('is put right: what is missing, of another state, damaged, or of no piece', async () => {
    await keepListed({ ...otter, name: 'As it was called before' });
    await keepListed({ ...wolf, id: 'gone' });
    await keptStore('shelf').set(wolf.id, { id: wolf.id, name: 7 });
    expect(await ids()).toEqual(['gone', otter.id]);
    await tidyShelf([otter, wolf]);
    expect(await ids()).toEqual([otter.id, wolf.id].sort());
    expect(await listedPieces()).toContainEqual(listed(otter));
  });
});
