import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('../', import.meta.url));
const IMPORT = /(?:^|\n)(?:import|export)[^;]*?\bfrom\s+'(\.[^']+)'/g;

type Graph = ReadonlyMap<string, readonly string[]>;

/** Which file imports which, types as well: a circle of types is a circle. */
function graphOf(folder: string): Graph {
  const files = readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.(ts|vue)$/.test(file) && !/\.test\.ts$/.test(file))
    .map((file) => join(ROOT, folder, file));
  return new Map(
    files.map((file) => [
      file,
      [...readFileSync(file, 'utf8').matchAll(IMPORT)].map((match) =>
        resolve(dirname(file), match[1]!),
      ),
    ]),
  );
}

/** The first circle that is met, file by file, as paths; undefined where there is none. */
function circleIn(graph: Graph): readonly string[] | undefined {
  const done = new Set<string>();
  const way: string[] = [];
  const visit = (file: string): readonly string[] | undefined => {
    const at = way.indexOf(file);
    if (at >= 0) return way.slice(at).map((each) => relative(ROOT, each));
    if (done.has(file)) return undefined;
    way.push(file);
    for (const next of graph.get(file) ?? []) {
      const found = visit(next);
      if (found !== undefined) return found;
    }
    way.pop();
    done.add(file);
    return undefined;
  };
  for (const file of graph.keys()) {
    const found = visit(file);
    if (found !== undefined) return found;
  }
  return undefined;
}

describe('the house', () => {
  it.each(['core/src', 'core/checks', 'web/src', 'server/src'])(
    'has no circles in %s',
    (folder) => {
      const graph = graphOf(folder);
      expect(graph.size).toBeGreaterThan(0);
      expect(circleIn(graph)).toBeUndefined();
    },
  );

  it('would tell a circle', () => {
    const [a, b, c] = ['a.ts', 'b.ts', 'c.ts'].map((name) => join(ROOT, name)) as [
      string,
      string,
      string,
    ];
    const graph = new Map([
      [a, [b]],
      [b, [c]],
      [c, [b]],
    ]);
    expect(circleIn(graph)).toEqual(['b.ts', 'c.ts']);
  });

  it('has no room in the core that the lint does not know', () => {
    const lint = readFileSync(join(ROOT, 'eslint.config.mjs'), 'utf8');
    const rooms = readdirSync(join(ROOT, 'core/src'), { withFileTypes: true })
      .filter((entry) => entry.isDirectory() && entry.name !== 'testing')
      .map(({ name }) => name);
    expect(rooms.length).toBeGreaterThan(15);
    for (const room of rooms) expect(lint, room).toContain(`'${room}',`);
  });
});
