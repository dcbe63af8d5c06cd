import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { ADAPTERS } from './adapters/index.ts';
import { checkFileSchema } from './checkFile.ts';
import { compareKey } from './compare.ts';
import { runChecks } from './runner.ts';

const folder = new URL('./data/', import.meta.url);
const files = readdirSync(folder).filter((name) => name.endsWith('.json'));
const read = (name: string) =>
  checkFileSchema.parse(JSON.parse(readFileSync(fileURLToPath(new URL(name, folder)), 'utf8')));

describe('published values, with their sources in the files', () => {
  it.each(files)('%s agrees in every key that the core computes', (name) => {
    const report = runChecks(read(name));
    expect(report.failures).toEqual([]);
    expect(report.notCovered).toEqual([]);
    expect(report.passed).toBeGreaterThanOrEqual(read(name).cases.length);
  });

  it('has an adapter for each file', () => {
    expect(files.map((name) => name.replace('.json', '')).sort()).toEqual(
      Object.keys(ADAPTERS).sort(),
    );
  });
});

describe('the runner itself', () => {
  const file = read('wire-gauges.json');

  it('fails a wrong value, and names case and key', () => {
    const entry = file.cases[0]!;
    const wrong = { ...entry, expected: { ...entry.expected, d_mm: 11 } };
    const report = runChecks({ ...file, cases: [wrong] });
    expect(report.failures.map(({ id, mismatch }) => [id, mismatch.key])).toEqual([
      [entry.id, 'd_mm'],
    ]);
  });

  it('counts what it cannot compute as not covered, neither passed nor failed', () => {
    const entry = file.cases[0]!;
    const strange = { ...entry, expected: { colour: 'blue' } };
    expect(runChecks({ ...file, cases: [strange] })).toMatchObject({
      passed: 0,
      failures: [],
      notCovered: [`${entry.id} colour`],
    });
    expect(runChecks({ topic: 'unknown', cases: [entry] }).passed).toBe(0);
  });

  it('does not look at ids: renamed cases give the same result', () => {
    const renamed = {
      ...file,
      cases: file.cases.map((entry, i) => ({ ...entry, id: `other-${i}` })),
    };
    expect(runChecks(renamed).passed).toBe(runChecks(file).passed);
  });

  it('compares turns modulo 360, ranges as ranges, and words as words', () => {
    const base = { id: 'x', title: '', input: {}, basis: '' };
    const turned = {
      ...base,
      kind: 'value' as const,
      expected: { rotation_deg: [180] },
      compare: { abs: 1e-6, anglesModulo360: true },
    };
    expect(compareKey(turned, 'rotation_deg', [-180])).toBeUndefined();
    expect(compareKey(turned, 'rotation_deg', [-179])).toBeDefined();
    const ranged = { ...base, kind: 'range' as const, expected: { v: [1, 2, 1.5] }, compare: {} };
    expect(compareKey(ranged, 'v', 1.9)).toBeUndefined();
    expect(compareKey(ranged, 'v', 2.1)).toBeDefined();
    const infinite = { ...base, kind: 'value' as const, expected: { r: 'Infinity' }, compare: {} };
    expect(compareKey(infinite, 'r', Infinity)).toBeUndefined();
    expect(compareKey(infinite, 'r', 1e9)).toBeDefined();
  });
});
