import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { otterPiece } from '../testing/samples.ts';
import { problemSentence } from '../units/problem.ts';
import { demoPieces, demoWorkpieces } from '../start/demoPieces.ts';
import { laterStages } from '../start/newPiece.ts';
import { migrate } from './migrations.ts';
import { PIECE_VERSION } from './pieceSchema.ts';
import { usualZone } from './skinSchema.ts';
import { inWorkshop, parted } from '../workshop/workpiece.ts';
import { pieceText, type PieceFile } from '../formats/pieceFile.ts';
import { readPiece, readPieceText } from '../formats/readPiece.ts';
import { snagSentence, type Snag } from './snag.ts';
import { worstFirst } from './snagGroups.ts';

const EXAMPLES = new URL('../../../examples/', import.meta.url);

const FIXTURES = new URL('./fixtures/', import.meta.url);
type Fields = Readonly<Record<string, unknown>>;

/** A kept document as it was written, and as it is read today. */
function named(name: string): readonly [old: Fields, read: PieceFile] {
  const text = readFileSync(new URL(name, FIXTURES), 'utf8');
  const read = readPieceText(text);
  if (!read.ok) throw new Error(problemSentence(read.problem));
  const data = JSON.parse(text) as Fields;
  // Since version 10 a file carries the workshop beside the piece.
  return [(data['piece'] ?? data) as Fields, read.value];
}

const sentenceOf = (data: unknown): string => {
  const read = readPiece(data);
  return read.ok ? 'read' : problemSentence(read.problem);
};
const with_ = (path: string, value: unknown): unknown => {
  const copy = JSON.parse(JSON.stringify(demoPieces()[0]!));
  const keys = path.split('.');
  const last = keys.pop()!;
  keys.reduce((at, key) => at[key], copy)[last] = value;
  return copy;
};

describe('piece files', () => {
  it.each(demoWorkpieces().map((piece) => [piece.name, piece] as const))(
    '%s is valid and survives being written and read',
    (_, piece) => {
      expect(readPieceText(pieceText(piece))).toEqual({ ok: true, value: parted(piece) });
    },
  );

  it.each(readdirSync(EXAMPLES))('the example %s is of today’s version and valid', (name) => {
    const text = readFileSync(new URL(name, EXAMPLES), 'utf8');
    const { piece, workshop } = JSON.parse(text) as PieceFile;
    expect(readPieceText(text)).toEqual({ ok: true, value: { piece, workshop } });
  });

  it.each([
    ['a text that is no JSON', '{"format": ', /The file/],
    ['an empty text', '', /The file/],
    ['a list', '[]', /keen-sinew-piece/],
  ])('refuses %s', (_, text, pattern) => {
    const read = readPieceText(text);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(problemSentence(read.problem)).toMatch(pattern);
  });

  it.each([
    ['format', 'another-format', /format “keen-sinew-file” or “keen-sinew-piece”/],
    ['version', 99, /version: received 99/],
    ['measure.animalId', 'dragon', /animalId: received “dragon”/],
    [
      'measure.scale',
      { by: 'ratio', lifePerModel: -3 },
      /measure\.scale\.lifePerModel: received -3/,
    ],
    ['measure.scale', { by: 'whim' }, /measure\.scale/],
    [
      'measure.lifeLengths',
      { wing: { mm: 30, provenance: 'own', plusMinusMm: null, on: null } },
      /received “wing”/,
    ],
    ['stance.anglesDeg', { 'femur.X': { flexion: 3 } }, /received “femur.X”/],
    ['stance.anglesDeg', { 'femur.L': { flexion: 999 } }, /999/],
    ['stance.lifted', ['tail'], /received “tail”/],
    ['wire.spine.strands', 0, /strands: received 0/],
    ['wire.spine.size', { system: 'SWG', value: 60 }, /wire size/],
    ['name', '', /name: received an empty field/],
    ['mass.shells', { wing: { core: 'foil', shellMm: 4 } }, /mass\.shells: received “wing”/],
    ['mass.clay.classId', 'mud', /classId: received “mud”/],
    ['skin.zones', { wing: { ...usualZone('carved'), hairMm: 2 } }, /skin\.zones: received “wing”/],
    ['colour.zones', { back: { hex: 'brown', sheen: null } }, /hex: received “brown”/],
    ['bench.done', { x: { on: 'today', minutes: 1, note: '' } }, /received “today”/],
  ])(
    'refuses %s = %j and says where, what was received and what is allowed',
    (path, value, pattern) => {
      expect(sentenceOf(with_(path, value))).toMatch(pattern);
    },
  );

  it('refuses an unknown key rather than losing it', () => {
    expect(sentenceOf(with_('wire.magic', 1))).not.toBe('read');
  });

  it('refuses a file whose workshop is damaged, and says where', () => {
    const { piece, workshop } = parted(otterPiece());
    const file = { format: 'keen-sinew-file', version: 1, piece };
    expect(sentenceOf({ ...file, workshop: { ...workshop, pace: 90 } })).toMatch(
      /^pace: received 90; allowed is a number from/,
    );
    expect(sentenceOf({ ...file, version: 2, workshop })).toMatch(/version: received 2/);
    expect(sentenceOf({ ...file, piece: null, workshop })).toMatch(/The file’s piece/);
  });

  it('takes in a piece of version 1 with its decisions kept and the later stages on defaults', () => {
    const [first] = named('v1-otter-on-the-log.json');
    const read = readPiece(first);
    if (!read.ok) throw new Error(problemSentence(read.problem));
    const { place, wire } = read.value.piece;
    const { stock, spine } = first['wire'] as Record<string, unknown>;
    expect([place, wire.spine]).toEqual([first['place'], spine]);
    // Until version 18 every base had two coats; today it has as many as hide.
    const later = laterStages();
    expect(read.value.piece).toMatchObject({
      ...later,
      colour: { ...later.colour, baseCoats: 2 },
    });
    expect(read.value.workshop).toMatchObject({ wire: { stock } });
  });

  it('knows no way from a version that never was, nor from one that is no number', () => {
    for (const version of [
      0,
      PIECE_VERSION + 1,
      1.5,
      -1,
      '1',
      'constructor',
      '__proto__',
      null,
      undefined,
      {},
    ])
      expect(migrate({ version }), String(version)).toBeUndefined();
  });

  // Documents as earlier versions of this application wrote them.
  it.each(readdirSync(FIXTURES))('takes in %s with every decision kept', (name) => {
    const [old, read] = named(name);
    const { measure, stance, wire, mass, cure, skin, ...rest } = old as Record<string, Fields>;
    // Until version 2 two sizes were ways of their own to scale by.
    const was = measure!['scale'] as { by: string; mm?: number };
    const scale = was.by === 'length' ? { by: 'size', sizeId: 'length', mm: was.mm } : was;
    const { minutes, nearC: _near, ...bakes } = cure ?? {};
    const { figure, individual, ...measured } = measure!;
    // What is the workshop's now stands beside the piece, under its own names.
    const { piece, workshop } = read;
    const now = inWorkshop(piece, workshop!);
    expect(now).toMatchObject({
      ...rest,
      version: PIECE_VERSION,
      stance,
      wire,
      ...(skin && { skin }),
    });
    expect(now).toMatchObject({
      measure: { ...measured, scale },
      ...(mass && { mass }),
      cure: bakes,
    });
    const young = (figure ?? { sex: null, youth: 0 }) as { sex: unknown; youth: unknown };
    expect(now.measure.individual).toEqual(
      individual ?? { sex: young.sex, juvenility: young.youth },
    );
    const finish = typeof minutes === 'number' ? minutes : (minutes as Fields | null)?.['finish'];
    // Until version 16 the minutes of every bake were there, null where they followed.
    expect(now.cure.minutes['finish'] ?? null).toBe(finish ?? null);
  });

  it('puts what two animals could do in version 11 under what they do instead', () => {
    const of = (animalId: string, id: string) =>
      migrate({
        version: 11,
        measure: { animalId },
        stance: {
          gait: { id, moment: 0.3 },
          kept: [{ gait: { id, moment: 0.1 } }, { gait: null }],
        },
      })!['stance'];
    const bound = { id: 'bound', moment: 0.3 };
    expect(of('eurasian-otter', 'canter')).toEqual({
      fan: 1,
      gait: bound,
      kept: [{ gait: { ...bound, moment: 0.1 } }, { gait: null }],
    });
    expect(of('woolly-mammoth', 'gallop')).toMatchObject({ gait: { id: 'amble' } });
    expect(of('grey-wolf', 'gallop')).toMatchObject({ gait: { id: 'gallop' } });
  });

  it('adds to an old piece what its version had then, whatever is the default now', () => {
    const [, { piece, workshop }] = named('v1-otter-on-the-log.json');
    expect(piece.mass).toMatchObject({ shellMm: 5, sparePercent: 15, thickMm: 12 });
    expect(piece.wire.rod.size).toEqual({ system: 'mm', value: 2 });
    expect(piece.wire.binder).toMatchObject({ turns: 3, tailMm: 15, overlapMm: 25 });
    expect(piece.measure).toMatchObject({ onBoard: false });
    expect(workshop!.oven).toMatchObject({ airMm: 10, fan: false });
  });
});

describe('snags', () => {
  const tooThick: Snag = {
    code: 'wire-too-thick',
    grade: 'fix',
    stage: 'wire',
    facts: { place: 'left ankle', limbMm: 3.2, wireMm: 2, coverMm: 0.6, minMm: 1, maxWireMm: 1.2 },
  };
  const near: Snag = {
    code: 'mass-near-edge',
    grade: 'watch',
    stage: 'stance',
    facts: { marginMm: 1.5, tipDeg: 1.4, towards: 'the right' },
  };

  it('say the number, the reason and the remedy in one place', () => {
    expect(snagSentence(tooThick)).toBe(
      'At the left ankle the limb is 3.2 mm thick and the wire takes 2.0 mm: only 0.6 mm of clay covers it; 1.0 mm is needed. Use wire of at most 1.2 mm, or a larger scale.',
    );
    expect(snagSentence(tooThick, 'imperial')).toContain('0.126 in');
  });

  it('offer no wire where none would do', () => {
    const facts = { ...tooThick.facts, coverMm: -1, maxWireMm: -0.5 };
    const sentence = snagSentence({ ...tooThick, facts } as Snag);
    expect(sentence).toContain('stand out of the clay');
    expect(sentence).toContain('end the thick wire above');
  });

  it('come worst first', () => {
    expect(worstFirst([near, tooThick]).map((snag) => snag.grade)).toEqual(['fix', 'watch']);
    const later = { ...near, stage: 'mass' } as Snag;
    expect(worstFirst([later, near, tooThick])).toEqual([tooThick, near, later]);
  });
});

describe('a piece of version 9', () => {
  it('keeps its own routes, cards and weight, told by places', () => {
    const [old] = named('v9-otter-on-the-log.json');
    const { wire, mass, stance } = old as Record<string, Fields>;
    const way = ['peg:hindfoot.L', 'ball:hindfoot.L', 'femur.L', 'over:hind-legs', 'ear.R@0.8'];
    const read = readPiece({
      ...old,
      wire: { ...wire, routes: { 'limbs:hind-legs': [way], 'limbs:fore-legs': [] } },
      mass: { ...mass, cards: [{ bone: 'lumbar', at: 0.2 }] },
      stance: { ...stance, weight: { boneId: 'tail1', at: 0.5, grams: 40, metal: 'steel' } },
    });
    if (!read.ok) throw new Error(problemSentence(read.problem));
    const { piece } = read.value;
    expect(piece.wire.routes).toEqual({
      'limbs:hind-legs': [
        [
          { over: 'peg', contactId: 'hindfoot.L' },
          { over: 'ball', contactId: 'hindfoot.L' },
          { over: 'joint', boneId: 'femur.L' },
          { over: 'crossing', pairId: 'hind-legs' },
          { over: 'bone', boneId: 'ear.R', along: 0.8 },
        ],
      ],
      'limbs:fore-legs': [],
    });
    expect(piece.mass.cards).toEqual([{ boneId: 'lumbar', along: 0.2 }]);
    expect(piece.stance.weight).toEqual({
      boneId: 'tail1',
      along: 0.5,
      grams: 40,
      metal: 'steel',
    });
  });
});
