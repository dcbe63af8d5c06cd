import { describe, expect, it } from 'vitest';
import { done } from '../jobs/jobKinds.ts';
import { NO_ANSWERS, planPiece } from '../plan.ts';
import { plainPiece, wholePlan } from '../testing/samples.ts';
import { elevation } from './elevation.ts';
import { zoneItems } from './coatItems.ts';
import type { DrawingItem } from './drawing.ts';
import { headForm } from '../surface/headForm.ts';
import { bodyItems, formDrawing, reliefItems, reliefOf } from './formItems.ts';
import { headDrawings } from './headDrawings.ts';
import { formSheets, planSheets } from './planSheets.ts';

const plan = wholePlan(plainPiece());
const bare = planPiece(plainPiece());
const layers = (items: readonly DrawingItem[]): readonly string[] => [
  ...new Set(items.map(({ layer }) => layer)),
];

describe('the relief on a drawing', () => {
  it('stands in every elevation as soon as it is known, the quick outline until then', () => {
    expect(reliefOf(bare, 'side')).toBeUndefined();
    expect(bodyItems(bare, 'side', 'outline').some(({ kind }) => kind === 'union')).toBe(true);
    const known = bodyItems(plan, 'side', 'outline');
    expect(known.some(({ kind }) => kind === 'union')).toBe(false);
    expect(layers(known)).toContain('skin');
    for (const drawing of [elevation(plan, 'side', { show: 'bones', dimensions: false })])
      expect(drawing.items).toEqual(expect.arrayContaining([...known]));
  });

  it('is one dark shape as a silhouette, lines as an outline, and shaded as the form', () => {
    const relief = reliefOf(plan, 'side')!;
    expect(reliefItems(relief, 'silhouette').map(({ kind, ink }) => [kind, ink])).toEqual([
      ['fill', 'ink'],
    ]);
    expect(layers(reliefItems(relief, 'outline'))).not.toContain('hatching');
    const form = reliefItems(relief, 'form');
    expect(layers(form)).toEqual(expect.arrayContaining(['hatching', 'zone borders', 'skin']));
    expect(form.filter(({ layer }) => layer === 'hatching').length).toBeGreaterThan(20);
  });

  it('fills the zones that are seen in their colours, each with its target', () => {
    const fills = zoneItems(plan, 'side').filter(
      (item) => item.kind === 'fill' && item.layer === 'zones',
    );
    const { coat } = plan.measure.skeleton.animal;
    expect(fills.length).toBeGreaterThan(4);
    for (const fill of fills) {
      const zone = coat.find(({ id }) => fill.target?.kind === 'zone' && fill.target.id === id)!;
      expect(fill.kind === 'fill' && fill.hex).toBe(zone.hex);
    }
    expect(zoneItems(bare, 'side')).toEqual([]);
  });
});

describe('the sheets of the form', () => {
  it('are those of the views that are known, at the height of the model', () => {
    expect(formSheets(bare)).toEqual([]);
    const sheets = formSheets(plan);
    expect(sheets.map(({ id }) => id)).toEqual([
      'form-side',
      'form-front',
      'form-top',
      'proportions',
    ]);
    expect(planSheets(plan).slice(0, 4)).toEqual(sheets);
    // A first answer already shows the animal from its back to its feet.
    const first = done(bare.jobs.surface, false);
    const known = planPiece(plainPiece(), { ...NO_ANSWERS, surface: first });
    const ys = reliefOf(known, 'side')!
      .outline.flat()
      .map(([, y]) => y);
    const tall = plan.stance.heightAsPosed.value;
    expect((Math.max(...ys) - Math.min(...ys)) / tall).toBeGreaterThan(0.93);
    expect((Math.max(...ys) - Math.min(...ys)) / tall).toBeLessThan(1.03);
  });

  it('have the head by itself, larger, its lower left corner at the origin', () => {
    expect(headDrawings(plan)).toEqual([]);
    const heads = headForm(plan.stance.posed, 8000);
    const drawings = headDrawings({ ...plan, surface: { ...plan.surface!, heads } });
    expect(drawings.map(({ id }) => id)).toEqual([
      'head-side',
      'head-front',
      'head-three-quarter',
      'head-top',
    ]);
    const long = (points: readonly (readonly [number, number])[]): number =>
      Math.max(...points.map(([x]) => x)) - Math.min(...points.map(([x]) => x));
    const times = Number(/× (\d+)$/.exec(drawings[0]!.title)![1]);
    expect(times).toBeGreaterThan(1);
    const fill = drawings[0]!.items.find((item) => item.kind === 'fill' && item.layer === 'skin')!;
    const points = fill.kind === 'fill' ? fill.outlines.flat() : [];
    expect(long(points)).toBeCloseTo(times * long(heads[0]!.outline.flat()), 6);
    expect(Math.min(...points.map(([, y]) => y))).toBeCloseTo(0, 9);
  });

  it('show a view that is still out by its quick outline, or not at all', () => {
    expect(formDrawing(bare, 'side')?.view).toBe('side');
    expect(formDrawing(bare, 'back')).toBeUndefined();
    expect(formDrawing(bare, 'three-quarter')).toBeUndefined();
  });
});
