import { parted } from '../workshop/workpiece.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { animalById, ANIMALS, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { readPiece } from '../formats/readPiece.ts';
import { snagSentence } from '../piece/snag.ts';
import { planPiece } from '../plan.ts';
import { newWorkpiece, changed } from '../testing/samples.ts';
import { eyeFits, roundScalesNear, smallThings } from './scaleEffects.ts';

const at = (animalId: string, scale: Workpiece['measure']['scale'], part = {}) => {
  const piece = newWorkpiece('x', 'X', animalId);
  return planPiece(changed(piece, 'measure', { scale, ...part })).measure;
};

describe('what a scale does to the smallest parts', () => {
  it.each(ANIMALS.map((animal) => animal.id))(
    'is told of the %s, in life and on the model',
    (id) => {
      const animal = animalById(id)!;
      const things = smallThings(buildSkeleton(planById(animal.planId)!, animal));
      expect(things.at(-1)).toMatchObject({ kind: 'eye', lifeMm: animal.eye.mm });
      expect(new Set(things.map((thing) => thing.kind)).size).toBe(things.length);
      for (const { lifeMm } of things) expect(lifeMm).toBeGreaterThan(0);
    },
  );

  it('is a snag that names the scale at which it can still be made', () => {
    const plan = at('grey-heron', { by: 'ratio', lifePerModel: 12 });
    const snag = plan.snags.find(
      (snag) => snag.code === 'too-small-to-make' && snag.facts.what.includes('thinnest'),
    )!;
    const sentence = snagSentence(snag);
    const [, named] = /Make the model 1:([\d.]+) or larger/.exec(sentence)!;
    const better = at('grey-heron', { by: 'ratio', lifePerModel: Number(named) * 0.98 });
    const again = better.snags.filter(
      (snag) => snag.code === 'too-small-to-make' && snag.facts.what.includes('thinnest'),
    );
    expect(again).toEqual([]);
  });

  it('offers round scales on both sides, and eyes of half millimetres', () => {
    expect(roundScalesNear(3.4)).toEqual([2, 3, 4].includes(2) ? roundScalesNear(3.4) : []);
    expect(roundScalesNear(3.4)).toContain(3);
    expect(roundScalesNear(3.4)).toContain(4);
    const fits = eyeFits(11, 3);
    expect(fits.map((fit) => fit.eyeMm)).toEqual([3.5, 4]);
    for (const { eyeMm, lifePerModel } of fits) expect(11 / lifePerModel).toBeCloseTo(eyeMm, 12);
  });
});

describe('targets that set the scale', () => {
  it('can be the eye, the board or the box', () => {
    const eye = animalById('grey-heron')!.eye.mm;
    expect(at('grey-heron', { by: 'eye', mm: 3 }).lifePerModel).toBeCloseTo(eye / 3, 12);
    const board = { by: 'board', lengthMm: 200, widthMm: 90 } as const;
    const boarded = at('eurasian-otter', board);
    const [long, , wide] = boarded.sizes.posedExtentMm.map((v) => v / boarded.lifePerModel);
    expect(Math.max(long! / 200, wide! / 90)).toBeCloseTo(1, 9);
    const box = { lengthMm: 300, heightMm: 60, widthMm: 200 };
    const boxed = at('eurasian-otter', { by: 'box' }, { box });
    const [l, h, w] = boxed.sizes.posedExtentMm.map((v) => v / boxed.lifePerModel);
    expect(
      Math.max(h! / 60, Math.min(Math.max(l! / 300, w! / 200), Math.max(l! / 200, w! / 300))),
    ).toBeCloseTo(1, 9);
    expect(boxed.scale.inputs.map((input) => input.label)).toContain('Box, height');
  });

  it('must be there: a box that decides and is missing is refused in words', () => {
    const { piece } = parted(newWorkpiece('x', 'X', 'eurasian-otter'));
    const read = readPiece({ ...piece, measure: { ...piece.measure, scale: { by: 'box' } } });
    expect(read).toMatchObject({ ok: false, problem: { where: 'measure.box' } });
  });
});
