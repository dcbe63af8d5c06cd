import * as say from './words.ts';
import {
  careSheet,
  diarySheet,
  stepCards,
  stepPackHtml,
  suppliesCsv,
  type BenchPlan,
  type Drawing,
  type Plan,
  type UnitSystem,
  type Workpiece,
} from '@keen-sinew/core';
import type { Ref } from 'vue';
import type { MakePdf, PieceFile } from './coatFiles.ts';
import { downloadBlob, downloadText } from './download.ts';

/** What files of the bench are made from and with. */
interface BenchOf {
  readonly piece: Readonly<Ref<Workpiece>>;
  readonly plan: Readonly<Ref<Plan>>;
  readonly system: Readonly<Ref<UnitSystem>>;
  readonly problem: Ref<string | null>;
  readonly pdf: MakePdf;
  /** Asks for the coat and waits until it stands; throws where it cannot be had. */
  readonly coatThere: () => Promise<void>;
}

/** Step cards, the diary, what goes with the finished piece, the step pack for a phone, and the lots of the workshop. */
// eslint-disable-next-line max-lines-per-function -- one table of files
export function benchFiles(of: BenchOf): readonly PieceFile[] {
  const { piece, plan, system, problem, pdf, coatThere } = of;
  const bench = (): BenchPlan => {
    if (plan.value.bench === null) throw new Error(say.bodyIsStillBeing);
    return plan.value.bench;
  };
  const cards = (aPage: 1 | 4) => (): readonly Drawing[] => {
    bench();
    return stepCards(plan.value, aPage);
  };
  async function told(make: () => Promise<void>): Promise<void> {
    problem.value = null;
    try {
      await make();
    } catch (error) {
      problem.value = say.sheetsCouldNotBe((error as Error).message);
    }
  }
  return [
    {
      id: 'step-cards-4',
      title: say.stepCardsFour,
      what: say.stepsWithPictures,
      make: () => void pdf('step-cards', cards(4), true),
    },
    {
      id: 'step-cards-1',
      title: say.stepCardsOne,
      what: say.stepsWithPictures,
      make: () => void pdf('step-cards-large', cards(1), true),
    },
    {
      id: 'step-pack',
      title: say.stepPack,
      what: say.stepPackWhat,
      make: () =>
        void told(async () => {
          await coatThere();
          bench();
          downloadText(
            `${piece.value.id}-steps.html`,
            stepPackHtml(plan.value, system.value),
            'text/html',
          );
        }),
    },
    {
      id: 'diary',
      title: say.diaryPdf,
      what: say.diaryWhat,
      make: () => void pdf('diary', () => [diarySheet(plan.value, bench())], false),
    },
    {
      id: 'diary-zip',
      title: say.diaryZipped,
      what: say.diaryZippedWhat,
      make: () =>
        void told(async () => {
          const { diaryZip } = await import('./diaryZip.ts');
          downloadBlob(`${piece.value.id}-diary.zip`, await diaryZip(piece.value, bench()));
        }),
    },
    {
      id: 'care',
      title: say.carePdf,
      what: say.careWhat,
      make: () => void pdf('care', () => [careSheet(plan.value, bench())], false),
    },
    {
      id: 'supplies',
      title: say.suppliesTable,
      what: say.suppliesWhat,
      make: () =>
        downloadText('supplies.csv', suppliesCsv(piece.value.atHand.supplies), 'text/csv'),
    },
  ];
}
