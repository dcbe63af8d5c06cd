import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { distance } from '../geometry/vec3.ts';
import { SCHEME_IDS } from '../piece/wireSchema.ts';
import { planPiece } from '../plan.ts';
import { changed, otterPiece, wolfPiece } from '../testing/samples.ts';
import { bendingView } from './bendingView.ts';
import { executedVertices, leftOutMm } from './executedBends.ts';

const wiresOf = (piece: Workpiece) => planPiece(piece).wire.wires;

describe('the bends executed and let go', () => {
  it.each(SCHEME_IDS.map((id) => [id] as const))(
    '%s: over-bent, every wire is as drawn',
    (scheme) => {
      for (const wire of wiresOf(changed(wolfPiece(), 'wire', { scheme }))) {
        const got = executedVertices(wire, 'over-bent', wire.diameterMm);
        const meant = wire.schedule.vertices;
        expect(got).toHaveLength(meant.length);
        meant.forEach((p, i) =>
          meant.forEach((q, j) =>
            expect(Math.abs(distance(p, q) - distance(got[i]!, got[j]!))).toBeLessThan(0.01),
          ),
        );
      }
    },
  );

  it('bent only to its angles, a wire opens at every bend and its end is off', () => {
    for (const wire of wiresOf(otterPiece()).filter(({ bends }) => bends.length > 0)) {
      expect(leftOutMm(wire, wire.diameterMm)).toBeGreaterThan(0.1);
      expect(wire.leftOut!.value).toBeCloseTo(leftOutMm(wire, wire.diameterMm), 9);
    }
  });

  it('keeps the length of wire, whichever way it is bent', () => {
    const wire = wiresOf(otterPiece())[1]!;
    // A single bend of the simulator: straights and arc take what the schedule has.
    const first = wire.bends[0]!;
    const got = executedVertices(wire, 'to-the-angle', wire.diameterMm, 1);
    const { formingMm, finishedMm } = first.forming!;
    const rad = (first.angle.value * Math.PI) / 180;
    const stays = (rad * formingMm) / finishedMm;
    const tangent = finishedMm * Math.tan(stays / 2);
    const straight = distance(got[0]!, got[1]!) + distance(got[1]!, got[2]!) - 2 * tangent;
    expect(straight + rad * formingMm).toBeCloseTo(wire.schedule.developedMm, 6);
  });

  it('is off by more the springier the metal', () => {
    const off = (metal: string): number => {
      const limb = { metal, size: { system: 'mm', value: 1.2 }, strands: 1 } as const;
      const limbs = { 'hind-legs': limb, 'fore-legs': limb };
      return wiresOf(changed(otterPiece(), 'wire', { limbs }))[1]!.leftOut!.value;
    };
    expect(off('copper-annealed')).toBeLessThan(off('brass-half-hard'));
    expect(off('aluminium-soft')).toBeLessThan(off('brass-half-hard'));
    expect(off('stainless-hard')).toBeGreaterThan(2 * off('brass-half-hard'));
  });

  it('tells nothing of a wire that springs back wholly: no bend of it can be made', () => {
    const spring = {
      id: 'own-1',
      name: 'spring',
      eMPa: 100_000,
      yieldMPa: 3000,
      densityKgM3: 8000,
      leastInsideDiameters: 1,
    };
    const limb = { metal: 'own-1', size: { system: 'mm', value: 0.8 }, strands: 1 } as const;
    const limbs = { 'hind-legs': limb, 'fore-legs': limb };
    const wide = changed(otterPiece(), 'wire', {
      limbs,
      ownMetals: [spring],
      bendRadiusInDiameters: 20,
    });
    const plan = planPiece(wide);
    const wire = plan.wire.wires[1]!;
    expect(wire.bends[0]!.bendTo).toBeUndefined();
    expect(wire.leftOut).toBeUndefined();
    const snag = plan.snags.find(({ code }) => code === 'springback-too-large');
    if (snag?.code !== 'springback-too-large') throw new Error('no snag');
    // The nearest radius that can be bent is named, and can be bent.
    const can = snag.facts.widestMm;
    expect(can).toBeGreaterThan(0);
    expect(can).toBeLessThan(snag.facts.radiusMm);
    const nearer = changed(wide, 'wire', { bendRadiusInDiameters: (0.99 * can) / 0.8 });
    expect(planPiece(nearer).wire.wires[1]!.bends[0]!.bendTo).toBeDefined();
  });

  it('is shown behind the wire on the bending card, bend for bend', () => {
    const wire = wiresOf(otterPiece())[1]!;
    for (const { number } of wire.bends) {
      const { done, leftOut } = bendingView(wire, number);
      expect(leftOut).toHaveLength(done.length);
      const [p, q] = [done[0]!, leftOut[0]!];
      expect(Math.hypot(p[0] - q[0], p[1] - q[1])).toBeGreaterThan(0);
    }
  });
});
