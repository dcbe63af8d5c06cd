import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { footForms } from '../surface/footForm.ts';
import { newWorkpiece, wholePlan } from '../testing/samples.ts';
import { bladePatterns } from '../body/bladePattern.ts';
import { bladeDrawings } from './bladeDrawings.ts';
import { itemExtent } from './drawing.ts';
import { enlarged, extentOf } from './enlargedRelief.ts';
import { footDrawings } from './footDrawings.ts';

const wolf = planPiece(newWorkpiece('wolf', 'Wolf', 'grey-wolf'));

describe('feet by themselves', () => {
  it('are the left ones, from three sides, with their digits', () => {
    const feet = footForms(wolf.stance.posed, 8000);
    expect(feet.map(({ contact }) => contact.id)).toEqual(['forefoot.L', 'hindfoot.L']);
    for (const { reliefs } of feet) {
      expect(reliefs.map(({ view }) => view)).toEqual(['side', 'front', 'top']);
      // No taller than from the wrist or the hock down.
      const high = Math.max(...reliefs[0]!.outline.flat().map(([, y]) => y));
      expect(high).toBeLessThan(0.45 * wolf.stance.heightAsPosed.value);
    }
  });

  it('are drawn in rows, each the same whole times as large', () => {
    const plan = wholePlan(newWorkpiece('wolf', 'Wolf', 'grey-wolf'));
    const feet = footForms(plan.stance.posed, 8000);
    const rows = footDrawings({ ...plan, surface: { ...plan.surface!, feet } });
    expect(rows.map((row) => row.length)).toEqual([3, 3]);
    const times = rows.flat().map(({ title }) => /× (\d+)$/.exec(title)![1]);
    expect(new Set(times).size).toBe(1);
    expect(rows[0]![0]!.title).toMatch(/^Left forefoot, from its left/);
    const [relief] = feet[0]!.reliefs;
    expect(extentOf(enlarged(relief!, 3))).toBeCloseTo(3 * extentOf(relief!), 6);
  });

  it('are none for what has no feet', () => {
    expect(footForms(planPiece(newWorkpiece('a', 'A', 'adder')).stance.posed, 8000)).toEqual([]);
  });
});

describe('blades laid flat', () => {
  it('are drawn at 1:1 of the model, as long and wide as they are told', () => {
    const plan = planPiece(newWorkpiece('fly', 'Fly', 'emperor-dragonfly'));
    const [fore] = bladePatterns(plan.measure.skeleton, 1 / plan.measure.lifePerModel);
    const [drawing] = bladeDrawings(plan);
    const cut = drawing!.items.find(({ layer }) => layer === 'cut')!;
    const xs = itemExtent(cut).map(([x]) => x);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(fore!.longMm, 6);
    const words = drawing!.items.flatMap((item) => (item.kind === 'text' ? [item.text] : []));
    expect(words).toContain(fore!.longMm.toFixed(1));
    expect(words.some((text) => text.startsWith(`${fore!.areaMm2.toFixed(0)} mm²`))).toBe(true);
    expect(drawing!.title).toContain('turn it over for the other side');
  });

  it('are none for an animal without them', () => {
    expect(bladeDrawings(wolf)).toEqual([]);
  });
});
