import * as say from './words.ts';
import {
  cardSheets,
  basePlanDrawing,
  bendsCsv,
  cutListCsv,
  bladeDrawings,
  drawingSvg,
  fittingSheets,
  elevation,
  foundCsv,
  headDrawings,
  pieceText,
  planJson,
  planSheets,
  shoppingCsv,
  stepsCsv,
  wireStrips,
  type BenchPlan,
  type Drawing,
  type View,
} from '@keen-sinew/core';
import { until } from '@vueuse/core';
import { computed, ref, type Ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { useUnits } from '../composables/useUnits.ts';
import { useSettingsStore } from '../stores/settingsStore.ts';
import { benchFiles } from './benchFiles.ts';
import { markingFiles } from './markingFiles.ts';
import { colourFiles } from './colourFiles.ts';
import { coatFiles, type PieceFile } from './coatFiles.ts';
import { featherFiles } from './featherFiles.ts';
import { downloadBlob, downloadText } from './download.ts';
import { sheetsBlob } from './sheetsBlob.ts';
import { useArchive, type ArchiveState } from './useArchive.ts';

/** The files of the open piece, what is being made, and what could not be. */
// eslint-disable-next-line max-lines-per-function -- one table of files, over one piece
export function usePieceFiles(): {
  readonly files: readonly PieceFile[];
  readonly makeSheets: () => void;
  /** The head by itself, with its lines and lengths. */
  readonly makeHead: () => void;
  readonly busy: Readonly<Ref<boolean>>;
  readonly problem: Readonly<Ref<string | null>>;
  /** The archive that is being packed. */
  readonly packing: ArchiveState;
} {
  const { piece, plan, work, askCoat } = usePiecePlan();
  const settings = useSettingsStore();
  const { system } = useUnits();
  const busy = ref(false);
  const problem = ref<string | null>(null);

  async function makePdf(drawings: readonly Drawing[]): Promise<Blob> {
    const { blob, leftOut } = await sheetsBlob(piece.value.name, drawings, settings);
    if (leftOut.length > 0) problem.value = say.signsLeftOut(leftOut.join(' '));
    return blob;
  }

  /** Whether the coat stands, or something that it waits for cannot be had. */
  const coatFails = computed(() =>
    [work.body, work.surface, work.coat].some(
      ({ problem: failed, cancelled }) => failed.value !== null || cancelled.value,
    ),
  );
  const coatStands = computed(() => {
    const { answer } = work.coat;
    const asked = plan.value.jobs.coat?.key;
    const isThere = answer.value?.fine === true && answer.value.key === asked;
    return isThere || coatFails.value;
  });

  /** Sheets without a part of them are no shop sheets. */
  async function coatThere(): Promise<void> {
    askCoat();
    await until(coatStands).toBe(true);
    if (coatFails.value) throw new Error(say.coatCannotBeHad);
  }

  async function pdf(
    name: string,
    drawings: () => readonly Drawing[],
    withCoat = false,
  ): Promise<void> {
    busy.value = true;
    problem.value = null;
    try {
      if (withCoat) await coatThere();
      downloadBlob(`${piece.value.id}-${name}.pdf`, await makePdf(drawings()));
    } catch (error) {
      problem.value = say.sheetsCouldNotBe((error as Error).message);
    } finally {
      busy.value = false;
    }
  }

  /** All shop sheets; they wait for the body, rather than leaving half of themselves out. */
  function shopSheets(): readonly Drawing[] {
    if (plan.value.bench === null) throw new Error(say.bodyIsStillBeing);
    return planSheets(plan.value);
  }
  function heads(): readonly Drawing[] {
    const drawings = headDrawings(plan.value);
    if (drawings.length === 0) throw new Error(say.bodyIsStillBeing);
    return drawings;
  }
  function cards(): readonly Drawing[] {
    const sheets = cardSheets(plan.value);
    if (sheets.length === 0) throw new Error(say.noWireOfThis);
    return sheets;
  }

  const packing = useArchive(say.archiveCouldNotBe);
  async function archive(): Promise<void> {
    const of = piece.value;
    const blob = await packing.run(async (told, signal) =>
      (await import('./pieceZip.ts')).pieceZip(of, told, signal),
    );
    if (blob !== null) downloadBlob(`${of.id}.zip`, blob);
  }

  /** Files that wait for the body say so, rather than leaving half of themselves out. */
  function fromBench(name: string, make: (bench: BenchPlan) => string): void {
    const { bench } = plan.value;
    problem.value = bench ? null : say.bodyIsStillBeingWorked;
    if (bench) downloadText(`${piece.value.id}-${name}.csv`, make(bench), 'text/csv');
  }

  async function dxf(name: string, drawing: Drawing): Promise<void> {
    const { drawingDxf } = await import('@keen-sinew/core/dxf');
    downloadText(`${piece.value.id}-${name}.dxf`, drawingDxf(drawing), 'image/vnd.dxf');
  }

  /** Every sheet of parts made apart and of blades laid flat as a file of its own. */
  function templates(make: (drawing: Drawing) => void): void {
    const sheets = [...fittingSheets(plan.value.fittings), ...bladeDrawings(plan.value)];
    problem.value = sheets.length === 0 ? say.nothingMadeApart : null;
    sheets.forEach(make);
  }

  const files: readonly PieceFile[] = [
    {
      id: 'cards',
      title: say.bendingCardsPdf,
      what: say.everyBendOnCard,
      make: () => void pdf('bending-cards', cards),
    },
    ...coatFiles({ piece, plan, problem, pdf, dxf }),
    ...featherFiles({ piece, plan, problem, pdf, dxf }),
    ...colourFiles({ piece, plan, problem, pdf }),
    ...markingFiles({ piece, plan, problem, pdf, dxf }),
    ...benchFiles({ piece, plan, system, problem, pdf, coatThere }),
    {
      id: 'cut-list',
      title: say.cutListCsv,
      what: say.everyWireWithEach,
      make: () =>
        downloadText(`${piece.value.id}-cut-list.csv`, cutListCsv(plan.value.wire), 'text/csv'),
    },
    {
      id: 'bends',
      title: say.bendMarksCsv,
      what: say.feedMarkTurnAngle,
      make: () =>
        downloadText(`${piece.value.id}-bends.csv`, bendsCsv(plan.value.wire), 'text/csv'),
    },
    ...(['side', 'front'] as const).map((view: View) => ({
      id: `${view}.svg`,
      title: view === 'side' ? say.sideElevationSvg : say.frontElevationSvg,
      what: say.bonesAndOutlineAt,
      make: () =>
        downloadText(
          `${piece.value.id}-${view}.svg`,
          drawingSvg(elevation(plan.value, view, { show: 'bones', dimensions: true })),
          'image/svg+xml',
        ),
    })),
    ...(['side', 'front'] as const).map((view: View) => ({
      id: `${view}.dxf`,
      title: view === 'side' ? say.sideElevationDxf : say.frontElevationDxf,
      what: say.armatureInItsOutline,
      make: () => dxf(view, elevation(plan.value, view, { show: 'wires', dimensions: true })),
    })),
    {
      id: 'wires.dxf',
      title: say.wiresLaidStraightDxf,
      what: say.everyWireWithIts,
      make: () => dxf('wires', wireStrips(plan.value.wire.wires)),
    },
    {
      id: 'base.dxf',
      title: say.drilledBaseDxf,
      what: say.boardWithItsHoles,
      make: () => dxf('base', basePlanDrawing(plan.value.wire.base)),
    },
    {
      id: 'templates.svg',
      title: say.templatesSvg,
      what: say.partsMadeApart,
      make: () =>
        templates((drawing) =>
          downloadText(`${piece.value.id}-${drawing.id}.svg`, drawingSvg(drawing), 'image/svg+xml'),
        ),
    },
    {
      id: 'templates.dxf',
      title: say.templatesDxf,
      what: say.partsMadeApart,
      make: () => templates((drawing) => void dxf(drawing.id, drawing)),
    },
    {
      id: 'steps',
      title: say.stepsCsv,
      what: say.workInOrderWith,
      make: () => fromBench('steps', stepsCsv),
    },
    {
      id: 'shopping',
      title: say.shoppingListCsv,
      what: say.whatToBuyWith,
      make: () => fromBench('shopping', shoppingCsv),
    },
    {
      id: 'plan',
      title: say.wholePlanJson,
      what: say.everyNumberWithIts,
      make: () =>
        downloadText(
          `${piece.value.id}-plan.json`,
          planJson(piece.value, plan.value),
          'application/json',
        ),
    },
    {
      id: 'found',
      title: say.lengthsFoundCsv,
      what: say.whatPicturesTapeAnd,
      make: () =>
        downloadText(
          `${piece.value.id}-found-lengths.csv`,
          foundCsv(plan.value.references),
          'text/csv',
        ),
    },
    {
      id: 'piece',
      title: say.thisPieceJson,
      what: say.yourDecisionsAndMeasurements,
      make: () =>
        downloadText(`${piece.value.id}.json`, pieceText(piece.value), 'application/json'),
    },
    {
      id: 'zip',
      title: say.thisPieceZip,
      what: say.sameWithReferencePictures,
      make: () => void archive(),
    },
  ];
  return {
    files,
    makeSheets: () => void pdf('sheets', shopSheets, true),
    makeHead: () => void pdf('head', heads),
    ...{ busy, problem, packing },
  };
}
