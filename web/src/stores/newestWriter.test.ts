import { describe, expect, it } from 'vitest';
import { createNewestWriter } from './newestWriter.ts';

/** A writer over a store that can be told to refuse, and what became of each record. */
function writer() {
  const told: string[] = [];
  const store = { refuses: false, holds: false };
  const made = createNewestWriter<string>(
    async (record) => {
      await Promise.resolve();
      if (store.refuses) throw new Error(`full at ${record}`);
      if (store.holds) return false;
      told.push(`wrote ${record}`);
      return true;
    },
    {
      written: (id, record, isNewest) => told.push(`${id} ${record}${isNewest ? ', newest' : ''}`),
      refused: (error, id) => told.push(error === null ? `${id} is held` : String(error)),
    },
  );
  return { made, told, store };
}

describe('a writer of the newest', () => {
  it('writes the first and the newest of three hundred, and says which is which', async () => {
    const { made, told } = writer();
    for (let i = 1; i <= 300; i++) made.put('otter', String(i));
    await made.settled();
    expect(told).toEqual(['wrote 1', 'otter 1', 'wrote 300', 'otter 300, newest']);
  });

  it('keeps what waits of another piece', async () => {
    const { made, told } = writer();
    made.put('otter', 'a');
    made.put('otter', 'b');
    made.put('wolf', 'c');
    await made.settled();
    expect(told.filter((line) => line.startsWith('wrote'))).toEqual([
      'wrote a',
      'wrote b',
      'wrote c',
    ]);
  });

  it('tells what was refused, and goes on with the next', async () => {
    const { made, told, store } = writer();
    store.refuses = true;
    made.put('otter', 'a');
    await made.settled();
    store.refuses = false;
    made.put('otter', 'b');
    await made.settled();
    expect(told).toEqual(['Error: full at a', 'wrote b', 'otter b, newest']);
  });

  it('does not say written of what is only held in the page', async () => {
    const { made, told, store } = writer();
    store.holds = true;
    made.put('otter', 'a');
    await made.settled();
    expect(told).toEqual(['otter is held']);
  });
});
