import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { otterPiece, plainPiece } from '../testing/samples.ts';
import { problemSentence } from '../units/problem.ts';
import { demoPieces } from '../start/demoPieces.ts';
import { laterStages } from '../start/newPiece.ts';
import { migrate } from './migrations.ts';
import type { Piece } from './pieceSchema.ts';
import { pieceText, readPiece, readPieceText } from './readPiece.ts';
import { snagSentence, worstFirst, type Snag } from './snag.ts';

const EXAMPLES = new URL('../../../examples/', import.meta.url);

const sentenceOf = (data: unknown): string => {
  const read = readPiece(data);
  return read.ok ? 'read' : problemSentence(read.problem);
};
const with_ = (path: string, value: unknown): unknown => {
  const copy = JSON.parse(JSON.stringify(otterPiece()));
  const keys = path.split('.');
  const last = keys.pop()!;
  keys.reduce((at, key) => at[key], copy)[last] = value;
  return copy;
};

describe('piece files', () => {
  it.each(demoPieces().map((piece) => [piece.name, piece] as const))(
    '%s is valid and survives being written and read',
    (_, piece) => {
      expect(readPieceText(pieceText(piece))).toEqual({ ok: true, value: piece });
    },
  );

  it.each(readdirSync(EXAMPLES))('the example %s is of today’s version and valid', (name) => {
    const text = readFileSync(new URL(name, EXAMPLES), 'utf8');
    const read = readPieceText(text);
    expect(read).toMatchObject({ ok: true, value: JSON.parse(text) });
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
    ['format', 'another-format', /format “keen-sinew-piece”/],
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
    ['wire.stock', 'none', /wire\.stock/],
    ['name', '', /name: received an empty field/],
    ['mass.shells', { wing: { core: 'foil', shellMm: 4 } }, /mass\.shells: received “wing”/],
    ['mass.clay.classId', 'mud', /classId: received “mud”/],
    ['cure.ovenOffsetC', 400, /ovenOffsetC: received 400/],
    ['skin.tools', ['rake'], /received “rake”/],
    ['skin.zones', { wing: { method: 'carved', hairMm: 2 } }, /skin\.zones: received “wing”/],
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

  it('refuses a scale by oven without an oven', () => {
    const piece = plainPiece();
    const measure: Piece['measure'] = { ...piece.measure, scale: { by: 'oven' }, oven: null };
    expect(sentenceOf({ ...piece, measure })).toMatch(/measure\.oven/);
  });

  it('takes in a piece of version 1 with its decisions kept and the later stages on defaults', () => {
    const { mass: _m, cure: _c, skin: _s, colour: _o, bench: _b, ...first } = otterPiece();
    const read = readPiece({ ...first, version: 1 });
    if (!read.ok) throw new Error(problemSentence(read.problem));
    expect(read.value).toMatchObject({ version: 9, wire: first.wire, ...laterStages() });
  });

  it('knows no way from a version that never was, nor from one that is no number', () => {
    for (const version of [0, 10, 1.5, -1, '1', 'constructor', '__proto__', null, undefined, {}])
      expect(migrate({ version }), String(version)).toBeUndefined();
  });

  const FIXTURES = new URL('./fixtures/', import.meta.url);

  // Documents as earlier versions of this application wrote them.
  it.each(readdirSync(FIXTURES))('takes in %s with every decision kept', (name) => {
    const text = readFileSync(new URL(name, FIXTURES), 'utf8');
    const read = readPieceText(text);
    if (!read.ok) throw new Error(problemSentence(read.problem));
    const old = JSON.parse(text) as Record<string, Record<string, unknown>>;
    // Until version 2 two sizes were ways of their own to scale by.
    const was = old['measure']!['scale'] as { by: string; mm?: number };
    const scale = was.by === 'length' ? { by: 'size', sizeId: 'length', mm: was.mm } : was;
    const { minutes, nearC: _near, ...cure } = old['cure'] ?? {};
    const kept = { ...old, version: 9, ...(old['cure'] ? { cure } : {}) };
    expect(read.value).toMatchObject({ ...kept, measure: { ...old['measure'], scale } });
    const { finish } = read.value.cure.minutes;
    expect(finish).toBe(minutes ?? null);
  });

  it('adds to an old piece what its version had then, whatever is the default now', () => {
    const text = readFileSync(new URL('v1-otter-on-the-log.json', FIXTURES), 'utf8');
    const read = readPieceText(text);
    if (!read.ok) throw new Error(problemSentence(read.problem));
    expect(read.value.mass).toMatchObject({ shellMm: 5, sparePercent: 15, thickMm: 12 });
    expect(read.value.wire.rod.size).toEqual({ system: 'mm', value: 2 });
    expect(read.value.wire.binder).toMatchObject({ turns: 3, tailMm: 15, overlapMm: 25 });
    expect(read.value.measure).toMatchObject({ ovenAirMm: 10, onBoard: false });
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
