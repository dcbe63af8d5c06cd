import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { loopArea } from '../geometry/contours.ts';
import { planPiece } from '../plan.ts';
import { answersFor, changed, coarseShape, plainPiece } from '../testing/samples.ts';
import { reckoningText } from '../piece/working.ts';
import type { ShapePlan } from './shapePlan.ts';

const shapeOf = (piece: Workpiece): ShapePlan =>
  planPiece(piece, answersFor(piece, { shape: coarseShape(piece) })).mass!.shape!;
const posedBy = (anglesDeg: Workpiece['stance']['anglesDeg']): ShapePlan =>
  shapeOf(changed(plainPiece(), 'stance', { anglesDeg }));
const rest = posedBy({});
const lengthsOf = ({ muscles }: ShapePlan): Readonly<Record<string, number>> =>
  Object.fromEntries(muscles.map(({ id, length }) => [id, length!.value]));

describe('the length of a muscle', () => {
  it('is all of its own at rest', () => {
    for (const [id, percent] of Object.entries(lengthsOf(rest)))
      expect(percent, id).toBeCloseTo(100, 0);
  });

  // Common knowledge of anatomy: biceps bends the elbow and triceps stretches it.
  it('falls in the one and grows in the other as the elbow bends', () => {
    const bent = lengthsOf(posedBy({ 'radius.L': { flexion: 40 } }));
    const straight = lengthsOf(posedBy({ 'radius.L': { flexion: -25 } }));
    expect(Math.sign(bent['biceps-brachii']! - 100)).toBe(-Math.sign(bent['triceps']! - 100));
    expect(Math.sign(straight['biceps-brachii']! - 100)).toBe(
      -Math.sign(bent['biceps-brachii']! - 100),
    );
    expect(bent['gastrocnemius']).toBeCloseTo(100, 0);
  });

  it('has both lengths in its working', () => {
    for (const { length } of rest.muscles) {
      const [now, first] = length!.inputs;
      expect(length!.value).toBeCloseTo((100 * now!.value) / first!.value, 9);
      expect(length!.target).toMatchObject({ kind: 'muscle' });
    }
  });
});

describe('what the shape says', () => {
  it('gives every number a working of its own, with a source', () => {
    const ids = rest.workings.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const { id, formula, reading, source, value } of rest.workings) {
      expect(reckoningText({ formula, reading }).length, id).toBeGreaterThan(2);
      expect(source.length, id).toBeGreaterThan(2);
      expect(value, id).toBeGreaterThanOrEqual(0);
    }
  });

  it('numbers cards, muscles and pegs from one upwards without a gap', () => {
    const counted = (of: readonly number[]): void => expect(of).toEqual(of.map((_, i) => i + 1));
    counted(rest.cards.map(({ number }) => number));
    counted(rest.muscles.map(({ order }) => order));
    counted(rest.pegs.map(({ number }) => number));
  });

  // A tape round a section is longer than round the circle of the same area (isoperimetric
  // inequality), and shorter than round the box that holds it, for a section without hollows.
  it('has girths between the circle of the same area and the box round it', () => {
    for (const { cut, girth, width, depth } of rest.cards) {
      const area = loopArea(cut.skin);
      expect(girth.value).toBeGreaterThan(0.97 * 2 * Math.sqrt(Math.PI * area));
      expect(girth.value).toBeLessThan(1.02 * 2 * (width.value + depth.value));
    }
  });

  it('lays deep muscles before flat ones', () => {
    const layers = rest.muscles.map(({ layer }) => layer);
    expect(layers).toEqual([...layers].sort());
    expect(new Set(layers)).toEqual(new Set([1, 2, 3]));
  });
});
