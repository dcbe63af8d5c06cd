import type { Workpiece } from '../workshop/workpiece.ts';
import { isTarget } from '../piece/target.ts';
import { describe, expect, it } from 'vitest';
import { settledStance } from '../posing/settledStance.ts';
import { newWorkpiece, changed, plainPiece, wholePlan, wolfPiece } from '../testing/samples.ts';
import { elevation } from './elevation.ts';
import { footfallDrawing } from './footfallDrawing.ts';
import { tipRoseDrawing } from './tipRoseDrawing.ts';

const options = { show: 'bones', dimensions: false } as const;
const gallop = (moment: number): Workpiece =>
  changed(wolfPiece(), 'stance', { gait: { id: 'gallop', moment, strideMm: null }, anglesDeg: {} });

describe('the footfall diagram', () => {
  const drawing = footfallDrawing(wholePlan(gallop(0.5)).stance.gait!);
  const bars = drawing.items.filter((item) => item.kind === 'line' && item.filled);
  const wide = 120;

  it('has a bar as long as a foot is down, for every foot', () => {
    const lengths = new Map<string, number>();
    for (const bar of bars) {
      if (bar.kind !== 'line') continue;
      const xs = bar.points.map(([x]) => x);
      const id = bar.target?.kind === 'contact' ? bar.target.id : '';
      lengths.set(id, (lengths.get(id) ?? 0) + Math.max(...xs) - Math.min(...xs));
    }
    expect(lengths.size).toBe(4);
    for (const long of lengths.values()) expect(long / wide).toBeCloseTo(0.24, 9);
  });

  it('marks the moment, and lies within its box', () => {
    const moment = drawing.items.find((item) => item.kind === 'line' && item.ink === 'mid')!;
    expect(moment.kind === 'line' && moment.points[0]![0]).toBeCloseTo(wide / 2, 9);
    const right = Math.max(
      ...drawing.items.flatMap((item) => (item.kind === 'line' ? item.points.map(([x]) => x) : [])),
    );
    expect(right).toBeLessThanOrEqual(drawing.box.max[0]);
  });

  it('lets a bar that runs over the end of the stride come in again at its start', () => {
    const walking = changed(wolfPiece(), 'stance', {
      gait: { id: 'walk', moment: 0, strideMm: null },
    });
    const walk = footfallDrawing(wholePlan(walking).stance.gait!);
    const right = walk.items.filter(
      (item) => item.kind === 'line' && isTarget(item.target, 'contact', 'forefoot.R'),
    );
    expect(right).toHaveLength(2);
  });
});

describe('the rose of tilts', () => {
  it('is drawn to scale, with the front on the left', () => {
    const { balance } = wholePlan(plainPiece());
    const drawing = tipRoseDrawing(balance, 1);
    const petal = drawing.items.find((item) => item.target?.kind === 'mass-centre')!;
    if (petal.kind !== 'line') throw new Error('the rose is no line');
    const [x, y] = petal.points[0]!;
    expect(x).toBeCloseTo(-Math.min(45, balance.rose[0]!.tipDeg), 6);
    expect(y).toBeCloseTo(0, 9);
  });

  it('has rings only, where the piece does not stand by itself', () => {
    const lifted = changed(plainPiece(), 'stance', { lifted: ['forefoot.L', 'forefoot.R'] });
    const drawing = tipRoseDrawing(wholePlan(lifted).balance, 1);
    expect(drawing.items.some((item) => item.target?.kind === 'mass-centre')).toBe(false);
  });
});

describe('what an elevation of a stance shows', () => {
  const standing = wholePlan(plainPiece());

  it('is one dark shape as a silhouette, without bones', () => {
    const { items } = elevation(standing, 'side', { ...options, silhouette: true });
    expect(items.some(({ layer }) => layer === 'bones')).toBe(false);
    expect(items.find(({ layer }) => layer === 'skin')!.ink).toBe('ink');
  });

  it('shows the limits of a joint and another stance without moving the frame', () => {
    const plain = elevation(standing, 'side', options);
    const other = settledStance(
      standing.measure.skeleton,
      { presetId: 'alert', anglesDeg: {}, lifted: null },
      1 / standing.measure.lifePerModel,
    );
    const over = elevation(standing, 'side', { ...options, limitsOf: 'tibia.L', beside: other });
    expect(over.box).toEqual(plain.box);
    expect(over.items.filter(({ layer }) => layer === 'limits')).toHaveLength(1);
    expect(over.items.filter(({ layer }) => layer === 'beside')).toHaveLength(other.bones.length);
  });

  it('shows the ground it stands on in every view', () => {
    const onGround = (ground: Workpiece['stance']['ground'], view: 'side' | 'front' | 'top') =>
      elevation(wholePlan(changed(plainPiece(), 'stance', { ground })), view, options).items.filter(
        ({ target }) => isTarget(target, 'piece', 'ground'),
      );
    const log = { kind: 'log', atMm: 40, topMm: 20, diameterMm: 20, acrossMm: null } as const;
    for (const view of ['side', 'front', 'top'] as const)
      expect(onGround(log, view), view).toHaveLength(1);
    expect(onGround({ kind: 'slope', deg: 10, fromMm: 0 }, 'side')).toHaveLength(1);
    expect(onGround({ kind: 'flat' }, 'side')).toHaveLength(0);
  });

  it('shows a weight inside at its true size', () => {
    const weight = { boneId: 'thoracic', along: 0.5, grams: 100, metal: 'steel' } as const;
    const { items } = elevation(
      wholePlan(changed(newWorkpiece('a', 'A', 'eurasian-otter'), 'stance', { weight })),
      'side',
      options,
    );
    const ball = items.find(({ layer }) => layer === 'weight')!;
    if (ball.kind !== 'line') throw new Error('the weight is no line');
    const xs = ball.points.map(([x]) => x);
    // 100 g of steel at 7.85 g/ml: 12.74 ml, a ball of 28.98 mm.
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(28.98, 1);
  });
});
