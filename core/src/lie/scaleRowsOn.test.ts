import { describe, expect, it } from 'vitest';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import { skinParts } from '../body/skin.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { usualZone } from '../piece/skinSchema.ts';
import { planPiece } from '../plan.ts';
import { demoWorkpieces } from '../start/demoPieces.ts';
import { changed, wholePlan } from '../testing/samples.ts';
import { joinedStrokes, scaleRowsOn } from './scaleRowsOn.ts';

const adder = demoWorkpieces().find(({ id }) => id === 'adder-in-a-coil')!;
const plan = wholePlan(adder);
const { choice } = plan.jobs.coat!.input;
const { posed } = plan.stance;
const rows = scaleRowsOn(posed, choice.rows, choice.rowZones);

describe('scales in rows on a body', () => {
  it('are as many as are counted: rows round and along, and a plate to each row', () => {
    const told = plan.skin.tubes.flatMap(({ rows: of }) => (of === null ? [] : [of]));
    const all = told.reduce((sum, { round, along }) => sum + (round.value + 1) * along.value, 0);
    expect(rows.many).toBe(all);
  });

  it('stand on the skin of the coil, and their widths make up its girth', () => {
    const flesh = skinParts(posed);
    const root = (n: number): Vec3 =>
      [0, 1, 2].map((k) => rows.lines[9 * n + k]!) as unknown as Vec3;
    for (let n = 0; n < rows.many; n += 53)
      expect(Math.abs(skinDistance(flesh, root(n)))).toBeLessThan(0.6);
    const { round, width } = plan.skin.tubes[0]!.rows!;
    const first = rows.widthMm.slice(0, round.value + 1);
    const girth = first.reduce((sum, w) => sum + w, 0);
    // Two rows of a neck are nearly alike, and the plate has a third of the girth.
    expect(first.at(-1)! / girth).toBeCloseTo(1 / 3, 5);
    const { along } = plan.skin.tubes[0]!.rows!;
    const scales = rows.widthMm
      .slice(0, (round.value + 1) * along.value)
      .filter((_, n) => n % (round.value + 1) !== round.value);
    expect(Math.max(...scales) / width.value).toBeCloseTo(1, 1);
    expect(distance(root(0), root(1))).toBeGreaterThan(0.2);
  });

  it('leave out zones that are smooth, or that something is stuck on', () => {
    const smooth = changed(adder, 'skin', { zones: { flanks: usualZone('smooth') } });
    const asked = wholePlan(smooth).jobs.coat!.input.choice;
    const flanks = planPiece(adder).skin.zones.findIndex(({ zone }) => zone.id === 'flanks');
    expect(rows.zone).toContain(flanks);
    const left = scaleRowsOn(posed, asked.rows, asked.rowZones);
    expect(left.zone).not.toContain(flanks);
    expect(left.many).toBeLessThan(rows.many);
    expect(left.many).toBeGreaterThan(0);
  });

  it('join with strokes in one set, in order', () => {
    const both = joinedStrokes([rows, rows]);
    expect(both.many).toBe(2 * rows.many);
    expect(both.lines.subarray(9 * rows.many)).toEqual(rows.lines);
    expect(joinedStrokes([]).many).toBe(0);
  });
});
