import type { Workpiece } from '../workshop/workpiece.ts';
import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import type { Plan } from '../planTypes.ts';
import { newWorkpiece, changed } from '../testing/samples.ts';

const planOf = (piece: Workpiece, wire: Partial<Workpiece['wire']> = {}): Plan =>
  planPiece(changed(piece, 'wire', wire));

describe('thin wires', () => {
  const heron = newWorkpiece('one', 'One', 'grey-heron');
  const fine = (wire: Partial<Workpiece['wire']> = {}) => planOf(heron, wire).wire;

  it('go into toes and bill where they hide, and say why not elsewhere', () => {
    const { fine: parts, wires } = fine();
    const toes = parts.find(({ key }) => key === 'toes')!;
    // A heron has four toes on each foot, of which the hallux has a bone of its own.
    expect(toes.count).toBe(3);
    expect(wires.find(({ key }) => key === 'fine:toes.L')!.count).toBe(3);
    const fin = planOf(newWorkpiece('one', 'One', 'harbour-porpoise')).wire.fine.find(
      ({ key }) => key === 'dorsalFin',
    )!;
    expect([fin.choice, fin.why]).toEqual([null, expect.stringMatching(/too thin/)]);
  });

  it('stop where the part gets too thin for them, rather than not being there at all', () => {
    const pterosaur = planOf(newWorkpiece('one', 'One', 'rhamphorhynchus')).wire;
    const finger = pterosaur.fine.find(({ key }) => key === 'wingFinger1')!;
    expect(finger.stops).toMatch(/^ends \d+ % of the way up/);
    const wire = pterosaur.wires.find(({ key }) => key === 'fine:wingFinger1.L')!;
    expect(wire.schedule.developedMm).toBeLessThan(0.8 * finger.length.value);
    expect(wire.schedule.developedMm).toBeGreaterThan(0.4 * finger.length.value);
    expect(wire.cover.value).toBeGreaterThanOrEqual(wire.coverWantedMm);
    expect(wire.snags.map(({ code }) => code)).not.toContain('wire-too-thick');
  });

  // A thin wire lies under 0.3 mm of clay (common practice); the piece’s own cover is 1 mm.
  it('are advised by their own cover, not by that of the large wires', () => {
    const { strength, wire } = planOf(heron, { coverMm: 2 });
    const toe = wire.wires.find(({ key }) => key === 'fine:toes.L')!;
    expect(toe.coverWantedMm).toBe(0.3);
    const most = strength.workings.find(({ id }) => id === `strength.${toe.id}.most`)!;
    expect(most.value).toBeCloseTo(toe.diameterMm + toe.spareMm, 9);
    const joint = strength.workings.find(({ id }) => id === 'strength.toes.L.most')!;
    expect(joint.inputs.find(({ symbol }) => symbol === 'cover')!.value).toBe(0.3);
  });

  it('are cut as often as they are needed, with an end to bind', () => {
    const { stock, wires } = fine();
    const toe = wires.find(({ key }) => key === 'fine:toes.L')!;
    const pieces = stock.groups.flatMap((group) => group.pieces).filter(({ id }) => id === toe.id);
    expect(pieces).toHaveLength(3);
    expect(toe.cut.value).toBeGreaterThan(
      toe.schedule.developedMm + heron.wire.allowancesMm.tieEnd,
    );
  });

  it('are the user’s to choose or leave out', () => {
    const size = { system: 'mm', value: 0.3 } as const;
    const own = fine({ fine: { toes: { metal: 'copper-annealed', size, count: 2 }, bill: null } });
    expect(own.wires.find(({ key }) => key === 'fine:toes.L')).toMatchObject({
      metal: 'copper-annealed',
      diameterMm: 0.3,
      count: 2,
    });
    expect(own.fine.find(({ key }) => key === 'bill')!.why).toBe('left out by you');
    expect(own.wires.map(({ key }) => key)).not.toContain('fine:bill');
  });

  it('follow a wing finger through all its bones', () => {
    const spread = changed(newWorkpiece('one', 'One', 'rhamphorhynchus'), 'stance', {
      presetId: 'flying',
    });
    const part = planOf(spread).wire.fine.find(({ key }) => key === 'wingFinger1')!;
    expect(part.bones.map(({ bone }) => bone.key)).toEqual([
      'wingFinger1',
      'wingFinger2',
      'wingFinger3',
      'wingFinger4',
    ]);
  });
});
