import { PAPERS, type Drawing } from '@keen-sinew/core';
import type { useSettingsStore } from '../stores/settingsStore.ts';

/** Drawings as a PDF on the user's paper, and the signs that no font has; its writer is loaded when it is first asked for. */
export async function sheetsBlob(
  title: string,
  drawings: readonly Drawing[],
  { paper, printer }: Pick<ReturnType<typeof useSettingsStore>, 'paper' | 'printer'>,
): Promise<{ readonly blob: Blob; readonly leftOut: readonly string[] }> {
  const [{ sheetsPdf }, { sheetFonts }] = await Promise.all([
    import('@keen-sinew/core/pdf'),
    import('./sheetFonts.ts'),
  ]);
  const fonts = await sheetFonts();
  const { bytes, leftOut } = await sheetsPdf(title, drawings, PAPERS[paper], fonts, printer);
  return {
    blob: new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/pdf' }),
    leftOut,
  };
}
