import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { changed, otterPiece, plainPiece } from '../testing/samples.ts';

const scaled = (scale: Workpiece['measure']['scale']): Workpiece =>
  changed(otterPiece(), 'measure', { scale });
const workingOf = (piece: Workpiece, id: string) => {
  const found = planPiece(piece).workings.find((working) => working.id === id);
  if (!found) throw new Error(`no working ${id}`);
  return found.value;
};

describe('the scale', () => {
  it.each([
    [{ by: 'ratio', lifePerModel: 3 }, 'measure.scale', 3],
    [{ by: 'size', sizeId: 'shoulder-height', mm: 80 }, 'measure.shoulder-height.model', 80],
    [{ by: 'size', sizeId: 'length', mm: 250 }, 'measure.length.model', 250],
  ] as const)('by %j gives exactly what was asked, and the rest follows', (scale, id, wanted) => {
    const piece = scaled(scale);
    expect(workingOf(piece, id)).toBeCloseTo(wanted, 9);
    const { lifePerModel, rows } = planPiece(piece).measure;
    for (const row of rows) expect(row.model.value * lifePerModel).toBeCloseTo(row.life.value, 9);
  });

  it('by the oven leaves its air all round, and no more', () => {
    const piece = scaled({ by: 'oven' });
    const { oven, ovenAirMm } = piece.measure;
    const [long, high, wide] = ['length', 'height', 'width'].map((id) =>
      workingOf(piece, `stance.${id}`),
    ) as [number, number, number];
    const used = [
      long / (oven!.lengthMm - 2 * ovenAirMm),
      high / (oven!.heightMm - 2 * ovenAirMm),
      wide / (oven!.widthMm - 2 * ovenAirMm),
    ];
    expect(ovenAirMm).toBe(10);
    expect(Math.max(...used)).toBeCloseTo(1, 9);
    expect(planPiece(piece).snags.map((snag) => snag.code)).not.toContain('piece-over-oven');
  });

  it('by the oven counts the board and its pegs where they go in', () => {
    const base = scaled({ by: 'oven' });
    for (const oven of [
      { lengthMm: 420, heightMm: 260, widthMm: 340 },
      { lengthMm: 420, heightMm: 120, widthMm: 340 },
      { lengthMm: 600, heightMm: 400, widthMm: 130 },
    ]) {
      const piece = changed(base, 'measure', { oven, onBoard: true });
      const plan = planPiece(piece);
      const bare = planPiece(changed(piece, 'measure', { onBoard: false }));
      expect(plan.measure.lifePerModel).toBeGreaterThanOrEqual(bare.measure.lifePerModel);
      // Body and drilled board together, as Wire and Stance have them.
      const { min, max } = plan.measure.sizes.posedBox;
      const n = plan.measure.lifePerModel;
      const { frontX, leftZ, length, width, thicknessMm } = plan.wire.base;
      const span = (low: number, high: number, from: number, to: number): number =>
        Math.max(high / n, to) - Math.min(low / n, from);
      const sides = [
        span(min[0], max[0], frontX - length.value, frontX),
        span(min[2], max[2], leftZ, leftZ + width.value),
      ].toSorted((a, b) => a - b);
      const free = [oven.widthMm - 20, oven.lengthMm - 20].toSorted((a, b) => a - b);
      expect(sides[0]!).toBeLessThanOrEqual(free[0]! + 0.5);
      expect(sides[1]!).toBeLessThanOrEqual(free[1]! + 0.5);
      const { nutAndWashers } = piece.wire.allowancesMm;
      const high = workingOf(piece, 'stance.height') + thicknessMm + nutAndWashers;
      expect(high).toBeLessThanOrEqual(oven.heightMm - 20 + 1e-9);
    }
  });

  it('tells when a piece is larger than the oven, with a scale that does fit', () => {
    const large = changed(scaled({ by: 'ratio', lifePerModel: 1.5 }), 'measure', {});
    const snag = planPiece(large).snags.find((snag) => snag.code === 'piece-over-oven');
    if (snag?.code !== 'piece-over-oven') throw new Error('no snag');
    const fitting = scaled({ by: 'ratio', lifePerModel: snag.facts.fitRatio });
    expect(planPiece(fitting).snags.map((snag) => snag.code)).not.toContain('piece-over-oven');
  });
});

describe('life lengths', () => {
  it('follow through to the wires when one changes', () => {
    const before = planPiece(plainPiece());
    const lifeLengths = {
      tibia: { mm: 99, provenance: 'measured' as const, plusMinusMm: null, on: null },
    };
    const after = planPiece(changed(plainPiece(), 'measure', { lifeLengths }));
    expect(after.wire.wires[1]!.cut.value).toBeGreaterThan(before.wire.wires[1]!.cut.value + 2);
    const row = after.measure.rows.find((row) => row.bone.key === 'tibia')!;
    expect(row.life.provenance).toBe('measured');
    expect(row.model.inputs[0]).toMatchObject({ value: 99, provenance: 'measured' });
  });

  it('outside the usual range are told, not refused', () => {
    const lifeLengths = {
      skull: { mm: 180, provenance: 'own' as const, plusMinusMm: null, on: null },
    };
    const plan = planPiece(changed(plainPiece(), 'measure', { lifeLengths }));
    expect(plan.snags).toContainEqual(
      expect.objectContaining({ code: 'bone-out-of-range', grade: 'watch' }),
    );
  });
});
