import { usualZone } from '../piece/skinSchema.ts';
import { everySnag } from '../piece/snagGroups.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { isTarget } from '../piece/target.ts';
import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { changed, otterPiece, plainPiece } from '../testing/samples.ts';
import { TOOLS, toolFor } from './tools.ts';

const at = (piece: Workpiece, lifePerModel: number): Workpiece =>
  changed(piece, 'measure', { scale: { by: 'ratio', lifePerModel } });
const skinOf = (piece: Workpiece) => planPiece(piece).skin;
const zoneOf = (piece: Workpiece, id: string) =>
  skinOf(piece).zones.find((entry) => entry.zone.id === id)!;

describe('tools', () => {
  it('stand finest first, and the widest that is fine enough is taken', () => {
    const widths = TOOLS.map((tool) => tool.leastMm);
    expect(widths).toEqual([...widths].sort((a, b) => a - b));
    expect(toolFor(TOOLS, 0.3)?.id).toBe('wire-brush');
    expect(toolFor(TOOLS, 5)?.id).toBe('loop');
    expect(toolFor(TOOLS, 0.05)).toBeUndefined();
  });
});

describe('the coat', () => {
  it('scales with the model in length and width', () => {
    const [three, six] = [zoneOf(at(otterPiece(), 3), 'back'), zoneOf(at(otterPiece(), 6), 'back')];
    expect(three.length.value / six.length.value).toBeCloseTo(2, 9);
    expect(three.width!.value / six.width!.value).toBeCloseTo(2, 9);
    expect(three.length.value).toBeCloseTo(22 / 3, 9);
  });

  it('takes the user’s own hair, and says so', () => {
    const own = changed(otterPiece(), 'skin', {
      zones: { back: { ...usualZone('carved'), hairMm: 30 } },
    });
    expect(zoneOf(own, 'back').hairLife).toMatchObject({ value: 30, provenance: 'own' });
    expect(zoneOf(own, 'back').length.value).toBeCloseTo(10, 9);
  });

  it('leaves free under fibre what its lie stands off: hair · sin(lie)/n', () => {
    const fibre = changed(otterPiece(), 'skin', {
      zones: { back: { ...usualZone('fibre'), hairMm: 30 } },
    });
    const { undersize, zone } = zoneOf(fibre, 'back');
    expect(undersize.value).toBeCloseTo((30 * Math.sin((zone.lieDeg * Math.PI) / 180)) / 3, 9);
    expect(zoneOf(otterPiece(), 'back').undersize.value).toBe(0);
  });

  it('tells hair finer than the tools, and how many locks a stroke then stands for', () => {
    const tiny = planPiece(at(plainPiece(), 30));
    const snag = everySnag(tiny.snags).find(
      (snag) => snag.code === 'hair-finer-than-tool' && isTarget(snag.target, 'zone', 'face'),
    );
    if (snag?.code !== 'hair-finer-than-tool') throw new Error('no snag');
    expect(snag.facts.strokeMm).toBeCloseTo(0.9 / 30, 9);
    expect(snag.facts.locks).toBe(Math.ceil(0.15 / 0.03));
    expect(planPiece(at(plainPiece(), 3)).snags.map((snag) => snag.code)).not.toContain(
      'hair-finer-than-tool',
    );
  });

  it('is silent about tools where nothing is carved, and asks for some where it is', () => {
    const none = changed(otterPiece(), 'skin', { tools: [] });
    expect(planPiece(none).snags.map((snag) => snag.code)).toContain('no-tool');
    const zones = Object.fromEntries(
      skinOf(none).zones.map((entry) => [entry.zone.id, usualZone('smooth')]),
    ) as Workpiece['skin']['zones'];
    const smooth = changed(none, 'skin', { zones });
    expect(planPiece(smooth).snags.map((snag) => snag.code)).not.toContain('no-tool');
  });
});
