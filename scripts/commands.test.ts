import { execFile } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'keen-sinew-'));

/** Runs a script of the project and returns what it said and how it ended. */
function run(script: string, ...args: string[]) {
  return new Promise<{ code: number; out: string; error: string }>((resolve) => {
    execFile(process.execPath, ['--import', 'tsx', at(script), ...args], (failure, out, error) =>
      resolve({ code: failure === null ? 0 : Number(failure.code), out, error }),
    );
  });
}

describe('the plan command', () => {
  it('plans a piece into its files', async () => {
    const name = 'wolf-at-the-carr';
    const out = join(folder, name);
    const { code } = await run('./plan.ts', at(`../examples/${name}.json`), '--out', out);
    expect(code).toBe(0);
    const plan = JSON.parse(readFileSync(join(out, 'plan.json'), 'utf8'));
    const ids = plan.workings.map((working: { id: string }) => working.id);
    for (const id of ['balance.tip', 'mass.clay.grams', 'cure.needed', 'bench.progress'])
      expect(ids).toContain(id);
    for (const view of ['side', 'front'])
      expect(readFileSync(join(out, `${view}.svg`), 'utf8')).toMatch(/<svg [^>]*width="[\d.]+mm"/);
    expect(readFileSync(join(out, 'shopping.csv'), 'utf8')).toContain('Tie for the bindings');
    expect(readFileSync(join(out, 'steps.csv'), 'utf8')).toContain('Look back');
    expect(readFileSync(join(out, 'cut-list.csv'), 'utf8')).toContain('Turns round the spine');
    expect(readFileSync(join(out, 'bends.csv'), 'utf8').split('\r\n').length).toBeGreaterThan(20);
    expect(readFileSync(join(out, 'sheets.pdf')).subarray(0, 5).toString()).toBe('%PDF-');
  });

  it('ends with 1 and a sentence on bad input', async () => {
    const bad = join(folder, 'bad.json');
    writeFileSync(bad, '{"format":"keen-sinew-piece","version":1,"id":"x","name":""}');
    const cases: [string[], RegExp][] = [
      [[], /Arguments: received .* allowed is npm run/],
      [[join(folder, 'nowhere.json'), '--out', folder], /cannot be read/],
      [[bad, '--out', folder], /bad\.json: .*received/],
    ];
    for (const [args, sentence] of cases) {
      const { code, error } = await run('./plan.ts', ...args);
      expect(code).toBe(1);
      expect(error).toMatch(sentence);
    }
  });
});

describe('the plan command for a fresh piece', () => {
  it('plans one into a folder and counts what is wrong with it', async () => {
    const out = join(folder, 'fresh');
    const { code, out: said } = await run('./plan.ts', '--fresh', 'adder', '--out', out);
    expect(code).toBe(0);
    expect(said).toMatch(/^Adder, \d+ to fix, \d+ to watch\n$/);
    expect(
      JSON.parse(readFileSync(join(out, 'plan.json'), 'utf8')).workings.length,
    ).toBeGreaterThan(50);
  });

  it('names the animals that there are', async () => {
    const { code, error } = await run('./plan.ts', '--fresh', 'unicorn');
    expect(code).toBe(1);
    expect(error).toMatch(/received “unicorn”; allowed is all, demos, or one of .*grey-wolf/);
  });
});

describe('the strips command', () => {
  it('draws eight moments of every gait of an animal', async () => {
    const out = join(folder, 'strips');
    const { code } = await run('./strips.ts', '--out', out, '--only', 'adder');
    expect(code).toBe(0);
    expect(readdirSync(out)).toEqual(['adder-undulation.svg']);
    const svg = readFileSync(join(out, 'adder-undulation.svg'), 'utf8');
    const wide = Number(/width="([\d.]+)mm"/.exec(svg)![1]);
    const high = Number(/height="([\d.]+)mm"/.exec(svg)![1]);
    // Eight waves one beside another.
    expect(wide / high).toBeGreaterThan(8);
  });

  it('ends with 1 and a sentence on bad input', async () => {
    for (const args of [[], ['--out', folder, '--only', 'unicorn']]) {
      const { code, error } = await run('./strips.ts', ...args);
      expect(code).toBe(1);
      expect(error).toMatch(/received .* allowed is/);
    }
  });
});

describe('the checks command', () => {
  it('prints failures, what is not covered, and the count', async () => {
    const file = join(folder, 'checks.json');
    const cases = [
      {
        id: 'good',
        kind: 'value',
        input: { mm: 25.4 },
        expected: { pt: 72 },
        compare: { abs: 1e-9 },
      },
      { id: 'wrong', kind: 'value', input: { mm: 25.4 }, expected: { pt: 71, px: 1 }, compare: {} },
    ];
    writeFileSync(file, JSON.stringify({ topic: 'drawing-standards', cases }));
    const { code, out } = await run('./checks.ts', file);
    expect(code).toBe(1);
    expect(out).toContain('FAIL drawing-standards wrong pt: expected 71, got 72');
    expect(out).toContain('not covered, drawing-standards: wrong px');
    expect(out.trim().split('\n').at(-1)).toBe('1 passed, 1 failed');
  });

  it('ends with 0 where all agree, and with 1 on a file that is none', async () => {
    const good = await run('./checks.ts', at('../core/checks/data/springback.json'));
    expect(good.code).toBe(0);
    expect(good.out.trim()).toMatch(/^\d+ passed, 0 failed$/);
    const bad = await run('./checks.ts', at('../README.md'));
    expect(bad.code).toBe(1);
    expect(bad.error).toContain('README.md');
  });
});
