import numberUrl from '@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-400-normal.woff?url';
import labelUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import labelExtUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import numberExtUrl from '@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-ext-400-normal.woff?url';
import greekUrl from '@fontsource/alegreya/files/alegreya-greek-400-normal.woff?url';
import cyrillicUrl from '@fontsource/alegreya/files/alegreya-cyrillic-400-normal.woff?url';
import cyrillicExtUrl from '@fontsource/alegreya/files/alegreya-cyrillic-ext-400-normal.woff?url';
import titleExtUrl from '@fontsource/alegreya/files/alegreya-latin-ext-700-normal.woff?url';
import titleGreekUrl from '@fontsource/alegreya/files/alegreya-greek-700-normal.woff?url';
import titleCyrillicUrl from '@fontsource/alegreya/files/alegreya-cyrillic-700-normal.woff?url';
import titleCyrillicExtUrl from '@fontsource/alegreya/files/alegreya-cyrillic-ext-700-normal.woff?url';
import titleUrl from '@fontsource/alegreya/files/alegreya-latin-700-normal.woff?url';
import type { SheetFonts } from '@keen-sinew/core/pdf';

/** Scripts that the letter of labels and numbers lacks are set in that of the titles. */
const PLAIN = [greekUrl, cyrillicUrl, cyrillicExtUrl];
const BOLD = [titleExtUrl, titleGreekUrl, titleCyrillicUrl, titleCyrillicExtUrl];

/** The fonts of the printed sheets, fetched when the first sheet is made. */
export async function sheetFonts(): Promise<SheetFonts> {
  const load = async (url: string): Promise<Uint8Array> => {
    const response = await fetch(url);
    if (!response.ok) throw new Error(`a font of the sheets is missing (${response.status})`);
    return new Uint8Array(await response.arrayBuffer());
  };
  const loadAll = (urls: readonly string[]): Promise<Uint8Array[]> => Promise.all(urls.map(load));
  const [label, number, title] = await Promise.all([
    load(labelUrl),
    load(numberUrl),
    load(titleUrl),
  ]);
  const others = async (): ReturnType<SheetFonts['others']> => {
    const [ofLabel, ofNumber, ofTitle] = await Promise.all(
      [[labelExtUrl, ...PLAIN], [numberExtUrl, ...PLAIN], BOLD].map(loadAll),
    );
    return { label: ofLabel!, number: ofNumber!, title: ofTitle! };
  };
  return { label, number, title, others };
}
