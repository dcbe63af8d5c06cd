import type { Piece } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import { HORIZON_MIN } from './heatRun.ts';
import type { CurePlan } from './planCure.ts';

const OVEN = { kind: 'piece', id: 'oven' } as const;

/** What is wrong with the bake: too hot, too cool, too short, or never hot inside. */
export function cureSnags(
  plan: Omit<CurePlan, 'workings' | 'snags'>,
  clay: string,
  cure: Piece['cure'],
): readonly Snag[] {
  const { dial, oven, figures } = plan;
  if (dial === null || oven === null) return [];
  const common = { stage: 'cure', target: OVEN } as const;
  const snags: Snag[] = [];
  if (oven.value > figures.limit.value) {
    snags.push({
      ...common,
      code: 'clay-over-limit',
      grade: 'fix',
      facts: { clay, setC: dial.value, hotC: oven.value, limitC: figures.limit.value },
    });
  }
  const lowC = lowestC(plan);
  if (oven.value < lowC) {
    snags.push({
      ...common,
      code: 'oven-too-cool',
      grade: 'fix',
      facts: { clay, hotC: oven.value, lowC },
    });
  }
  return [...snags, ...timeSnags(plan, cure)];
}

/** The class's lowest temperature, or the label's own where the user read it. */
function lowestC({ figures }: Pick<CurePlan, 'figures'>): number {
  const wanted = figures.temperature;
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
