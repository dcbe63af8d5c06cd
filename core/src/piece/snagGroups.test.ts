import { describe, expect, it } from 'vitest';
import { planPiece } from '../plan.ts';
import { newWorkpiece, changed } from '../testing/samples.ts';
import type { Snag } from './snag.ts';
import { snagSentence } from './snag.ts';
import { acceptanceOf, everySnag, grouped, isAccepted, snagKey } from './snagGroups.ts';
import { severityOf } from './snagSeverity.ts';

const thick = (region: string, mm: number): Snag => ({
  code: 'clay-too-thick',
  grade: 'watch',
  stage: 'mass',
  target: { kind: 'region', id: region.toLowerCase() },
  facts: { region, bone: region.toLowerCase(), mm, limitMm: 12, coreMm: 0 },
});

describe('alike snags', () => {
  it('are one sentence of the worst, which names the places of the others', () => {
    const [one, ...rest] = grouped([thick('Neck', 13), thick('Tail', 20), thick('Thighs', 15)]);
    expect(rest).toEqual([]);
    expect(one!.target).toEqual({ kind: 'region', id: 'tail' });
    const sentence = snagSentence(one!);
    expect(sentence).toContain('Tail: at the tail the clay is 20.0 mm thick');
    expect(sentence).toContain('The same holds for: Neck; Thighs.');
    expect(everySnag([one!])).toHaveLength(3);
  });

  it('stay apart by grade and stage, and where each has a remedy of its own', () => {
    const fix: Snag = { ...thick('Neck', 13), grade: 'fix' };
    expect(grouped([fix, thick('Tail', 20)])).toHaveLength(2);
    const feet: Snag = {
      code: 'suspended',
      grade: 'watch',
      stage: 'stance',
      facts: { gait: 'trot' },
    };
    expect(grouped([feet, feet])).toHaveLength(2);
  });

  it('of a plan are grouped, and none is lost', () => {
    const plan = planPiece(newWorkpiece('beetle', 'Beetle', 'stag-beetle'));
    const codes = plan.snags.map(({ code }) => code);
    expect(codes.filter((code) => code === 'wire-too-weak')).toHaveLength(1);
    const inStages = [plan.wire, plan.strength].flatMap(({ snags }) => snags);
    const all = everySnag(plan.snags);
    for (const snag of inStages) expect(all.map(snagKey)).toContain(snagKey(snag));
  });
});

describe('a snag that the maker knows of', () => {
  it('is counted apart until its number gets worse', () => {
    const snag = thick('Tail', 20);
    const accepted = acceptanceOf(snag);
    expect(accepted).toEqual({ 'clay-too-thick tail': 20 });
    expect(isAccepted(snag, accepted)).toBe(true);
    expect(isAccepted(thick('Tail', 19), accepted)).toBe(true);
    expect(isAccepted(thick('Tail', 21), accepted)).toBe(false);
    expect(isAccepted(thick('Neck', 13), accepted)).toBe(false);
    expect(isAccepted(snag, Object.create({ 'clay-too-thick tail': 20 }))).toBe(false);
  });

  it('takes those alike with it, and a plan lists them apart', () => {
    const piece = newWorkpiece('beetle', 'Beetle', 'stag-beetle');
    const weak = planPiece(piece).snags.find(({ code }) => code === 'wire-too-weak')!;
    const plan = planPiece({ ...piece, accepted: acceptanceOf(weak) });
    expect(plan.snags.map(({ code }) => code)).not.toContain('wire-too-weak');
    expect(plan.accepted).toEqual([weak]);
    const thinner = changed(piece, 'wire', {
      limbs: Object.fromEntries(
        Object.entries(piece.wire.limbs).map(([id, wire]) => [
          id,
          { ...wire, size: { system: 'mm', value: 0.5 } },
        ]),
      ),
    });
    const worse = planPiece({ ...thinner, accepted: acceptanceOf(weak) });
    expect(worse.snags.map(({ code }) => code)).toContain('wire-too-weak');
  });

  it('is judged by what it tells: worse is more', () => {
    const near = (tipDeg: number): Snag => ({
      ...{ code: 'mass-near-edge', grade: 'watch', stage: 'stance' },
      facts: { marginMm: 3, tipDeg, towards: 'the rear' },
    });
    expect(severityOf(near(2))).toBeGreaterThan(severityOf(near(4)));
  });
});
