import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const ANIMALS = join(import.meta.dirname, '../core/src/anatomy/animals');

/** The files of a folder that hold an animal each. */
export const animalFiles = (folder: string): readonly string[] =>
  readdirSync(folder)
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && name !== 'index.ts')
    .filter((name) => /^export const [A-Z_0-9]+: Animal\b/m.test(read(folder, name)))
    .toSorted();

const read = (folder: string, name: string): string => readFileSync(join(folder, name), 'utf8');

/** The text of a folder's index: every animal that lies there, in the order of their files. */
export function indexText(folder: string): string {
  const all = animalFiles(folder).map((file) => ({
    file,
    name: /^export const ([A-Z_0-9]+): Animal\b/m.exec(read(folder, file))![1]!,
  }));
  return [
    '// Written by `npm run animals`: every animal that lies in this folder. Do not edit.',
    "import type { Animal } from '../animal.ts';",
    ...all.map(({ file, name }) => `import { ${name} } from './${file}';`),
    '',
    '/** Every animal that ships, in the order of their files. */',
    'export const ANIMALS: readonly Animal[] = Object.freeze([',
    ...all.map(({ name }) => `  ${name},`),
    ']);',
    '',
  ].join('\n');
}

if (process.argv[1] === import.meta.filename) {
  const [path, text] = [join(ANIMALS, 'index.ts'), indexText(ANIMALS)];
  if (readFileSync(path, 'utf8') !== text) {
    writeFileSync(path, text);
    process.stdout.write(`The library now has ${animalFiles(ANIMALS).length} animals\n`);
  }
}
