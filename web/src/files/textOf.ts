import * as say from './words.ts';
import { accepted, refused, type Parsed } from '@keen-sinew/core';

/** Longer texts than any document of ours; they are refused before they fill the memory. */
const MOST_BYTES = 100e6;
const MEGABYTE = 1e6;

/** Whether a file begins with these signs; false where it cannot be read, which reading it then tells. */
export const beginsWith = (file: File, signs: string): Promise<boolean> =>
  file
    .slice(0, signs.length)
    .text()
    .then(
      (head) => head === signs,
      () => false,
    );

/** The text of a chosen file, or a sentence where it is too large or cannot be read. */
export async function textOf(file: File): Promise<Parsed<string>> {
  if (file.size > MOST_BYTES)
    return refused(
      file.name,
      say.megabytes(Math.ceil(file.size / MEGABYTE)),
      say.megabytesAtMost(MOST_BYTES / MEGABYTE),
    );
  try {
    return accepted(await file.text());
  } catch (error) {
    // Moved or removed since it was chosen, or on a medium that is gone.
    return refused(file.name, (error as Error).message, say.fileThatCanBeRead);
  }
}
