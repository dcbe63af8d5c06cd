import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it, vi } from 'vitest';
import { indexText } from '../../../scripts/animalIndex.ts';
import { newWorkpiece, coarseBody, wholePlan } from '../testing/samples.ts';
import { BEECH_MARTEN } from '../testing/beechMarten.ts';
import type { Animal } from './animal.ts';
import { animalFaults } from './faults.ts';
import { animalById, planById } from './registry.ts';

vi.mock('./animals/index.ts', async (actual) => {
  const { ANIMALS } = await actual<{ readonly ANIMALS: readonly Animal[] }>();
  const added = await import('../testing/beechMarten.ts');
  return { ANIMALS: [...ANIMALS, added.BEECH_MARTEN] };
});

const FOLDER = new URL('./animals/', import.meta.url).pathname;

// docs/method.md says how: one data file in the folder, and `npm run animals` writes the index.
describe('adding an animal', () => {
  it('takes one data file: the index is written from the folder', () => {
    const folder = mkdtempSync(join(tmpdir(), 'animals-'));
    writeFileSync(join(folder, 'memory.ts'), 'export const memory = 1;\n');
    writeFileSync(join(folder, 'adder.ts'), 'export const ADDER: Animal = {};\n');
    writeFileSync(
      join(folder, 'beechMarten.ts'),
      'export const BEECH_MARTEN: Animal = Object.freeze({});\n',
    );
    const text = indexText(folder);
    expect(text).toContain("import { BEECH_MARTEN } from './beechMarten.ts';");
    expect(text).not.toContain('memory.ts');
  });

  it('left no animal of the folder out of the index', () => {
    const names = (text: string): readonly string[] =>
      [...text.matchAll(/import \{ (\w+) \}/g)].map(([, name]) => name!);
    const written = readFileSync(join(FOLDER, 'index.ts'), 'utf8');
    expect(names(written)).toEqual(names(indexText(FOLDER)));
  });

  it('gives it a whole plan from Measure to Bench, with no code', () => {
    expect(animalFaults(planById(BEECH_MARTEN.planId)!, BEECH_MARTEN)).toEqual([]);
    expect(animalById('beech-marten')).toBe(BEECH_MARTEN);
    const piece = newWorkpiece('marten', 'Marten', 'beech-marten');
    const plan = wholePlan(piece);
    expect(coarseBody(piece).volumeMm3).toBeGreaterThan(0);
    const large = plan.wire.wires.filter(({ kind }) => kind !== 'fine');
    expect(large.map((wire) => wire.name)).toEqual(['Spine', 'Hind legs', 'Forelegs']);
    expect(plan.mass!.lifeWeight.value).toBeGreaterThan(1);
    expect(plan.bench!.steps.length).toBeGreaterThan(10);
  });
});
