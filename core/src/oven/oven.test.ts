import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { heatFlow } from '../cure/heatFlow.ts';
import { roundBody } from '../cure/heatCases.ts';
import { ovenFilm } from '../cure/heatRequest.ts';
import { planPiece } from '../plan.ts';
import { snagSentence } from '../piece/snag.ts';
import { DEFECTS, type OvenLog } from '../piece/cureSchema.ts';
import { sentenceText } from '../piece/step.ts';
import { changed, otterPiece, wholePlan } from '../testing/samples.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { learntFilm } from './learntFilm.ts';
import {
  celsiusAt,
  meanC,
  minutesAbove,
  spellsAtLeast,
  traceFacts,
  type OvenTrace,
} from './ovenTrace.ts';
import { airAtSecond, settledAt, warmingCPerMin } from './settled.ts';

/** An oven that warms towards a temperature, with an overshoot that dies away. */
const air = (settlesC: number, minutes: number, overK = 0): OvenTrace =>
  Array.from({ length: minutes + 1 }, (_, min): [number, number] => [
    min,
    settlesC -
      (settlesC - 20) * Math.exp(-min / 6) +
      overK * (min / 12) ** 2 * Math.exp(2 - min / 6),
  ]);
const logOf = (trace: OvenTrace, part: Partial<OvenLog> = {}): OvenLog => ({
  ...{ id: 'log-9', bake: 'finish', on: '2026-05-02', dialC: 122, by: 'probe' },
  readings: trace.map(([min, airC]) => ({ min, airC, ballC: null })),
  ...{ ballMm: null, note: '' },
  ...part,
});
/** With its shape and its heat, so that the clay of each bake is known. */
const planOf = (piece: Workpiece) => wholePlan(piece, true);
const baked = (...log: OvenLog[]): Workpiece => changed(otterPiece(), 'cure', { log });
const recordOf = (log: OvenLog) => planOf(baked(log)).oven.records[0]!;

describe('a trace', () => {
  const traces = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 20, max: 180 })), {
      minLength: 2,
      maxLength: 20,
    })
    .map((steps) => {
      let at = 0;
      return steps.map(([by, celsius]): [number, number] => [(at += by), celsius]);
    });

  it('has as many minutes at or above a level as a fine clock counts', () => {
    fc.assert(
      fc.property(traces, fc.integer({ min: 30, max: 170 }), (trace, level) => {
        const [from, to] = [trace[0]![0], trace.at(-1)![0]];
        const ticks = 20_000;
        const counted = Array.from({ length: ticks }, (_, i) =>
          celsiusAt(trace, from + ((i + 0.5) / ticks) * (to - from)),
        );
        const share = (of: (celsius: number) => boolean): number =>
          (counted.filter(of).length / ticks) * (to - from);
        const facts = traceFacts(trace, level, level);
        const off = (3 * trace.length * (to - from)) / ticks;
        expect(Math.abs(facts.minutesAtLeast - share((c) => c >= level))).toBeLessThan(off);
        expect(Math.abs(facts.minutesAbove - share((c) => c > level))).toBeLessThan(off);
        expect(facts.minutesAbove).toBeLessThanOrEqual(facts.minutesAtLeast + 1e-9);
        expect(minutesAbove(trace, level)).toBe(facts.minutesAbove);
        const mean = counted.reduce((a, b) => a + b, 0) / ticks;
        expect(meanC(trace, from, to)).toBeCloseTo(mean, 1);
        for (const { fromMin, toMin } of spellsAtLeast(trace, level))
          expect(celsiusAt(trace, (fromMin + toMin) / 2)).toBeGreaterThanOrEqual(level - 1e-9);
      }),
      { seed: 8, numRuns: 30 },
    );
  });

  it('is read second by second as it is read anywhere', () => {
    const trace = air(130, 60, 20);
    const at = airAtSecond(trace);
    for (const second of [0, 30, 61, 600, 599, 3000, 3600, 4000, 12])
      expect(at(second)).toBeCloseTo(celsiusAt(trace, second / 60), 12);
  });

  it('settles where the oven is after its overshoot, and tells how fast it warmed', () => {
    const settled = settledAt(air(130, 90, 40))!;
    expect(settled.meanC).toBeCloseTo(130, 0);
    // From a fifth to four fifths of the way an exponential of 6 min takes 6 ln 4 minutes.
    expect(warmingCPerMin(air(130, 90))).toBeCloseTo((0.6 * 110) / (6 * Math.log(4)), 0);
    const preheated: OvenTrace = [
      [0, 128],
      [30, 130],
      [60, 129],
    ];
    expect(warmingCPerMin(preheated)).toBeNull();
    expect(settledAt([[0, 20]])).toBeNull();
  });
});

describe('the film of an oven', () => {
  const { figures } = planPiece(otterPiece()).cure;
  const { clay, density } = figures;
  const ballIn = (film: number): OvenLog => {
    const trace = air(130, 90);
    const { innermost } = heatFlow(
      roundBody('sphere', 20),
      {
        ...{ conductivity: clay.conductivity[2], specificHeat: clay.specificHeat[2], film },
        densityKgM3: density.value * 1000,
      },
      20,
      airAtSecond(trace),
      5,
      90 * 12,
    );
    return logOf(trace, {
      ballMm: 20,
      readings: trace.map(([min, airC]) => ({ min, airC, ballC: innermost[min * 12]! })),
    });
  };

  it.each([8, 14, 30])('of %i is found again from a ball of clay', (film) => {
    const found = learntFilm(ballIn(film), figures)!;
    expect(found.value / film).toBeCloseTo(1, 1);
    expect(found.range![0]).toBeLessThanOrEqual(found.value);
    expect(found.range![1]).toBeGreaterThanOrEqual(found.value);
  });

  it('is none without a ball, and narrows the next bake once it is taken over', () => {
    expect(learntFilm(logOf(air(130, 90)), figures)).toBeNull();
    const learnt = {
      on: '2026-05-02',
      warmingCPerMin: 11,
      film: { typical: 14, low: 13, high: 15 },
    };
    const piece = changed(otterPiece(), 'cure', { ovenLearnt: learnt });
    expect(ovenFilm(piece.cure)).toEqual([13, 15, 14]);
    const width = (of: Workpiece): number => {
      const { typical, slowest } = planOf(of).cure.request!.cases[0]!;
      return slowest.film / typical.film;
    };
    expect(width(piece)).toBeGreaterThan(width(otterPiece()));
    expect(planOf(piece).cure.stages[0]!.preheat!.value).toBeCloseTo(110 / 11, 6);
    // Nobody has watched it yet: a usual small oven.
    expect(planOf(otterPiece()).cure.stages[0]!.preheat).toMatchObject({
      value: 11,
      provenance: 'memory',
    });
  });
});

describe('the verdict', () => {
  it.each([
    ['enough', air(131, 150), null],
    ['short', air(131, 50), 'under-baked'],
    ['cool', air(112, 200), 'under-baked'],
    ['hot', [...air(131, 150), [151, 175.5], [152, 131]] as OvenTrace, null],
    ['scorched', air(131, 150, 75), 'scorched'],
  ] as const)('is %s', (verdict, trace, defect) => {
    const record = recordOf(logOf(trace));
    expect([record.verdict, record.defect]).toEqual([verdict, defect]);
    expect(record.advice.length).toBeGreaterThan(1);
  });

  it('holds the innermost clay against the hold, by the heat flow in the air as it was', () => {
    const record = recordOf(logOf(air(131, 150)));
    expect(record.places).toHaveLength(record.stage.cases.length);
    // In air that is at the oven's heat from the start, it is hot no later.
    const quick = recordOf(
      logOf([
        [0, 131],
        [150, 131],
      ]),
    );
    record.places.forEach(({ reachMin }, i) =>
      expect(quick.places[i]!.reachMin!).toBeLessThan(reachMin!),
    );
    expect(record.offset!.value).toBeCloseTo(9, 0);
  });

  it('of a failed bake is a snag until it is baked again or mended', () => {
    const told = (piece: Workpiece): readonly string[] =>
      planOf(piece)
        .snags.filter(({ code }) => code === 'bake-failed')
        .map((snag) => snagSentence(snag));
    const short = logOf(air(131, 50));
    expect(told(baked(short))[0]).toMatch(/^The bake of the finish on 2026-05-02 was too short/);
    expect(told(baked(short, logOf(air(131, 150), { id: 'log-10' })))).toEqual([]);
    const defect = {
      id: 'd',
      kind: 'under-baked',
      bake: 'finish',
      where: '',
      on: '2026-05-02',
    } as const;
    expect(told(changed(baked(short), 'cure', { defects: [defect] }))).toEqual([]);
  });

  it('is given to no trace of a bake that the plan no longer has, and the trace is kept', () => {
    const { oven } = planOf(baked(logOf(air(131, 90), { bake: 'parts' })));
    expect([oven.records, oven.strange.map(({ id }) => id)]).toEqual([[], ['log-9']]);
  });
});

describe('mending', () => {
  const withDefect = (kind: (typeof DEFECTS)[number], piece = otterPiece()): Workpiece =>
    changed(piece, 'cure', {
      defects: [{ id: 'd1', kind, bake: 'finish', where: 'left ear', on: '2026-05-02' }],
    });

  it.each(DEFECTS)('of %s stands in the work, after its bake and before any paint', (kind) => {
    const plan = planOf(withDefect(kind));
    const ids = plan.bench!.steps.map(({ id }) => id);
    const own = plan.oven.mends[0]!.steps;
    expect(own.length).toBeGreaterThan(0);
    for (const { id, title } of own) {
      expect(title).toContain('left ear');
      expect(ids.indexOf(id)).toBeGreaterThan(ids.indexOf('cure.finish'));
      expect(ids.indexOf(id)).toBeLessThan(ids.indexOf('colour.clean'));
    }
    expect(plan.oven.mends[0]!.tells.length).toBeGreaterThan(20);
  });

  it('of an under-bake is the whole bake again, of a crack one for the filling', () => {
    const stepOf = (kind: (typeof DEFECTS)[number]) =>
      planOf(withDefect(kind)).oven.mends[0]!.steps.at(-1)!;
    const { stages, figures } = planOf(otterPiece()).cure;
    expect(stepOf('under-baked').duration!.value).toBe(stages.at(-1)!.bake!.value);
    expect(stepOf('crack').duration!.value).toBe(figures.time.value);
  });

  it('says what paint stands once it is painted', () => {
    const done = { 'colour.primer': { on: '2026-05-03', minutes: null, note: '' } };
    const painted = { ...withDefect('crack'), bench: { ...otterPiece().bench, done } };
    const text = (piece: Workpiece): string =>
      planOf(piece)
        .oven.mends[0]!.steps.map(({ sentence }) => sentenceText(sentence))
        .join(' ');
    expect(text(painted)).toContain('varnish does not');
    expect(text(withDefect('crack'))).not.toContain('varnish');
  });
});
