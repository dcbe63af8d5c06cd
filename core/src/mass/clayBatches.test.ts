import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import type { ClayChoice } from '../piece/pieceSchema.ts';
import { pieceText } from '../formats/pieceFile.ts';
import { readPiece, readPieceText } from '../formats/readPiece.ts';
import version7 from '../piece/fixtures/v7-otter-on-the-log.json' with { type: 'json' };
import { problemSentence } from '../units/problem.ts';
import { parted } from '../workshop/workpiece.ts';
import { unreadClay } from './unreadClay.ts';
import { snagSentence } from '../piece/snag.ts';
import { sentenceText } from '../piece/step.ts';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';

/** Heavier than the otter's own clay of 1.75 g/ml: 40 · 50 · 20 mm of it weigh 80 g, 2 g/ml. */
const HEAVY: ClayChoice = {
  ...unreadClay('oven-firm', 'Firm clay, grey'),
  label: { temperatureC: null, limitC: null, minutes: null, perMm: null, packetG: 500 },
  weighed: { grams: 80, lengthMm: 40, widthMm: 50, heightMm: 20 },
};
const withShells = (shellClay: ClayChoice | null): Workpiece =>
  changed(otterPiece(), 'mass', { shellClay });
const massOf = (piece: Workpiece) => wholePlan(piece).mass!;
const cureSnagsOf = (shellClay: Partial<ClayChoice>) =>
  wholePlan(withShells({ ...HEAVY, ...shellClay }), true).snags.filter(
    ({ stage }) => stage === 'cure',
  );

describe('clay by kind', () => {
  it('is one batch of one clay, whose numbers are those of the piece', () => {
    const { batches, clayVolume, clayGrams, shellFigures } = massOf(withShells(null));
    expect(shellFigures).toBeNull();
    expect(batches).toHaveLength(1);
    expect(batches[0]).toMatchObject({ laidFor: 'piece', volume: clayVolume, grams: clayGrams });
  });

  it('is shared out to shells and solid parts, each by its own density, and nothing is lost', () => {
    const [one, two] = [massOf(withShells(null)), massOf(withShells(HEAVY))];
    const [shells, solid] = two.batches;
    expect(two.batches.map(({ laidFor }) => laidFor)).toEqual(['shells', 'solid parts']);
    expect(two.clayVolume.value).toBeCloseTo(one.clayVolume.value, 9);
    const spare = 1 + otterPiece().mass.sparePercent / 100;
    expect(shells!.grams.value).toBeCloseTo(shells!.volume.value * 2 * spare, 9);
    const parts = two.stages.find(({ id }) => id === 'mass.clay.parts')!.value;
    expect(solid!.grams.value).toBeCloseTo(solid!.volume.value * 1.75 * spare + parts, 9);
    expect(two.clayGrams.value).toBeCloseTo(shells!.grams.value + solid!.grams.value, 9);
    expect(shells!.packets.value).toBe(Math.ceil(shells!.grams.value / 500));
  });

  it('weighs its stages and the finished piece with the clay that lies there', () => {
    const [one, two] = [massOf(withShells(null)), massOf(withShells(HEAVY))];
    const [shells, solid, skin] = two.stages;
    // What is baked first and the skin over it are all the clay of the shells.
    expect(shells!.value + skin!.value).toBeCloseTo(two.batches[0]!.volume.value * 2, 9);
    expect(solid!.value).toBeCloseTo(one.stages[1]!.value, 9);
    const heavier = two.modelGrams.value - one.modelGrams.value;
    expect(heavier).toBeCloseTo(two.batches[0]!.volume.value * (2 - 1.75), 9);
  });

  it('gives no two numbers the same id', () => {
    const ids = massOf(withShells(HEAVY)).workings.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('is named in the steps and on the shopping list', () => {
    const bare = { ...withShells(HEAVY), atHand: { ...otterPiece().atHand, clays: [] } };
    const { bench } = wholePlan(bare, true);
    const text = (id: string): string =>
      sentenceText(bench!.steps.find((step) => step.id === id)!.sentence);
    expect(text('mass.condition')).toContain('“Firm clay, grey” ready for the shells');
    expect(text('mass.shell')).toMatch(/^Roll “Firm clay, grey”: /);
    const bought = bench!.shopping.map(({ what }) => sentenceText(what));
    expect(bought).toContain('Firm clay, grey, packets of 500 g');
    expect(bought.filter((what) => what.includes('packets of'))).toHaveLength(2);
  });
});

describe('two clays in one oven', () => {
  it('are both warmed by their own figures', () => {
    const { cure } = wholePlan(withShells(HEAVY), true);
    const densities = cure.request!.cases.map(({ id, typical }) => [id, typical.densityKgM3]);
    expect(densities).toEqual([
      ['shell-insulating.shell', 2000],
      ['shell-holding.shell', 2000],
      ['solid.shell', 1750],
      ['parts.shell', 1750],
      ['shell-insulating', 2000],
      ['shell-holding', 2000],
      ['solid', 1750],
    ]);
  });

  it('raise no snag where both stand the oven', () => {
    expect(cureSnagsOf({})).toEqual([]);
  });

  it('are told by name when the oven is too hot, or too cool, for that of the shells', () => {
    const sentence = (label: Partial<ClayChoice['label']>): string =>
      cureSnagsOf({ label: { ...HEAVY.label, ...label } })
        .map((snag) => snagSentence(snag))
        .join(' ');
    // Solid parts and shells are in one bake, so that what the one asks the other must bear.
    expect(sentence({ limitC: 120 })).toMatch(
      /Solid parts.*Shell bears 120 °C at most, and Solid parts needs at least 124/,
    );
    expect(sentence({ temperatureC: 170 })).toMatch(
      /Solid parts bears 140 °C at most, and Shell needs at least 164/,
    );
  });

  it('that set differently are a snag with its reason', () => {
    const snags = cureSnagsOf({ classId: 'air-dry', name: 'Air clay' });
    const unlike = snags.find(({ code }) => code === 'clays-set-unlike')!;
    expect(unlike.grade).toBe('fix');
    expect(snagSentence(unlike)).toMatch(/Air clay, which dries in the air, and the rest .* baked/);
  });
});

describe('the shells’ clay in the document', () => {
  it('is none in a piece of version 7, and nothing else changes', () => {
    const { mass } = version7;
    expect(mass).not.toHaveProperty('shellClay');
    const read = readPiece(version7);
    if (!read.ok) throw new Error(problemSentence(read.problem));
    const { foil, paperMm, sheet, ...own } = mass;
    const { clay } = own as { clay: object };
    expect(read.value.piece.mass).toEqual({
      ...own,
      clay: { ...clay, old: false, tile: null },
      ...{ shellClay: null, skinMm: 2 },
    });
    expect(read.value.workshop).toMatchObject({ foil, paperMm, claySheet: sheet });
  });

  it('is kept as it is through a file', () => {
    const piece = withShells(HEAVY);
    expect(readPieceText(pieceText(piece))).toEqual({ ok: true, value: parted(piece) });
  });
});
