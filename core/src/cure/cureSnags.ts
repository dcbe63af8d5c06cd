import type { ClayFigures } from '../mass/clayFigures.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import { HORIZON_MIN } from './heatRun.ts';
import type { CurePlan } from './planCure.ts';

const OVEN = { kind: 'piece', id: 'oven' } as const;

/** What is wrong with the bake: clays that set differently, too hot, too cool, too short, never hot. */
export function cureSnags(
  plan: Omit<CurePlan, 'workings' | 'snags'>,
  cure: Piece['cure'],
): readonly Snag[] {
  const { dial, oven, figures, shellFigures } = plan;
  const clays = [figures, ...(shellFigures ? [shellFigures] : [])];
  return [
    ...unlikeSnag(figures, shellFigures),
    ...(dial && oven
      ? [...clays.flatMap((one) => ovenSnags(one, dial, oven)), ...timeSnags(plan, cure)]
      : []),
  ];
}

/** Clays of one piece go through every bake together, so that they must set in the same way. */
function unlikeSnag(figures: ClayFigures, shellFigures: ClayFigures | null): readonly Snag[] {
  if (shellFigures === null || shellFigures.clay.setting === figures.clay.setting) return [];
  const { setting } = figures.clay;
  return [
    {
      stage: 'cure',
      target: OVEN,
      code: 'clays-set-unlike',
      grade: 'fix',
      facts: {
        clay: figures.name,
        setting,
        shellClay: shellFigures.name,
        shellSetting: shellFigures.clay.setting,
      },
    },
  ];
}

/** One clay in the oven: too hot or too cool for it. */
function ovenSnags(figures: ClayFigures, dial: Working, oven: Working): readonly Snag[] {
  const common = { stage: 'cure', target: OVEN, grade: 'fix' } as const;
  const [clay, hotC, limitC, lowC] = [
    figures.name,
    oven.value,
    figures.limit.value,
    lowestC(figures),
  ];
  if (hotC > limitC)
    return [
      { ...common, code: 'clay-over-limit', facts: { clay, setC: dial.value, hotC, limitC } },
    ];
  return hotC < lowC ? [{ ...common, code: 'oven-too-cool', facts: { clay, hotC, lowC } }] : [];
}

/** The class's lowest temperature, or the label's own where the user read it. */
function lowestC({ temperature: wanted }: ClayFigures): number {
  if (wanted === null) return 0;
  // A label names one temperature; ovens swing by some degrees round it (common practice).
  return wanted.provenance === 'own' ? wanted.value - 10 : (wanted.range?.[0] ?? wanted.value);
}

function timeSnags(
  { needed, heat, cases, oven }: Pick<CurePlan, 'needed' | 'heat' | 'cases' | 'oven'>,
  cure: Piece['cure'],
): readonly Snag[] {
  const placeOf = (id: string): string => cases.find((one) => one.id === id)?.place ?? '';
  const never = heat
    .filter(({ result }) => result.reachMin === null)
    .map(({ result }): Snag => ({
      code: 'bake-never-hot',
      grade: 'fix',
      stage: 'cure',
      target: OVEN,
      facts: { place: placeOf(result.caseId), hotC: oven?.value ?? 0, minutes: HORIZON_MIN },
    }));
  if (cure.minutes === null || needed === null || cure.minutes >= needed.value) return never;
  const slowest = heat.reduce((a, b) => (b.working.value > a.working.value ? b : a));
  return [
    ...never,
    {
      code: 'bake-too-short',
      grade: 'fix',
      stage: 'cure',
      target: OVEN,
      facts: {
        minutes: cure.minutes,
        neededMin: needed.value,
        place: placeOf(slowest.result.caseId).toLowerCase(),
      },
    },
  ];
}
