import { describe, expect, it } from 'vitest';
import { CREATURE_VERSION, newCreature } from '../anatomy/creature.ts';
import { readCreatureText } from '../anatomy/readCreature.ts';
import { problemSentence } from './problem.ts';
import { demoPieces } from '../start/demoPieces.ts';
import { readPiece } from '../formats/readPiece.ts';
import { sampled } from '../testing/sampled.ts';
import { upTo } from './versions.ts';

const [OTTER] = demoPieces();
const piece = () => structuredClone(OTTER!) as unknown as Record<string, never>;

function refusal(path: string, value: unknown): string {
  const data = piece();
  const keys = path.split('.');
  const last = keys.pop()!;
  keys.reduce<Record<string, unknown>>((at, key) => at[key] as never, data)[last] = value;
  const read = readPiece(data);
  if (read.ok) throw new Error(`${path} was taken`);
  return problemSentence(read.problem);
}

describe('what a schema refuses is told in our own words', () => {
  it.each([
    ['wire.coverMm', 'thick', 'wire.coverMm: received “thick”; allowed is a number from 0 to 10.'],
    ['cure.holdMin', 400, /^cure\.holdMin: received 400; allowed is a number from -?\d+ to \d+\.$/],
    ['wire.spine.strands', 0, /allowed is (a|a whole) number from 1 to \d+\.$/],
    ['name', '', 'name: received an empty field; allowed is text of at least 1 characters.'],
    ['measure.shape', 3, /allowed is a group of named fields\.$/],
    ['cure.partsFirst', 'yes', 'cure.partsFirst: received “yes”; allowed is true or false.'],
    ['cure.method', 'boil', /^cure\.method: received “boil”; allowed is one of “/],
    ['measure.scale', { by: 'guess' }, /^measure\.scale.*allowed is .*“ratio”/],
    [
      'bench.strange',
      1,
      'bench: received “strange”; allowed is only the fields that the format knows.',
    ],
    ['id', 'Not An Id', /^id: received “Not An Id”; allowed is text of the form /],
  ])('%s = %j', (path, value, sentence) => {
    const told = refusal(path, value);
    if (typeof sentence === 'string') expect(told).toBe(sentence);
    else expect(told).toMatch(sentence);
  });

  it('never shows the words of the schema library', () => {
    const wrongs = sampled<unknown>([null, -1e9, 1e9, 'x', [], {}], 2, 4);
    const sentences: string[] = [];
    const visit = (at: unknown, path: readonly string[]): void => {
      for (const wrong of path.length === 0 ? [] : wrongs) {
        const data = piece();
        const holder = path
          .slice(0, -1)
          .reduce<Record<string, unknown>>((on, key) => on[key] as never, data);
        holder[path.at(-1)!] = wrong;
        const read = readPiece(data);
        if (!read.ok) sentences.push(problemSentence(read.problem));
      }
      if (typeof at === 'object' && at !== null && path.length < 3)
        for (const [key, value] of Object.entries(at).slice(0, 8)) visit(value, [...path, key]);
    };
    visit(piece(), []);
    expect(sentences.length).toBeGreaterThan(100);
    for (const sentence of sentences) {
      expect(sentence).not.toMatch(
        /Invalid|Too (small|big)|expected|Unrecognized|undefined|NaN|\[object/,
      );
      expect(sentence).toMatch(/^.+: received .+; allowed is .+\.$/);
    }
  });
});

describe('versions', () => {
  it('go step by step, and stop at one that is unknown', () => {
    const steps = {
      1: (old: object) => ({ ...old, version: 2, girth: 1 }),
      2: (old: object) => ({ ...old, version: 3, name: 'new' }),
    };
    expect(upTo(3, steps, { version: 1 })).toEqual({ version: 3, girth: 1, name: 'new' });
    expect(upTo(3, steps, { version: 4 })).toBeUndefined();
    expect(upTo(3, steps, { version: '1' })).toBeUndefined();
  });

  it('of own animals are told, in their own file and inside a piece', () => {
    const own = { ...newCreature('own-1', 'Own', 'otter'), version: CREATURE_VERSION + 1 };
    const alone = readCreatureText(JSON.stringify(own));
    expect(alone.ok ? '' : problemSentence(alone.problem)).toBe(
      `The file’s version: received ${CREATURE_VERSION + 1}; allowed is a version from 1 to ${CREATURE_VERSION}; a higher one is of a newer application, which can open it.`,
    );
    expect(refusal('measure.creature', own)).toBe(
      `measure.creature.version: received ${CREATURE_VERSION + 1}; allowed is a version from 1 to ${CREATURE_VERSION}; a higher one is of a newer application, which can open it.`,
    );
  });
});
