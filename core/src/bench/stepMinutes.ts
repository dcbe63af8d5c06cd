import * as say from './words.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import type { Fitting, FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { MassPlan } from '../mass/planMass.ts';
import { input, type WorkingInput } from '../piece/working.ts';
import type { Step } from '../piece/step.ts';

/** What the time of hand work is told from where no stage has counted it. */
export interface MinutesFacts {
  readonly mass: MassPlan;
  readonly colour: ColourPlan;
  readonly fittings: FittingsPlan;
}

/** Usual rates of hand work, from memory of common practice: so much in a minute, or minutes each. */
const RATES = {
  kneadG: 20,
  laidCm2: 4,
  workedOverCm2: 3,
  cleanedCm2: 10,
  brushedCm2: 14,
  foilMinPerM: 4,
  coreMinEach: 5,
  solidMinEach: 12,
  eyeBallMin: 6,
  socketMin: 4,
  lidsMin: 12,
  setMin: 2,
  grownMin: 20,
  drawnMin: 10,
  apartMin: 40,
  tryMin: 5,
  joinMin: 30,
  mixClayMin: 10,
  lookBackMin: 15,
  anyMin: 15,
} as const;
/** Minutes to make one thing of a kind. */
const MAKE_MIN: Readonly<Partial<Record<Fitting['thing'], number>>> = {
  ...{ claw: 3, nail: 3, tooth: 2, whisker: 1, tuft: 3, feeler: 3, spike: 3, boss: 2 },
  ...{ horn: 15, plume: 5, plate: 6, crest: 10, hoof: 6, tongue: 5, ear: 15, wattle: 8 },
};
const MAKE_ANY_MIN = 6;

const told = (label: string, minutes: number): WorkingInput =>
  input('tᵢ', label, minutes, 'min', 'memory');
const each = (label: string, many: number, minutes: number): WorkingInput =>
  told(say.soManyAt(label, many, minutes), many * minutes);

type Rule = (facts: MinutesFacts) => readonly WorkingInput[];
const cm2 = (label: string, area: number, inMinute: number): WorkingInput =>
  told(say.areaAt(label, Math.round(area), inMinute), area / inMinute);
const skinOf = ({ colour }: MinutesFacts): number =>
  colour.zones.reduce((sum, { area, isDetail }) => sum + (isDetail ? 0 : area.value), 0);
const eyesOf = ({ fittings }: MinutesFacts): number =>
  fittings.fittings.find(({ thing }) => thing === 'eye')?.count ?? 0;

/** Steps by their id, with what each takes. */
const BY_ID: Readonly<Record<string, Rule>> = {
  'mass.condition': ({ mass }) => [
    told(
      say.gramsAt(Math.round(mass.clayGrams.value), RATES.kneadG),
      mass.clayGrams.value / RATES.kneadG,
    ),
  ],
  'mass.core': ({ mass }) => [
    told(say.foilPacked, mass.foil.metres.value * RATES.foilMinPerM),
    each(
      say.partsPacked,
      mass.regions.filter(({ coreVolume }) => coreVolume.value > 0).length,
      RATES.coreMinEach,
    ),
  ],
  'mass.shell': ({ mass }) => [cm2(say.laidOver, mass.area.value, RATES.laidCm2)],
  'mass.solid': ({ mass }) => [
    each(
      say.partsBuilt,
      mass.regions.filter(({ coreVolume }) => coreVolume.value === 0).length,
      RATES.solidMinEach,
    ),
  ],
  'mass.work-over': (facts) => [cm2(say.workedOver, skinOf(facts), RATES.workedOverCm2)],
  'parts.eyes': (facts) => [each(say.balls, eyesOf(facts), RATES.eyeBallMin)],
  'parts.sockets': (facts) => [each(say.sockets, eyesOf(facts), RATES.socketMin)],
  'parts.set': (facts) => [each(say.lids, eyesOf(facts), RATES.lidsMin)],
  'parts.grown': () => [told(say.shapedOnWire, RATES.grownMin)],
  'parts.drawn': () => [told(say.drawnIn, RATES.drawnMin)],
  'colour.mix-clay': ({ colour }) => [
    each(
      say.coloursFolded,
      colour.zones.filter(({ clay }) => clay !== null).length,
      RATES.mixClayMin,
    ),
  ],
  'colour.clean': (facts) => [cm2(say.cleaned, skinOf(facts), RATES.cleanedCm2)],
  'colour.primer': (facts) => [cm2(say.primed, skinOf(facts), RATES.brushedCm2)],
  'colour.sheen': (facts) => [cm2(say.varnished, skinOf(facts), RATES.brushedCm2)],
  'bench.look-back': () => [told(say.weighedAndPhotographed, RATES.lookBackMin)],
};

/** Steps by how their id begins; the rest names a part. */
const BY_HEAD: readonly (readonly [head: string, rule: (part: string) => Rule])[] = [
  [
    'parts.make.',
    (part) =>
      ({ fittings }) => {
        const its = fittings.fittings.find(({ id }) => id === part);
        if (its === undefined) return [];
        return [each(its.name, its.toMake.value, MAKE_MIN[its.thing] ?? MAKE_ANY_MIN)];
      },
  ],
  [
    'parts.set.',
    (part) =>
      ({ fittings }) => {
        const its = fittings.fittings.find(({ id }) => id === part);
        return its === undefined ? [] : [each(its.name, its.count, RATES.setMin)];
      },
  ],
  ['parts.body.', () => () => [told(say.builtApart, RATES.apartMin)]],
  ['parts.fit.', () => () => [told(say.triedOn, RATES.tryMin)]],
  ['parts.join.', () => () => [told(say.joinedOn, RATES.joinMin)]],
];

/** A step with its usual minutes where no stage has counted them: hand work is never without. */
export function withMinutes(step: Step, facts: MinutesFacts): Step {
  if (step.duration !== null || step.occupies !== 'person') return step;
  const head = BY_HEAD.find(([start]) => step.id.startsWith(start));
  const rule = BY_ID[step.id] ?? head?.[1](step.id.slice(head[0].length));
  const counted = rule?.(facts).filter(({ value }) => value > 0) ?? [];
  const inputs = counted.length > 0 ? counted : [told(say.WORK_WORDS[step.work], RATES.anyMin)];
  return {
    ...step,
    duration: {
      ...{ id: `bench.time.${step.id}`, stage: 'bench', label: step.title },
      value: inputs.reduce((sum, { value }) => sum + value, 0),
      ...{ unit: 'min', provenance: 'memory', formula: 'Σ tᵢ', inputs },
      source: say.usualRates,
    },
  };
}
