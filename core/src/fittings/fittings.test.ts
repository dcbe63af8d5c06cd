import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { animalById, ANIMALS } from '../anatomy/registry.ts';
import { posedApart } from '../body/apart.ts';
import { changed, newWorkpiece, wholePlan } from '../testing/samples.ts';
import { sideOutline } from '../sheets/apart/fittingOutlines.ts';
import { planPiece } from '../plan.ts';
import { arcOf, arcOfChord, arcOfTape, coneHelixMm, hornMm2, straightHornMm2 } from './curves.ts';
import { kindOf } from './fittingKinds.ts';
import { sizeByKind } from './fittingSizes.ts';

const planOf = (animalId: string, lifePerModel?: number) => {
  const piece = newWorkpiece('x', 'X', animalId);
  return planPiece(
    lifePerModel === undefined
      ? piece
      : changed(piece, 'measure', { scale: { by: 'ratio', lifePerModel } }),
  );
};

describe('what is made apart', () => {
  it.each(ANIMALS.map(({ id, name }) => [name, id] as const))(
    'a %s has eyes, or facets that are modelled, and its parts have sizes, reasons and numbers',
    (_, id) => {
      const plan = planOf(id);
      const { fittings } = plan.fittings;
      // The eyes of an insect are facets on its head, which are modelled with it.
      const isInsect = plan.measure.skeleton.plan.id === 'insect';
      expect(isInsect || fittings.some(({ id: of }) => of === 'eyes')).toBe(true);
      for (const { name, count, spare, length, why, made, sides, grams, toMake } of fittings) {
        expect(count).toBeGreaterThan(0);
        expect(spare).toBeGreaterThan(0);
        expect(toMake.value).toBe(count + spare);
        expect(sides.left + sides.right + sides.middle, name).toBe(count);
        // What is drawn lies within the range of its kind.
        expect(length.value, name).toBeGreaterThanOrEqual(length.range![0] * (1 - 1e-9));
        expect(length.value, name).toBeLessThanOrEqual(length.range![1] * (1 + 1e-9));
        expect(why).not.toBe('');
        expect(grams === null, name).toBe(made !== 'set');
        expect(grams === null || grams.value > 0, name).toBe(true);
      }
    },
  );

  it('counts what zoologists count: twenty claws of an otter, eight eyes of a spider, two fangs of an adder', () => {
    const countOf = (animal: string, id: string): number =>
      planOf(animal).fittings.fittings.find((fitting) => fitting.id === id)!.count;
    expect(countOf('eurasian-otter', 'claws')).toBe(20);
    expect(countOf('eurasian-otter', 'eyes')).toBe(2);
    expect(countOf('raft-spider', 'eyes')).toBe(8);
    expect(countOf('adder', 'fangs')).toBe(2);
    expect(countOf('baryonyx', 'thumb-claws')).toBe(2);
  });

  /** A count of the animal by its name. */
  const told = (animalId: string, name: RegExp): readonly [number, number] =>
    animalById(animalId)!.counts!.find((of) => name.test(of.name))!.range;
  const drawn = (animalId: string, start: string, side: number): number =>
    posedApart(planOf(animalId).stance.posed).filter(
      (piece) => piece.curve.startsWith(start) && piece.side === side,
    ).length;

  // Counts of the library: general knowledge of zoologists, from memory.
  it.each([
    ['rhamphorhynchus', 'upper tooth', /^Upper teeth/],
    ['rhamphorhynchus', 'lower tooth', /^Lower teeth/],
    ['baryonyx', 'lower tooth', /^Teeth of the lower jaw/],
    ['deinonychus', 'lower tooth', /^Teeth of the lower jaw/],
  ] as const)('draws the teeth of a %s as they are counted: %s', (id, start, name) => {
    const [low, high] = told(id, name);
    expect(drawn(id, start, 1)).toBeGreaterThanOrEqual(low);
    expect(drawn(id, start, 1)).toBeLessThanOrEqual(high);
    expect(drawn(id, start, -1)).toBe(drawn(id, start, 1));
  });

  it.each([
    ['eurasian-otter', /^Toes, each foot/, 4, 0],
    // The first toe of a wolf's forefoot is high up and counts no ground.
    ['grey-wolf', /^Toes that meet the ground/, 4, 2],
    ['grey-heron', /^Toes, each foot/, 2, 0],
    ['dodo', /^Toes, each foot/, 2, 0],
    ['barn-owl', /^Toes, each foot/, 2, 0],
  ] as const)('gives a %s as many claws as its toes', (id, name, feet, more) => {
    const claws = planOf(id).fittings.fittings.find((of) => of.id === 'claws')!;
    expect(claws.count).toBe(told(id, name)[0] * feet + more);
    expect(claws.sides.left).toBe(claws.sides.right);
  });

  // I 3/3 · C 1/1 on each side: two canines above and two below.
  it.each(['grey-wolf', 'eurasian-otter', 'thylacine'])(
    'gives a %s the canines of its formula',
    (id) => {
      const { note } = animalById(id)!.counts!.find(({ name }) => name === 'Teeth')!;
      const [, upper, lower] = /C (\d)\/(\d)/.exec(note!)!;
      const canines = planOf(id).fittings.fittings.find((of) => of.id === 'canines')!;
      expect(canines.count).toBe(2 * (Number(upper) + Number(lower)));
    },
  );

  it('is as large as the scale has it: lengths go with the scale, grams with its cube', () => {
    const [three, six] = [planOf('baryonyx', 9), planOf('baryonyx', 18)].map(
      ({ fittings }) => fittings.fittings,
    );
    for (const [i, large] of three!.entries()) {
      const small = six![i]!;
      expect(large.length.value / small.length.value).toBeCloseTo(2, 9);
      // Sheet is as thick at every scale.
      const isClay = [large, small].every(({ material }) => material.id === 'clay');
      if (isClay && large.grams !== null && small.grams !== null)
        expect(large.grams.value / small.grams.value).toBeCloseTo(8, 6);
    }
  });

  it('places each of four pairs of eyes of a spider, and sets two of a wolf alike', () => {
    const spider = planOf('raft-spider').fittings.eyes!;
    expect(spider.others).toHaveLength(6);
    for (const { value } of spider.others) expect(Number.isFinite(value)).toBe(true);
    const wolf = planOf('grey-wolf', 6).fittings;
    const { ball, depth, seen, socket, between, others } = wolf.eyes!;
    expect(others).toEqual([]);
    // What is seen is less than half of the ball, which lies deeper than its middle.
    expect(depth.value).toBeGreaterThanOrEqual(ball.value / 2);
    expect(seen.value).toBeLessThanOrEqual(ball.value);
    // A chord so wide stands so high over the socket: r² = (w/2)² + (t − r)².
    const r = ball.value / 2;
    expect((seen.value / 2) ** 2 + (depth.value - r) ** 2).toBeCloseTo(r * r, 9);
    expect(socket.value).toBeGreaterThan(ball.value);
    expect(between!.value).toBeGreaterThan(ball.value);
  });

  it('has one eye in a relief', () => {
    const relief = changed(newWorkpiece('x', 'X', 'red-deer'), 'measure', { extent: 'relief' });
    expect(planPiece(relief).fittings.fittings.find(({ id }) => id === 'eyes')!.count).toBe(1);
  });

  it('takes eyes as they are sold, and tells what half a millimetre more does', () => {
    for (const { id } of ANIMALS)
      for (const { sold, larger, length } of planOf(id).fittings.fittings) {
        if (sold === null) continue;
        expect((2 * sold.value) % 1).toBe(0);
        expect(Math.abs(sold.value - Math.max(0.5, length.value))).toBeLessThanOrEqual(0.25 + 1e-9);
        const ratio = ((sold.value + 0.5) / sold.value) ** 2;
        expect(larger!.value).toBeCloseTo(100 * (ratio - 1), 9);
      }
  });
});

describe('the steps of parts made apart', () => {
  it.each(['eurasian-otter', 'baryonyx', 'grey-heron', 'adder', 'woolly-mammoth'])(
    'nothing of a %s is baked that is not made and set',
    (id) => {
      const { bench, fittings } = wholePlan(newWorkpiece('x', 'X', id));
      const ids = bench!.steps.map((step) => step.id);
      const made = ids.filter((step) => step.startsWith('parts.make.'));
      const set = ids.filter((step) => step.startsWith('parts.set.'));
      expect(set).toEqual(made.map((step) => step.replace('.make.', '.set.')));
      const apart = fittings.fittings.filter(
        ({ thing, made: how }) => thing !== 'eye' && how === 'set',
      );
      expect(made).toHaveLength(apart.length);
      for (const step of set)
        expect(ids.indexOf(step.replace('.set.', '.make.'))).toBeLessThan(ids.indexOf(step));
    },
  );

  it('sets plumes when no oven comes any more, and claws before the last bake', () => {
    const { bench } = wholePlan(newWorkpiece('x', 'X', 'grey-heron'));
    const at = (id: string): number => bench!.steps.findIndex((step) => step.id === id);
    expect(at('parts.set.plumes')).toBeGreaterThan(at('cure.finish'));
    expect(at('parts.set.claws')).toBeLessThan(at('cure.finish'));
  });
});

describe('curves', () => {
  const mm = fc.double({ min: 1, max: 300, noNaN: true });
  const turn = fc.double({ min: 5, max: 340, noNaN: true });

  it('an arc is found again from its chord and height, and from tape and ruler', () => {
    fc.assert(
      fc.property(mm, turn, (length, deg) => {
        const arc = arcOf(length, deg);
        for (const again of [
          arcOfChord(arc.chordMm, arc.sagittaMm),
          arcOfTape(arc.lengthMm, arc.chordMm),
        ]) {
          expect(again.lengthMm).toBeCloseTo(length, 4);
          expect(again.turnDeg).toBeCloseTo(deg, 3);
        }
      }),
      { seed: 22 },
    );
  });

  it('a horn that is hardly bent has the side of a straight one, and a screw that does not widen its length', () => {
    expect(hornMm2(80, 0.001, 9, 1.5)).toBeCloseTo(straightHornMm2(80, 9, 1.5), 3);
    expect(coneHelixMm(5, 5, 20, 3)).toBeCloseTo(Math.hypot(2 * Math.PI * 15, 20), 9);
    expect(coneHelixMm(5, 5.0001, 20, 3)).toBeCloseTo(coneHelixMm(5, 5, 20, 3), 2);
  });

  it('a cone of clay weighs as a third of its cylinder, a ball as its own formula', () => {
    const spike = { ...kindOf('spike'), curveDeg: 0, thick: 0.5 };
    expect(sizeByKind(spike, 12, 1).volumeMm3).toBeCloseTo((Math.PI * 9 * 12) / 3, 9);
    expect(sizeByKind(kindOf('ball'), 6, 1).volumeMm3).toBeCloseTo((4 / 3) * Math.PI * 27, 9);
  });

  it('a template is as long along its middle as the part', () => {
    const { points } = sideOutline(sizeByKind(kindOf('claw'), 30, 1));
    const n = points.length / 2;
    let long = 0;
    for (let i = 1; i < n; i++) {
      const middle = (k: number): readonly [number, number] => {
        const [a, b] = [points[k]!, points[2 * n - 1 - k]!];
        return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
      };
      const [p, q] = [middle(i - 1), middle(i)];
      long += Math.hypot(p[0] - q[0], p[1] - q[1]);
    }
    expect(long).toBeCloseTo(30, 1);
  });
});
