import { A4, coatSheets, done, NO_ANSWERS, planPiece, type Workpiece } from '../core/src/index.ts';
import { sheetsPdf } from '../core/src/formats/pdf.ts';
import { drawingSvg } from '../core/src/formats/svg.ts';
import { JOB_KINDS } from '../core/src/jobs/jobKinds.ts';
import { directionMap } from '../core/src/sheets/skin/directionMap.ts';
import { sheetFonts } from './sheetFonts.ts';

/** Median of some runs, ms. */
export function median(runs: number, act: (i: number) => unknown): number {
  const each = Array.from({ length: runs }, (_, i) => {
    const start = performance.now();
    act(i);
    return performance.now() - start;
  });
  return each.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

/** A time of the coat, and what it should be. */
export interface CoatTime {
  readonly name: string;
  readonly ms: number;
  readonly aim: string;
}

/** How long the coat of a piece takes once its skin stands, coarse and fine, as after a guide was moved; and its strokes as a drawing. */
export async function coatTimes(piece: Workpiece): Promise<readonly CoatTime[]> {
  const { body, surface } = planPiece(piece).jobs;
  const answers = { ...NO_ANSWERS, body: done(body), surface: done(surface) };
  const job = planPiece(piece, answers).jobs.coat!;
  /** Another guide each time. */
  const moved = (i: number) => ({
    ...job.input,
    choice: {
      ...job.input.choice,
      marks: [
        {
          ...({ id: 'guide', kind: 'guide', mirrored: true, turnDeg: 0, radiusMm: 20 } as const),
          places: [40, 60 + i].map((around) => ({ boneId: 'thoracic', along: 0.5, around })),
        },
      ],
    },
  });
  JOB_KINDS.coat.run(moved(-1));
  JOB_KINDS.coat.coarse(moved(-1));
  const plan = planPiece(piece, { ...answers, coat: done(job) });
  const many = job.input.choice.zones.reduce((sum, zone) => sum + zone.many, 0);
  const start = performance.now();
  const { bytes } = await sheetsPdf(piece.name, coatSheets(plan), A4, await sheetFonts());
  const pdfMs = performance.now() - start;
  return [
    {
      name: `map after a guide, ${many} strokes, coarse`,
      ms: median(5, (i) => JOB_KINDS.coat.coarse(moved(i))),
      aim: 'under 200 ms',
    },
    {
      name: `map after a guide, ${many} strokes, fine`,
      ms: median(3, (i) => JOB_KINDS.coat.run(moved(i))),
      aim: 'under 2 s',
    },
    {
      name: 'its strokes from the side, as SVG',
      ms: median(5, () => drawingSvg(directionMap(plan, 'side', 'strokes')!)),
      aim: '',
    },
    {
      name: `its sheets as PDF, ${(bytes.length / 1e6).toFixed(1)} MB`,
      ms: pdfMs,
      aim: 'under 5 s and 20 MB',
    },
  ];
}
