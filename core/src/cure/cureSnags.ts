import { curesFromC } from '../bakes/cureRange.ts';
import { SHELL, SOLID, SURFACE } from '../bakes/bakeItems.ts';
import type { Conflict } from '../bakes/planOrder.ts';
import { standing } from '../bakes/stuffs.ts';
import type { ClayFigures } from '../mass/clayFigures.ts';
import type { ClayChoice } from '../piece/pieceSchema.ts';
import type { Snag } from '../piece/snag.ts';
import type { BakeStage } from './bakeStages.ts';
import type { CurePlan } from './curePlan.ts';
import { HORIZON_MIN } from './heatRun.ts';

const OVEN = { kind: 'piece', id: 'oven' } as const;
const common = { stage: 'cure', target: OVEN, grade: 'fix' } as const;

/** What is wrong with the bakes: rules that contradict each other, too hot, too cool, too short, never hot, a poor tile. */
export function cureSnags(
  plan: Omit<CurePlan, 'workings' | 'snags'>,
  clays: readonly (ClayChoice | null)[],
): readonly Snag[] {
  const { order, stages, figures, shellFigures } = plan;
  return [
    ...onceEach(
      order.conflicts.flatMap((conflict) => conflictSnags(conflict, figures, shellFigures)),
    ),
    ...onceEach(stages.flatMap(ovenSnags)),
    ...timeSnags(plan),
    ...clays.flatMap(tileSnags),
  ];
}

/** The same clay too hot in several bakes is told once. */
const onceEach = (snags: readonly Snag[]): readonly Snag[] => [
  ...new Map(snags.map((snag) => [`${snag.code} ${JSON.stringify(snag.facts)}`, snag])).values(),
];

/** A contradiction as the smallest set of things; bindings are told with the wires, and clays that set unlike by that. */
function conflictSnags(
  { items, remedy }: Conflict,
  figures: ClayFigures,
  shellFigures: ClayFigures | null,
): readonly Snag[] {
  const has = (id: string): boolean => items.some((item) => item.id === id);
  if (has('binding')) return [];
  const isTwoClays = has(SHELL) && (has(SURFACE) || has(SOLID));
  if (isTwoClays && shellFigures !== null) {
    const { setting } = figures.clay;
    if (shellFigures.clay.setting !== setting)
      return [
        {
          ...common,
          code: 'clays-set-unlike',
          facts: {
            ...{ clay: figures.name, setting },
            ...{ shellClay: shellFigures.name, shellSetting: shellFigures.clay.setting },
          },
        },
      ];
  }
  const [weak] = items.toSorted((a, b) => bears(a) - bears(b));
  const hot = items
    .filter((item) => item !== weak)
    .toSorted((a, b) => (b.curesC?.[0] ?? 0) - (a.curesC?.[0] ?? 0))[0];
  const isHeat = hot !== undefined && (hot.curesC?.[0] ?? 0) > bears(weak!);
  return [
    {
      ...common,
      code: 'bakes-contradict',
      facts: {
        names: items.map(({ name }) => name).join(', '),
        weak: isHeat ? weak!.name : '',
        bearsC: isHeat ? bears(weak!) : 0,
        hot: isHeat ? hot.name : '',
        needsC: isHeat ? hot.curesC![0] : 0,
        remedy,
      },
    },
  ];
}

const bears = ({ curesC, standsC }: Conflict['items'][number]): number =>
  Math.min(curesC?.[1] ?? Infinity, standsC);

/** One bake: too hot or too cool for a clay in it, or for what is on the piece. */
function ovenSnags({ dial, oven, cases, hard, there, name }: BakeStage): readonly Snag[] {
  if (dial === null || oven === null) return [];
  const [setC, hotC] = [dial.value, oven.value];
  const clays = [...new Map(cases.map(({ figures }) => [figures.name, figures])).values()];
  const over = (clay: string, limitC: number): readonly Snag[] =>
    hotC > limitC
      ? [{ ...common, code: 'clay-over-limit', facts: { clay, setC, hotC, limitC } }]
      : [];
  return [
    ...clays.flatMap((figures): readonly Snag[] => {
      const lowC = curesFromC(figures);
      const tooCool: Snag = {
        ...common,
        code: 'oven-too-cool',
        facts: { clay: figures.name, hotC, lowC },
      };
      const tooHot = over(figures.name, figures.limit.value);
      return tooHot.length > 0 ? tooHot : hotC < lowC ? [tooCool] : [];
    }),
    ...hard.flatMap(({ clay, standsC }) => (clay === null ? [] : over(clay.name, standsC))),
    ...there.flatMap((item): readonly Snag[] => {
      const stands = standing(item.stuff, hotC);
      if (stands === 'stands' || item.kind === 'binding') return [];
      return [
        {
          ...common,
          code: 'not-in-oven',
          grade: stands === 'never' ? 'fix' : 'watch',
          facts: {
            ...{ thing: item.name, bake: name.toLowerCase(), hotC },
            standsC: item.stuff.givesWayC[0],
          },
        },
      ];
    }),
  ];
}

function timeSnags({ stages, heat }: Pick<CurePlan, 'stages' | 'heat'>): readonly Snag[] {
  return stages.flatMap(({ name, needed, bake, slowest, cases, oven }): Snag[] => {
    const placeOf = (id: string): string => cases.find((of) => of.id === id)?.place ?? '';
    const never = heat
      .filter(({ result }) => result.reachMin === null && placeOf(result.caseId) !== '')
      .map(({ result }): Snag => ({
        ...common,
        code: 'bake-never-hot',
        facts: { place: placeOf(result.caseId), hotC: oven?.value ?? 0, minutes: HORIZON_MIN },
      }));
    if (needed === null || bake === null || slowest === null) return never;
    if (bake.provenance !== 'own' || bake.value >= needed.value) return never;
    return [
      ...never,
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
}

/** A tile that snaps or crumbles was baked too cool or too short. Flexible clay bends, and is none the worse. */
function tileSnags(clay: ClayChoice | null): readonly Snag[] {
  const tile = clay?.tile;
  if (!clay || !tile) return [];
  const isSoft = tile.bent === 'bends' && clay.classId !== 'oven-flexible';
  if (tile.bent !== 'snaps' && tile.scratched === 'fine' && !isSoft) return [];
  return [
    {
      ...common,
      code: 'tile-poor',
      grade: 'watch',
      facts: { clay: clay.name, bent: tile.bent, scratched: tile.scratched },
    },
  ];
}
