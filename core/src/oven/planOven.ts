import * as say from './words.ts';
import type { CurePlan, StagedBake } from '../cure/curePlan.ts';
import { ovenFilm } from '../cure/heatRequest.ts';
import type { Defect, OvenLog } from '../piece/cureSchema.ts';
import type { Snag } from '../piece/snag.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { input, type Working } from '../piece/working.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { mends, type Mend } from './mending.ts';
import type { OvenTrace } from './ovenTrace.ts';
import { settledAt, warmingCPerMin } from './settled.ts';
import { judged, type Judged, type Verdict } from './verdict.ts';

/** A bake that was, judged, with its numbers. */
export interface BakeRecord extends Judged {
  readonly log: OvenLog;
  readonly stage: StagedBake;
  readonly air: OvenTrace;
  /** Minutes of the air as hot as the clay asks, and the longest of them at a stretch. */
  readonly atTemperature: Working;
  readonly longest: Working;
  readonly peak: Working;
  readonly tooHot: Working;
  /** When the slowest clay was hot, and for how long; null where it never was. */
  readonly reached: Working | null;
  readonly held: Working | null;
  /** The oven less its dial, and how fast it warmed; null where the trace does not tell. */
  readonly offset: Working | null;
  readonly warming: Working | null;
  /** What it means, and what to do now. */
  readonly advice: readonly string[];
  /** What of a defect it is; null where it was enough. */
  readonly defect: Defect['kind'] | null;
}

/** What the oven really did, and how what went wrong is mended. */
export interface OvenPlan extends StageResult {
  readonly records: readonly BakeRecord[];
  /** Traces of bakes that the plan no longer has: kept, and not judged. */
  readonly strange: readonly OvenLog[];
  readonly mends: readonly Mend[];
}

/** What it reads. */
export interface OvenInputs {
  readonly choice: Workpiece['cure'];
  readonly cure: CurePlan;
  /** Steps that are done, by id: whether it is painted already. */
  readonly done: Workpiece['bench']['done'];
}

/** Every bake that was, judged against the plan, and the steps that mend what went wrong. */
export function planOven({ choice, cure, done }: OvenInputs): OvenPlan {
  const film = ovenFilm(choice);
  const stageOf = (bake: string): StagedBake | undefined =>
    cure.stages.find(({ id, inOven }) => id === bake && inOven);
  const records = choice.log.flatMap((log) => {
    const stage = stageOf(log.bake);
    return stage === undefined ? [] : [recordOf(log, stage, film, choice.holdMin)];
  });
  const isPainted = Object.keys(done).some((id) => id.startsWith('colour.primer'));
  const mended = mends(choice.defects, cure, isPainted);
  return {
    records,
    strange: choice.log.filter(({ bake }) => stageOf(bake) === undefined),
    mends: mended,
    workings: records.flatMap(numbersOf),
    // Before the clay of the bakes is measured there is nothing to hold a trace against.
    snags: cure.run === null ? [] : failed(records, choice.defects),
    steps: mended.flatMap(({ steps }) => steps),
  };
}

/** The air of a log, its minutes strictly rising: what was typed out of order is put into it. */
const airOf = ({ readings }: OvenLog): OvenTrace => [
  ...new Map(
    readings.toSorted((a, b) => a.min - b.min).map(({ min, airC }) => [min, airC] as const),
  ),
];

/** The numbers of a bake in the order in which one asks for them. */
export const numbersOf = (record: BakeRecord): readonly Working[] =>
  [
    ...[record.atTemperature, record.longest, record.peak, record.tooHot],
    ...[record.reached, record.held, record.offset, record.warming],
  ].filter((working) => working !== null);

function recordOf(
  log: OvenLog,
  stage: StagedBake,
  film: readonly [number, number, number],
  holdMin: number,
): BakeRecord {
  const air = airOf(log);
  const judgement = judged(air, stage, film, holdMin);
  const { facts, slowest, lowC, limitC, verdict } = judgement;
  const number = numbers(log, air);
  const settled = settledAt(air);
  const warming = warmingCPerMin(air);
  const at = input('T', say.lowEnd, lowC, 'degC', 'derived');
  return {
    ...{ log, stage, air, ...judgement },
    atTemperature: number('at', say.atTemperature, facts.minutesAtLeast, 'min', [at]),
    longest: number('longest', say.longestSpell, facts.longestSpellMin, 'min', [at]),
    peak: number('peak', say.peakOfAir, facts.peakC, 'degC', []),
    tooHot: number('above', say.aboveLimit, facts.minutesAbove, 'min', [
      input('T', say.limitOfAll, limitC, 'degC', 'derived'),
    ]),
    reached:
      slowest === null || slowest.reachMin === null
        ? null
        : number('reached', say.slowestHot(slowest.place), slowest.reachMin, 'min', [at], true),
    held:
      slowest === null || slowest.reachMin === null
        ? null
        : number('held', say.slowestHeld(slowest.place), slowest.heldMin, 'min', [at], true),
    offset:
      settled === null
        ? null
        : number('offset', say.settledLessDial, settled.meanC - log.dialC, 'kelvin', [
            input('d', say.dialThen, log.dialC, 'degC', 'own'),
          ]),
    warming: warming === null ? null : number('warming', say.warmsBy, warming, 'K/min', []),
    advice: say.adviceFor(verdict, stage.name.toLowerCase(), stage.kind === 'finish'),
    defect: DEFECT[verdict],
  };
}

const DEFECT: Readonly<Record<Verdict, Defect['kind'] | null>> = {
  enough: null,
  short: 'under-baked',
  cool: 'under-baked',
  hot: null,
  scorched: 'scorched',
};

type NumberOf = (
  id: string,
  label: string,
  value: number,
  unit: Working['unit'],
  inputs: Working['inputs'],
  isSolved?: boolean,
) => Working;

/** Numbers read off one trace. */
const numbers =
  (log: OvenLog, air: OvenTrace): NumberOf =>
  (id, label, value, unit, inputs, isSolved = false) => ({
    id: `oven.${log.id}.${id}`,
    stage: 'cure',
    label,
    value,
    unit,
    provenance: isSolved ? 'derived' : 'measured',
    digits: 1,
    reading: {
      method: isSolved ? say.heatInMeasuredAir : say.straightBetweenReadings,
      resolution: say.readings(air.length),
      checkedBy: isSolved ? 'core/src/oven/oven.test.ts' : 'core/checks/checks.test.ts',
    },
    inputs,
    source: log.by === 'probe' ? say.traceOfProbe(log.on) : say.typedOn(log.on),
  });

/** The last trace of each bake, where it failed and nobody mends it yet. */
function failed(records: readonly BakeRecord[], defects: readonly Defect[]): readonly Snag[] {
  const last = new Map(records.map((record) => [record.log.bake, record]));
  return [...last.values()].flatMap(({ verdict, log, stage, defect }): Snag[] => {
    const isMended = defects.some(({ bake, kind }) => bake === log.bake && kind === defect);
    if (verdict === 'enough' || verdict === 'hot' || isMended) return [];
    return [
      {
        code: 'bake-failed',
        grade: 'fix',
        stage: 'cure',
        target: { kind: 'piece', id: 'oven' },
        facts: { bake: stage.name.toLowerCase(), verdict, on: log.on },
      },
    ];
  });
}
