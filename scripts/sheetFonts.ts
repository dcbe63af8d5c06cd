import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import type { SheetFonts } from '../core/src/formats/pdf.ts';

const FONTS = {
  label:
    '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  number:
    '@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-400-normal.woff',
  title: '@fontsource/alegreya/files/alegreya-latin-700-normal.woff',
} as const;

/** Scripts beyond the plain Latin letters, and the files that have them. */
const SCRIPTS = ['latin-ext', 'greek', 'cyrillic', 'cyrillic-ext'] as const;
const LATIN_EXT = {
  label: FONTS.label.replace('latin-', 'latin-ext-'),
  number: FONTS.number.replace('latin-', 'latin-ext-'),
};
const alegreya = (script: string, weight: number): string =>
  `@fontsource/alegreya/files/alegreya-${script}-${weight}-normal.woff`;

/** The fonts of the application, as files: those that its sheets are printed in. */
export async function sheetFonts(): Promise<SheetFonts> {
  const require = createRequire(import.meta.resolve('../web/package.json'));
  const plain = SCRIPTS.slice(1).map((script) => alegreya(script, 400));
  const load = (name: string): Promise<Buffer> => readFile(require.resolve(name));
  return {
    label: await load(FONTS.label),
    number: await load(FONTS.number),
    title: await load(FONTS.title),
    others: async () => {
      const all = (of: readonly string[]): Promise<Uint8Array[]> => Promise.all(of.map(load));
      return {
        label: await all([LATIN_EXT.label, ...plain]),
        number: await all([LATIN_EXT.number, ...plain]),
        title: await all(SCRIPTS.map((script) => alegreya(script, 700))),
      };
    },
  };
}
