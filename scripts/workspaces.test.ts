import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const ROOT = fileURLToPath(new URL('../', import.meta.url));
/** Where the sources of each workspace lie. */
const SOURCES: Readonly<Record<string, readonly string[]>> = {
  core: ['core/src', 'core/checks'],
  web: ['web/src'],
  server: ['server/src'],
  '.': ['scripts', 'e2e'],
};
const IMPORT = /(?:\bfrom|\bimport\(|^import)\s*'((?:@[\w.-]+\/)?[a-z][\w.-]*)(?:\/[^']*)?'/gm;

/** Packages that the files of a folder import, by name. */
function importedIn(folder: string): ReadonlySet<string> {
  const files = readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' });
  const names = files
    .filter((file) => /\.(ts|vue|mjs)$/.test(file))
    .flatMap((file) => [...readFileSync(join(ROOT, folder, file), 'utf8').matchAll(IMPORT)])
    .map((match) => match[1]!);
  return new Set(names.filter((name) => !/^(node|virtual)$/.test(name)));
}

interface Manifest {
  readonly dependencies?: Readonly<Record<string, string>>;
  readonly devDependencies?: Readonly<Record<string, string>>;
}
const manifestOf = (workspace: string): Manifest =>
  JSON.parse(readFileSync(join(ROOT, workspace, 'package.json'), 'utf8')) as Manifest;

describe.each(Object.entries(SOURCES))('the workspace %s', (workspace, folders) => {
  const { dependencies = {}, devDependencies = {} } = manifestOf(workspace);

  it('declares every package that it imports', () => {
    const imported = folders.flatMap((folder) => [...importedIn(folder)]);
    expect(imported.length).toBeGreaterThan(0);
    const declared = new Set([...Object.keys(dependencies), ...Object.keys(devDependencies)]);
    expect([...new Set(imported)].filter((name) => !declared.has(name))).toEqual([]);
  });

  it('pins every version exactly', () => {
    for (const [name, version] of Object.entries({ ...dependencies, ...devDependencies }))
      expect(version, name).toMatch(/^\d+\.\d+\.\d+(-[\w.]+)?$/);
  });
});
