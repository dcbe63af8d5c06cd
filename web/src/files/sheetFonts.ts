import numberUrl from '@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-400-normal.woff?url';
import labelUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import titleUrl from '@fontsource/alegreya/files/alegreya-latin-700-normal.woff?url';
import type { SheetFonts } from '@keen-sinew/core/pdf';

/** The fonts of the printed sheets, fetched when the first sheet is made. */
export async function sheetFonts(): Promise<SheetFonts> {
  const load = async (url: string): Promise<Uint8Array> => {
    const response = await fetch(url);
    if (!response.ok) throw new Error(`a font of the sheets is missing (${response.status})`);
    return new Uint8Array(await response.arrayBuffer());
  };
  const [label, number, title] = await Promise.all([
    load(labelUrl),
    load(numberUrl),
    load(titleUrl),
  ]);
  return { label, number, title };
}
