import { PIECE_VERSION } from '../../piece/pieceSchema.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { creatureText, type Creature } from '../../anatomy/creature.ts';
import { readCreatureText } from '../../anatomy/readCreature.ts';
import { ANIMALS } from '../../anatomy/registry.ts';
import { csvRows, csvText } from '../../formats/csv.ts';
import { drawingSvg } from '../../formats/svg.ts';
import { fittedDrawing } from '../../sheets/drawing.ts';
import { readBvh } from '../../formats/readBvh.ts';
import { readPieceText } from '../../formats/readPiece.ts';
import { newPiece } from '../../start/newPiece.ts';
import { problemSentence } from '../../units/problem.ts';
import { boundedData, readJson } from '../../units/readJson.ts';
import { newWorkshop } from '../../workshop/newWorkshop.ts';
import { inWorkshop } from '../../workshop/workpiece.ts';
import { planPiece } from '../../plan.ts';
import { plainPiece, wholePlan } from '../samples.ts';
import { tries } from '../sampled.ts';
import { anyPiece } from './anyPiece.ts';
import { foreignWords } from './foreignWords.ts';
import { blows, struck, struckText, textBlow } from './mutation.ts';
import { planFaults } from './planFaults.ts';
import { READERS, readingFault } from './readers.ts';
import { smallest } from './smallest.ts';

/** The short attack of every run; `npm run attack` goes on for as long as one likes. */
const SEED = 20261127;

describe.each(READERS)('the reader of $name', (reader) => {
  it('takes what is sound, and writes it as it was', () => {
    for (const sound of reader.sound) {
      expect(reader.read(JSON.stringify(sound)).ok).toBe(true);
      expect(readingFault(reader, JSON.stringify(sound))).toBeUndefined();
    }
  });

  it('bears any change of a document, and refuses in plain words', () => {
    fc.assert(
      fc.property(fc.nat(reader.sound.length - 1), blows, (n, all) => {
        const text = JSON.stringify(struck(reader.sound[n]!, all));
        expect(readingFault(reader, text)).toBeUndefined();
      }),
      { seed: SEED, numRuns: tries(150, 5000) },
    );
  });

  it('bears any change of its text', () => {
    fc.assert(
      fc.property(fc.nat(reader.sound.length - 1), textBlow, (n, blow) => {
        const text = struckText(JSON.stringify(reader.sound[n], null, 2), blow);
        expect(readingFault(reader, text)).toBeUndefined();
      }),
      { seed: SEED, numRuns: tries(60, 2000) },
    );
  });
});

describe('what the schema admits', () => {
  const oneOfEachPlan = ANIMALS.filter(
    ({ planId }, i) => ANIMALS.findIndex((animal) => animal.planId === planId) === i,
  );

  it.each(oneOfEachPlan)('is planned and drawn for $id without a hole in it', (animal) => {
    fc.assert(
      fc.property(anyPiece(animal), (piece) => {
        expect(planFaults(planPiece(inWorkshop(piece, newWorkshop())))).toEqual([]);
      }),
      { seed: SEED, numRuns: tries(4, 200), endOnFailure: true },
    );
  });

  it('is planned with its coarse body, its shape and its bakes', () => {
    fc.assert(
      fc.property(fc.constantFrom(...ANIMALS).chain(anyPiece), (piece) => {
        expect(planFaults(wholePlan(inWorkshop(piece, newWorkshop()), true))).toEqual([]);
      }),
      { seed: SEED, numRuns: tries(2, 60), endOnFailure: true },
    );
  });
});

/** Cases that once failed. */
describe('what went wrong before', () => {
  const planOf = (animalId: string, change: (piece: never) => object) => {
    const base = newPiece('any', 'Any', animalId);
    return planPiece(inWorkshop({ ...base, ...change(base as never) }, newWorkshop()));
  };
  const station = {
    at: 0,
    halfDepth: 40,
    halfWidth: 20,
    squareness: 2,
    squareBelow: 2,
    widest: 0,
    up: 0,
    side: 0,
  };

  it('sections of one place, and on a bone that carries a foot', () => {
    for (const key of ['foreDigits', 'tail1'])
      for (const animalId of ['alpine-ibex', 'grey-wolf']) {
        const plan = planOf(animalId, ({ measure }: { measure: { shape: object } }) => ({
          measure: {
            ...measure,
            shape: {
              ...measure.shape,
              sections: { [key]: [station, { ...station, at: 1e-9, halfWidth: 90 }] },
            },
          },
        }));
        expect(planFaults(plan)).toEqual([]);
      }
  });

  it('a serpent that touches nothing, or lies on a slope', () => {
    const fat = planOf('adder', ({ measure }: { measure: { shape: object } }) => ({
      measure: { ...measure, shape: { ...measure.shape, fatMm: { head: 300 } } },
    }));
    expect(planFaults(fat)).toEqual([]);
    expect(fat.workings.some(({ id }) => id === 'balance.margin')).toBe(
      fat.balance.footing.hull.length > 0,
    );
    for (const deg of [-45, -12, 30, 45]) {
      const plan = planOf('adder', ({ stance }: { stance: object }) => ({
        stance: { ...stance, ground: { kind: 'slope', deg, fromMm: -20 } },
      }));
      expect(planFaults(plan)).toEqual([]);
    }
  });

  it('a folded wire that was merged away, a way that leads nowhere, a peg that lies flat', () => {
    const peg = { over: 'peg', contactId: 'hindfoot.L' };
    const bone = { over: 'bone', boneId: 'tail3', along: 0.5 };
    const ways = [[], [[bone, bone]], [[peg, { ...peg }]], [[peg, bone]]];
    for (const way of ways)
      for (const scheme of ['folded-pair', 'bound-loops']) {
        const plan = planOf('grey-wolf', ({ wire }: { wire: object }) => ({
          wire: { ...wire, scheme, routes: { 'limbs:hind-legs': way } },
        }));
        expect(planFaults(plan)).toEqual([]);
      }
  });

  it('a wire as long as a railway is drawn with a coarser rule', () => {
    const plan = planOf('alpine-ibex', ({ measure }: { measure: object }) => ({
      measure: { ...measure, scale: { by: 'ratio', lifePerModel: 0.02 } },
    }));
    expect(plan.wire.wires[0]!.cut.value).toBeGreaterThan(50_000);
    expect(planFaults(plan)).toEqual([]);
  });

  it('a part on a bone with the name of a prototype’s method', () => {
    const creature = READERS[1]!.sound[1] as unknown as Creature;
    for (const onBone of ['hasOwnProperty', 'valueOf', 'constructor']) {
      const read = readCreatureText(
        creatureText({ ...creature, grafts: [{ ...creature.grafts[0]!, onBone }] }),
      );
      expect(read.ok ? 'read' : problemSentence(read.problem)).toContain(`received “${onBone}”`);
    }
  });

  it('signs that no XML may hold', () => {
    const name = 'a\u0000b\u0007c\ud800d\ufffee';
    const drawing = fittedDrawing(
      'x',
      name,
      [
        {
          ...({ kind: 'text', ink: 'ink', layer: 'x', at: [0, 0], text: name } as const),
          ...({ sizeMm: 3, anchor: 'start', face: 'label' } as const),
        },
      ],
      5,
    );
    expect(drawingSvg(drawing)).toContain('>abcde</text>');
  });
});

describe('bounds of JSON', () => {
  it('are told before anything is read', () => {
    const sentence = (text: string): string => {
      const read = readJson(text, 'a whole file', { characters: 99, depth: 3, values: 9 });
      return read.ok ? 'read' : problemSentence(read.problem);
    };
    expect(sentence('[[[1]]]')).toBe('read');
    expect(sentence('[[[[1]]]]')).toContain('at most 3 groups inside each other');
    expect(sentence('"[[[[["')).toBe('read');
    expect(sentence(' '.repeat(100))).toContain('at most 99 characters');
    expect(sentence('[1,2,3,4,5,6,7,8,9]')).toContain('at most 9 values');
    expect(sentence('nothing of ours')).toBe(
      'The file: received “nothing of ours”; allowed is a whole file.',
    );
    expect(sentence('{"__proto__": 1}')).toContain('received “__proto__”; allowed is another name');
    expect(sentence('{"a":')).toContain('its end, too early');
  });

  it('hold for data of a store too, that no JSON could hold', () => {
    const round: Record<string, unknown> = {};
    round['me'] = round;
    for (const odd of [round, { a: Number.NaN }, { a: 1n }, { a: new Date(0) }, [() => 1]]) {
      const read = boundedData(odd);
      expect(read.ok).toBe(false);
      if (!read.ok) expect(foreignWords(problemSentence(read.problem))).toBeUndefined();
    }
  });

  it('a document of a newer version is told from a damaged one', () => {
    const newer = { ...plainPiece(), version: PIECE_VERSION + 1, format: 'keen-sinew-piece' };
    const read = readPieceText(JSON.stringify(newer));
    expect(read.ok).toBe(false);
    if (!read.ok) expect(problemSentence(read.problem)).toContain('of a newer application');
  });
});

describe('tables', () => {
  it('come back as they were, whatever stands in a cell', () => {
    const cell = fc.oneof(
      fc.string({ unit: 'binary' }),
      fc.constantFrom('=1+1', "'=1", '\t=1', '\rx', '-3', "''+1", 'a"b', 'a\nb', ',', "'plain"),
    );
    const row = fc.array(cell, { minLength: 2, maxLength: 4 });
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 4 }), (rows) => {
        // A row of blanks alone is none.
        const told = rows.filter((cells) => cells.some((each) => each.trim() !== ''));
        const text = csvText(['head', 'row'], told);
        expect(csvRows(text)).toEqual([['head', 'row'], ...told]);
      }),
      { seed: SEED, numRuns: tries(200, 5000) },
    );
  });

  it('hold no cell that a spreadsheet would run', () => {
    for (const start of ['=', '+', '-', '@', '\t', '\r'])
      expect(csvText(['a'], [[`${start}cmd`]])).toMatch(/'[=+\-@\t\r]cmd/);
  });
});

describe('movement files', () => {
  it('with endless lines, joints or numbers are refused early', () => {
    const head = 'HIERARCHY\nROOT a\n{\nOFFSET 0 0 0\nCHANNELS 1 Zrotation\n}\n';
    const said = (text: string): string => {
      const read = readBvh(text);
      return read.ok ? 'read' : problemSentence(read.problem);
    };
    const motion = (row: string): string => `${head}MOTION\nFrames: 1\nFrame Time: 0.1\n${row}`;
    expect(said(motion('1'))).toBe('read');
    expect(said(motion('1 '.repeat(200_000)))).toContain('characters in frame 1');
    expect(said(motion('0x10'))).not.toBe('read');
    expect(said(`${'\n'.repeat(300_000)}x`)).not.toBe('read');
    const joints = Array.from({ length: 3000 }, (_, i) => `JOINT j${i} {`).join('\n');
    expect(said(`HIERARCHY\nROOT r {\n${joints}\nMOTION\n`)).toContain('more than 2000 joints');
  });
});

describe('the attack itself', () => {
  it('tells foreign words from plain ones', () => {
    expect(foreignWords('Scale: received “NaN”; allowed is a number from 1 to 2.')).toBeUndefined();
    expect(foreignWords('Scale: received 3; allowed is Invalid input.')).toContain('Invalid input');
    expect(foreignWords('Something went wrong')).toContain('does not say');
  });

  it('makes a failing case as plain as can be', () => {
    const sound = { a: 1, b: { c: 2, d: [1] } };
    const failing = { a: 9, b: { c: 7, d: [8] }, e: 'x' };
    const { document, differs } = smallest(failing, sound, (it) => (it as typeof sound).b?.c === 7);
    expect(document).toEqual({ a: 1, b: { c: 7, d: [1] } });
    expect(differs).toEqual({ 'b.c': 7 });
  });
});
