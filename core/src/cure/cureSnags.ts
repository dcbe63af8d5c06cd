import type { ClayFigures } from '../mass/clayFigures.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import { curesFromC } from './cureRange.ts';
import { HORIZON_MIN } from './heatRun.ts';
import type { CurePlan } from './curePlan.ts';

const OVEN = { kind: 'piece', id: 'oven' } as const;

/** What is wrong with the bake: clays that set differently, too hot, too cool, too short, never hot. */
export function cureSnags(plan: Omit<CurePlan, 'workings' | 'snags'>): readonly Snag[] {
  const { dial, oven, figures, shellFigures } = plan;
  const clays = [figures, ...(shellFigures ? [shellFigures] : [])];
  return [
    ...unlikeSnag(figures, shellFigures),
    ...(dial && oven
      ? [...clays.flatMap((clay) => ovenSnags(clay, dial, oven)), ...timeSnags(plan)]
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
    curesFromC(figures),
  ];
  if (hotC > limitC)
    return [
      { ...common, code: 'clay-over-limit', facts: { clay, setC: dial.value, hotC, limitC } },
    ];
  return hotC < lowC ? [{ ...common, code: 'oven-too-cool', facts: { clay, hotC, lowC } }] : [];
}

function timeSnags({
  stages,
  heat,
  cases,
  oven,
}: Pick<CurePlan, 'stages' | 'heat' | 'cases' | 'oven'>): readonly Snag[] {
  const common = { stage: 'cure', target: OVEN, grade: 'fix' } as const;
  const placeOf = (id: string): string => cases.find((heatCase) => heatCase.id === id)?.place ?? '';
  const never = heat
    .filter(({ result }) => result.reachMin === null)
    .map(({ result }): Snag => ({
      ...common,
      code: 'bake-never-hot',
      facts: { place: placeOf(result.caseId), hotC: oven?.value ?? 0, minutes: HORIZON_MIN },
    }));
  const short = stages.flatMap(({ name, needed, bake, slowest }): Snag[] => {
    if (needed === null || bake === null || slowest === null) return [];
    if (bake.provenance !== 'own' || bake.value >= needed.value) return [];
    return [
      {
        ...common,
        code: 'bake-too-short',
        facts: {
          bake: name.toLowerCase(),
          minutes: bake.value,
          neededMin: needed.value,
          place: placeOf(slowest).toLowerCase(),
        },
      },
    ];
  });
  return [...never, ...short];
}
