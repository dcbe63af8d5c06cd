import * as say from './words.ts';
import {
  coatCsv,
  coatSheets,
  drawingSvg,
  flatSkins,
  stampSheet,
  type Drawing,
  type Plan,
  type Workpiece,
} from '@keen-sinew/core';
import type { Ref } from 'vue';
import { downloadText } from './download.ts';

/** A file that the open piece goes out as. */
export interface PieceFile {
  readonly id: string;
  readonly title: string;
  readonly what: string;
  readonly make: () => void;
}

/** Makes drawings into a PDF under a name, and waits for the coat where they need it. */
export type MakePdf = (
  name: string,
  drawings: () => readonly Drawing[],
  withCoat: boolean,
) => Promise<void>;

/** What files of the coat are made from and with. */
export interface CoatOf {
  readonly piece: Readonly<Ref<Workpiece>>;
  readonly plan: Readonly<Ref<Plan>>;
  readonly problem: Ref<string | null>;
  readonly pdf: MakePdf;
  readonly dxf: (name: string, drawing: Drawing) => Promise<void>;
}

/** The coat on paper and as a table, the skin laid flat and stamps as drawings of their own. */
export function coatFiles({ piece, plan, problem, pdf, dxf }: CoatOf): readonly PieceFile[] {
  const { id } = piece.value;
  const coat = (): readonly Drawing[] => {
    if (plan.value.coat === null) throw new Error(say.bodyIsStillBeing);
    return coatSheets(plan.value);
  };
  const flats = (make: (drawing: Drawing) => void): void => {
    const sheets = [...flatSkins(plan.value), ...plan.value.skin.stamps.map(stampSheet)];
    problem.value = sheets.length === 0 ? say.nothingLaidFlat : null;
    sheets.forEach(make);
  };
  return [
    {
      id: 'coat',
      title: say.coatPdf,
      what: say.coatFromAllSides,
      make: () => void pdf('coat', coat, true),
    },
    {
      id: 'coat.csv',
      title: say.coatCsv,
      what: say.zonesWithTheirNumbers,
      make: () => downloadText(`${id}-coat.csv`, coatCsv(plan.value.skin), 'text/csv'),
    },
    {
      id: 'flat.svg',
      title: say.flatSvg,
      what: say.skinAndStamps,
      make: () =>
        flats((drawing) =>
          downloadText(`${id}-${drawing.id}.svg`, drawingSvg(drawing), 'image/svg+xml'),
        ),
    },
    {
      id: 'flat.dxf',
      title: say.flatDxf,
      what: say.skinAndStamps,
      make: () => flats((drawing) => void dxf(drawing.id, drawing)),
    },
  ];
}
