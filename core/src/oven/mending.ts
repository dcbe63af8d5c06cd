import * as say from './words.ts';
import type { CurePlan, StagedBake } from '../cure/curePlan.ts';
import type { CautionId } from '../piece/cautions.ts';
import type { Defect } from '../piece/cureSchema.ts';
import { UNTOLD, type Sentence, type Step } from '../piece/step.ts';

/** What went wrong, what it tells, and the steps that mend it. */
export interface Mend {
  readonly defect: Defect;
  readonly name: string;
  /** What it tells of how it came about. */
  readonly tells: string;
  readonly steps: readonly Step[];
}

/** How each kind of defect is mended: common practice. The second step bakes what was filled; null where nothing is. */
const WAYS: Readonly<
  Record<
    Defect['kind'],
    {
      readonly name: string;
      readonly tells: string;
      readonly how: string;
      readonly cautions: readonly CautionId[];
      readonly bakes: 'whole' | 'thin' | null;
    }
  >
> = {
  crack: {
    ...{ name: say.crack, tells: say.crackTells, how: say.crackHow },
    ...{ cautions: ['sharp', 'sanding'], bakes: 'thin' },
  },
  bubble: {
    ...{ name: say.bubble, tells: say.bubbleTells, how: say.bubbleHow },
    ...{ cautions: ['sharp', 'sanding'], bakes: 'thin' },
  },
  broken: {
    ...{ name: say.broken, tells: say.brokenTells, how: say.brokenHow },
    ...{ cautions: ['drill', 'sharp'], bakes: 'thin' },
  },
  'under-baked': {
    ...{ name: say.underBaked, tells: say.underBakedTells, how: '' },
    ...{ cautions: [], bakes: 'whole' },
  },
  scorched: {
    ...{ name: say.scorched, tells: say.scorchedTells, how: say.scorchedHow },
    ...{ cautions: ['sanding', 'oven', 'sharp'], bakes: 'thin' },
  },
  drooped: {
    ...{ name: say.drooped, tells: say.droopedTells, how: say.droopedHow },
    ...{ cautions: ['hot-parts', 'oven'], bakes: null },
  },
};

/** The kinds, in the order in which they are offered, with their names and what they tell. */
export const defectKinds = (): readonly {
  readonly kind: Defect['kind'];
  readonly name: string;
  readonly tells: string;
}[] =>
  Object.entries(WAYS).map(([kind, { name, tells }]) => ({
    kind: kind as Defect['kind'],
    name,
    tells,
  }));

/** The steps that mend each defect, after the bake that it was seen after; without an oven nothing is baked again. */
export const mends = (
  defects: readonly Defect[],
  cure: CurePlan,
  isPainted: boolean,
): readonly Mend[] =>
  defects.map((defect): Mend => {
    const way = WAYS[defect.kind];
    const stage = cure.stages.find(({ id }) => id === defect.bake) ?? cure.stages.at(-1);
    const where = defect.where === '' ? '' : `, ${defect.where}`;
    const after = stage === undefined ? [] : [`cure.${stage.id}`];
    const first: Step = {
      ...{ id: `mend.${defect.id}`, stage: 'cure', title: say.mend(way.name, where) },
      sentence: [way.how, isPainted ? say.painted : ''],
      ...{ cautions: way.cautions, needs: after, work: 'model', ...UNTOLD },
    };
    const steps = way.how === '' ? [] : [first];
    const again =
      stage === undefined || way.bakes === null
        ? []
        : bakeAgain(
            defect,
            stage,
            way.bakes,
            steps.length > 0 ? [first.id] : after,
            where,
            isPainted,
          );
    return { defect, name: way.name, tells: way.tells, steps: [...steps, ...again] };
  });

/** The bake after mending: the whole time again, or as long as a thin filling asks. */
function bakeAgain(
  defect: Defect,
  { id, dial, bake, cases, name }: StagedBake,
  how: 'whole' | 'thin',
  needs: readonly string[],
  where: string,
  isPainted: boolean,
): readonly Step[] {
  const time = how === 'whole' ? bake : cases[0]?.figures.time;
  if (dial === null || bake === null || time === undefined || time === null) return [];
  const sentence: Sentence = [
    how === 'whole' ? say.bakeWholeAgain : say.bakeFilling,
    dial,
    say.onDialFor,
    time,
    say.harmless,
    isPainted ? say.painted : '',
  ];
  return [
    {
      ...{ id: `mend.${defect.id}.bake`, stage: 'cure', title: say.bakeAgain(name, where) },
      sentence,
      cautions: ['oven', 'hot-parts', 'label'],
      needs,
      ...{ work: 'bake', occupies: 'oven', duration: time, startsBake: id },
    },
  ];
}
