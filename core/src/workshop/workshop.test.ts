import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { createMemory } from '../piece/memory.ts';
import { demoPieces, demoWorkshop } from '../start/demoPieces.ts';
import { otterPiece, plainPiece } from '../testing/samples.ts';
import { problemSentence } from '../units/problem.ts';
import { adoptWorkshop, withMetals } from './adoptWorkshop.ts';
import { newWorkshop } from './newWorkshop.ts';
import { readWorkshop, readWorkshopText, workshopText } from './readWorkshop.ts';
import { inWorkshop, isOfWorkshop, parted, sameWorkshop } from './workpiece.ts';
import type { Workshop } from './workshopSchema.ts';

const [otter] = demoPieces();
const shop = demoWorkshop();
const fence = {
  id: 'own-1',
  name: 'fence wire',
  eMPa: 200_000,
  yieldMPa: 900,
  densityKgM3: 7850,
  leastInsideDiameters: 1,
};
const withMetal = (of: Workshop, metal: typeof fence): Workshop => ({
  ...of,
  wire: { ...of.wire, ownMetals: [...of.wire.ownMetals, metal] },
});

describe('a piece in its workshop', () => {
  it('comes apart again into the two that it was made of', () => {
    for (const piece of demoPieces())
      for (const workshop of [shop, newWorkshop()])
        expect(parted(inWorkshop(piece, workshop))).toEqual({ piece, workshop });
  });

  it('keeps the sections that a change does not reach as they were', () => {
    const recall = createMemory();
    const before = inWorkshop(otter!, shop, recall);
    const after = inWorkshop(otter!, { ...shop, pace: 2 }, recall);
    expect(after.atHand.pace).toBe(2);
    for (const section of ['measure', 'wire', 'mass', 'cure', 'skin'] as const)
      expect(after[section], section).toBe(before[section]);
    expect(sameWorkshop(before, after)).toBe(false);
    expect(sameWorkshop(before, { ...before, name: 'Other' })).toBe(true);
  });

  it('knows of every field of a workpiece whose it is', () => {
    const workpiece = inWorkshop(otter!, shop);
    const own: Record<string, unknown> = { ...parted(workpiece).piece };
    for (const [section, fields] of Object.entries(workpiece)) {
      if (typeof fields !== 'object' || fields === null || Array.isArray(fields)) continue;
      for (const field of Object.keys(fields)) {
        const isOwn = Object.hasOwn((own[section] as object | undefined) ?? {}, field);
        expect(isOfWorkshop([section, field, 0]), `${section}.${field}`).toBe(!isOwn);
      }
    }
  });
});

describe('a workshop’s file', () => {
  it('is read back as it was written', () => {
    for (const workshop of [shop, newWorkshop()])
      expect(readWorkshopText(workshopText(workshop))).toEqual({ ok: true, value: workshop });
  });

  it('of version 1 is taken in with nothing learnt and no stuffs', () => {
    const { stuffs: _, ownTools: ___, oven, ...rest } = shop;
    const { learnt: __, ...ovenOf1 } = oven;
    const read = readWorkshop({ ...rest, oven: ovenOf1, version: 1 });
    expect(read).toEqual({ ok: true, value: { ...shop, stuffs: [] } });
  });

  it.each([
    ['{', /^The file, line 1: received “its end, too early”; allowed is a whole workshop file/],
    [JSON.stringify({ format: 'keen-sinew-piece' }), /keen-sinew-workshop/],
    [JSON.stringify({ ...shop, version: 5 }), /version: received 5; allowed is a version from 1/],
    [
      JSON.stringify({ ...shop, oven: { ...shop.oven, offsetC: 400 } }),
      /^oven\.offsetC: received 400/,
    ],
    [JSON.stringify({ ...shop, tools: ['rake'] }), /received “rake”/],
    [JSON.stringify({ ...shop, magic: 1 }), /received “magic”/],
  ])('is refused in words: %s', (text, sentence) => {
    const read = readWorkshopText(text);
    if (read.ok) throw new Error('it was taken');
    expect(problemSentence(read.problem)).toMatch(sentence);
  });

  it('names a metal or a gauge that there is not', () => {
    const stock = shop.wire.stock[0]!;
    const sentence = (entry: object): string => {
      const read = readWorkshop({
        ...shop,
        wire: { ...shop.wire, stock: [{ ...stock, ...entry }] },
      });
      return read.ok ? 'read' : problemSentence(read.problem);
    };
    expect(sentence({})).toBe('read');
    expect(sentence({ metal: 'own-9' })).toMatch(/stock.*metal.*“own-9” is no metal of this/);
    expect(sentence({ size: { system: 'SWG', value: 60 } })).toMatch(/wire size/);
  });
});

describe('taking over from another workshop', () => {
  it('gives a new workshop all that the other has', () => {
    const { workshop, kept, metals } = adoptWorkshop(newWorkshop(), shop);
    expect({ ...workshop, wire: { ...workshop.wire, stock: [] } }).toEqual({
      ...shop,
      wire: { ...shop.wire, stock: [] },
    });
    expect(workshop.wire.stock.map(({ lengthsMm }) => lengthsMm)).toEqual(
      shop.wire.stock.map(({ lengthsMm }) => lengthsMm),
    );
    expect([kept, metals.size]).toEqual([[], 0]);
  });

  it('changes nothing where it is done twice, or with oneself', () => {
    const { workshop } = adoptWorkshop(newWorkshop(), shop);
    expect(adoptWorkshop(workshop, shop).workshop).toEqual(workshop);
    expect(adoptWorkshop(shop, shop).workshop).toEqual(shop);
  });

  it('keeps what is the user’s own where both differ, and says what', () => {
    const mine = { ...newWorkshop(), pace: 2, tools: ['scalpel' as const] };
    const { workshop, kept } = adoptWorkshop(mine, { ...shop, pace: 3, tools: ['ball'] });
    expect([workshop.pace, workshop.tools]).toEqual([2, ['scalpel']]);
    expect(kept).toEqual(['the tools', 'the pace']);
    expect(workshop.oven).toEqual(shop.oven);
  });

  it('gives a metal of the same id that is another one a free id, in stock and pieces alike', () => {
    const mine = withMetal(newWorkshop(), fence);
    const stock = [{ ...shop.wire.stock[0]!, metal: 'own-1' }];
    const piano = { ...fence, name: 'piano wire' };
    const theirs = withMetal({ ...shop, wire: { ...shop.wire, stock } }, piano);
    const { workshop, metals } = adoptWorkshop(mine, theirs);
    expect([...metals]).toEqual([['own-1', 'own-2']]);
    expect(workshop.wire.ownMetals).toEqual([fence, { ...piano, id: 'own-2' }]);
    expect(workshop.wire.stock.map(({ metal }) => metal)).toEqual(['own-2']);
    const { piece } = parted(plainPiece());
    const spine = { ...piece.wire.spine, metal: 'own-1' };
    const led = withMetals({ ...piece, wire: { ...piece.wire, spine } }, metals);
    expect(led.wire.spine.metal).toBe('own-2');
    expect(led.wire.binder).toEqual(piece.wire.binder);
    expect(readWorkshop(workshop).ok).toBe(true);
  });

  it('makes a workshop that can be read, whatever the two are', () => {
    const lengths = fc.array(fc.integer({ min: 10, max: 5000 }), { maxLength: 3 });
    const some = fc
      .record({ lengths, pace: fc.constantFrom(1, 2, 3), metal: fc.constantFrom('a', 'b') })
      .map(({ lengths: lengthsMm, pace, metal }): Workshop => {
        const stock = [{ ...shop.wire.stock[0]!, metal: 'own-1', lengthsMm }];
        const base = withMetal({ ...newWorkshop(), pace }, { ...fence, name: metal });
        return { ...base, wire: { ...base.wire, stock } };
      });
    fc.assert(
      fc.property(some, some, (mine, theirs) => {
        const { workshop } = adoptWorkshop(mine, theirs);
        expect(readWorkshop(workshop).ok).toBe(true);
        expect(adoptWorkshop(workshop, theirs).workshop).toEqual(workshop);
        const ids = workshop.wire.stock.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
      }),
      { seed: 11, numRuns: 100 },
    );
  });
});

describe('what is on hand', () => {
  it('is in the workpiece of the demonstration', () => {
    expect(otterPiece().atHand.clays).toEqual(shop.clays);
  });
});
