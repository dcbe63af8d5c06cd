import * as say from './words.ts';
import {
  drawingSvg,
  flatMarkingSheets,
  markedFeathers,
  markingSheets,
  type Drawing,
} from '@keen-sinew/core';
import type { CoatOf, PieceFile } from './coatFiles.ts';
import { downloadText } from './download.ts';

/** Markings to paint by: on paper, and laid flat and as masks in files of their own. */
export function markingFiles({ piece, plan, problem, pdf, dxf }: CoatOf): readonly PieceFile[] {
  const { id } = piece.value;
  /** Sheets that are there, or a word why none are. */
  const each = (sheets: readonly Drawing[], make: (drawing: Drawing) => void): void => {
    problem.value = sheets.length === 0 ? say.nothingMarked : null;
    sheets.forEach(make);
  };
  const flat = (): readonly Drawing[] => [
    ...flatMarkingSheets(plan.value, 'trace'),
    ...markedFeathers(plan.value),
  ];
  const masks = (): readonly Drawing[] => flatMarkingSheets(plan.value, 'mask');
  const svg = (drawing: Drawing): void =>
    downloadText(`${id}-${drawing.id}.svg`, drawingSvg(drawing), 'image/svg+xml');
  /** Areas are numbered as the colours are: without their skin there are none. */
  function sheets(): readonly Drawing[] {
    if (plan.value.markings.entries === null) throw new Error(say.markingsAreLaid);
    const all = markingSheets(plan.value);
    if (all.length === 0) throw new Error(say.nothingMarked);
    return all;
  }
  return [
    {
      id: 'markings',
      title: say.markingsPdf,
      what: say.numberedAndFlat,
      make: () => void pdf('markings', sheets, false),
    },
    {
      id: 'markings.svg',
      title: say.markingsSvg,
      what: say.flatToTrace,
      make: () => each(flat(), svg),
    },
    {
      id: 'markings.dxf',
      title: say.markingsDxf,
      what: say.flatToTrace,
      make: () => each(flat(), (drawing) => void dxf(drawing.id, drawing)),
    },
    {
      id: 'masks.svg',
      title: say.masksSvg,
      what: say.masksToCut,
      make: () => each(masks(), svg),
    },
    {
      id: 'masks.dxf',
      title: say.masksDxf,
      what: say.masksToCut,
      make: () => each(masks(), (drawing) => void dxf(drawing.id, drawing)),
    },
  ];
}
