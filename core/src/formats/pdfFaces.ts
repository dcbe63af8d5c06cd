import fontkit from '@pdf-lib/fontkit';
import type { PDFDocument, PDFFont } from 'pdf-lib';

/** The three voices of a sheet. */
export type Voice = 'label' | 'number' | 'title';

/** Font files (static WOFF or TTF): one for each voice, and those for signs that it lacks. */
export interface SheetFonts extends Readonly<Record<Voice, Uint8Array>> {
  /** Further files of each voice, the first that has a sign is taken; asked for only when one is lacking. */
  readonly others: () => Promise<Readonly<Record<Voice, readonly Uint8Array[]>>>;
}

/** A piece of text in one font. */
interface Run {
  readonly text: string;
  readonly font: PDFFont;
}

/** A voice of the sheets that can say more than one font has. */
export interface Face {
  /** The text in the fonts that have its signs; signs that none has are left out. */
  readonly runs: (text: string) => readonly Run[];
  /** Width in PDF points at a size in points. */
  readonly widthOf: (text: string, size: number) => number;
  readonly widthOfRun: (run: Run, size: number) => number;
}

export interface Faces extends Readonly<Record<Voice, Face>> {
  /** Signs of these texts that no font has. */
  readonly leftOut: readonly string[];
}

const VOICES = ['label', 'number', 'title'] as const;

/** Signs that a font file has. */
const signsOf = (bytes: Uint8Array): ReadonlySet<number> =>
  new Set((fontkit.create(bytes) as unknown as { characterSet: readonly number[] }).characterSet);

const signsIn = (texts: readonly string[]): readonly number[] => [
  ...new Set(texts.flatMap((text) => [...text].map((sign) => sign.codePointAt(0)!))),
];

/**
 * Embeds what these texts need, by voice, and no more: a font of other scripts only where one of its
 * signs is said.
 */
export async function facesFor(
  document: PDFDocument,
  fonts: SheetFonts,
  texts: Readonly<Record<Voice, readonly string[]>>,
): Promise<Faces> {
  document.registerFontkit(fontkit);
  const embed = (bytes: Uint8Array): Promise<PDFFont> =>
    document.embedFont(bytes, { subset: true });
  let others: Awaited<ReturnType<SheetFonts['others']>> | null = null;
  const leftOut = new Set<number>();
  const made: Partial<Record<Voice, Face>> = {};
  for (const voice of VOICES) {
    const own = signsOf(fonts[voice]);
    const known: { readonly font: PDFFont; readonly signs: ReadonlySet<number> }[] = [
      { font: await embed(fonts[voice]), signs: own },
    ];
    let lacking = signsIn(texts[voice]).filter((sign) => !own.has(sign));
    if (lacking.length > 0) others ??= await fonts.others();
    for (const bytes of others?.[voice] ?? []) {
      const signs = signsOf(bytes);
      if (!lacking.some((sign) => signs.has(sign))) continue;
      known.push({ font: await embed(bytes), signs });
      lacking = lacking.filter((sign) => !signs.has(sign));
    }
    for (const sign of lacking) leftOut.add(sign);
    made[voice] = faceOf(known);
  }
  return {
    ...(made as Record<Voice, Face>),
    leftOut: [...leftOut].map((sign) => String.fromCodePoint(sign)),
  };
}

function faceOf(
  known: readonly { readonly font: PDFFont; readonly signs: ReadonlySet<number> }[],
): Face {
  const runs = (text: string): readonly Run[] => {
    const made: { text: string; font: PDFFont }[] = [];
    for (const sign of text) {
      const font = known.find(({ signs }) => signs.has(sign.codePointAt(0)!))?.font;
      if (font === undefined) continue;
      const last = made.at(-1);
      if (last?.font === font) last.text += sign;
      else made.push({ text: sign, font });
    }
    return made;
  };
  // The same words stand on many pages, and laying letters out is slow.
  const widths = new Map<string, number>();
  const widthOfRun = ({ text, font }: Run): number => {
    const key = `${font.name} ${text}`;
    const before = widths.get(key);
    if (before !== undefined) return before;
    const width = font.widthOfTextAtSize(text, 1);
    widths.set(key, width);
    return width;
  };
  return {
    runs,
    widthOf: (text, size) => runs(text).reduce((sum, run) => sum + size * widthOfRun(run), 0),
    widthOfRun: (run, size) => size * widthOfRun(run),
  };
}
