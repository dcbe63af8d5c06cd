import { describe, expect, it } from 'vitest';
import { posedBone } from '../anatomy/pose.ts';
import { planPiece } from '../plan.ts';
import { headForm } from '../surface/headForm.ts';
import { newWorkpiece, plainPiece, wholePlan } from '../testing/samples.ts';
import type { DrawingItem } from './drawing.ts';
import { headDrawings } from './headDrawings.ts';
import { proportionChart } from './proportionChart.ts';

const textsOf = (items: readonly DrawingItem[], layer: string): readonly string[] =>
  items.flatMap((item) => (item.kind === 'text' && item.layer === layer ? [item.text] : []));

describe('the chart of proportions', () => {
  const plan = wholePlan(plainPiece());
  const chart = proportionChart(plan)!;
  const ys = plan.surface!.reliefs.find(({ view }) => view === 'side')!.outline.flat();

  it('is drawn as soon as the form is known', () => {
    expect(proportionChart(planPiece(plainPiece()))).toBeUndefined();
    expect(chart.view).toBe('side');
  });

  it('names the joints of the near limbs at their heights over the ground, from below', () => {
    const texts = textsOf(chart.items, 'levels');
    const heights = texts.map((text) => Number(/ ([\d.]+) mm$/.exec(text)![1]));
    expect(heights).toEqual([...heights].sort((a, b) => a - b));
    const elbow = posedBone(plan.stance.posed, 'radius.L').start[1];
    expect(texts).toContain(`Elbow ${elbow.toFixed(1)} mm`);
    expect(texts.at(-1)).toMatch(/^Highest place /);
    expect(texts.join()).not.toMatch(/left|right/);
  });

  it('keeps names that lie near each other apart', () => {
    const places = chart.items.flatMap((item) =>
      item.kind === 'text' && item.layer === 'levels' ? [item.at[1]] : [],
    );
    places.slice(1).forEach((y, i) => expect(y - places[i]!).toBeGreaterThan(4));
  });

  it('tells length and height in lengths of the skull', () => {
    const [text] = textsOf(chart.items, 'head lengths');
    const [long, , mm] = [...text!.matchAll(/[\d.]+/g)].map(Number) as [number, number, number];
    const xs = ys.map(([x]) => x);
    expect(long * mm).toBeCloseTo(Math.max(...xs) - Math.min(...xs), -1);
    // The skull of an otter is a seventh to a tenth of it as it stands: from memory.
    expect(long).toBeGreaterThan(6);
    expect(long).toBeLessThan(11);
  });
});

describe('the construction of a head', () => {
  it('has its eye line, and tells how far the eye lies from the snout', () => {
    const plan = wholePlan(newWorkpiece('one', 'One', 'red-deer'));
    const heads = headForm(plan.stance.posed, 30_000);
    const [side, front] = headDrawings({ ...plan, surface: { ...plan.surface!, heads } });
    const dims = textsOf(side!.items, 'dimensions').map(Number);
    expect(dims).toHaveLength(2);
    // A stag's eye lies a little behind the middle of its head: from memory.
    expect(dims[0]! / dims[1]!).toBeGreaterThan(0.45);
    expect(dims[0]! / dims[1]!).toBeLessThan(0.65);
    expect(side!.items.some(({ layer }) => layer === 'construction')).toBe(true);
    expect(front!.items.some(({ layer }) => layer === 'construction')).toBe(false);
  });
});
