import * as say from './words.ts';
import { bodyItem, partItem, SHELL, SURFACE, type BakeItem } from '../bakes/bakeItems.ts';
import type { CurePlan, StagedBake } from '../cure/curePlan.ts';
import type { CautionId } from '../piece/cautions.ts';
import type { ClayChoice } from '../piece/pieceSchema.ts';
import { listText, type Sentence, type Step } from '../piece/step.ts';

/** The step of a bake, by the bake's id. */
const bakeStepId = (bake: string): string => `cure.${bake}`;
/** The step after which what is in a bake is hard: in an oven's, when it has cooled. */
export const hardStepId = (stage: Pick<StagedBake, 'id' | 'inOven' | 'byGun'>): string =>
  isInOven(stage) ? `${bakeStepId(stage.id)}.cool` : bakeStepId(stage.id);
const isInOven = ({ inOven, byGun }: Pick<StagedBake, 'inOven' | 'byGun'>): boolean =>
  inOven && !byGun;

type Stages = Pick<CurePlan, 'stages'>;

const stageWith = ({ stages }: Stages, item: string): StagedBake | undefined =>
  stages.find(({ items }) => items.some(({ id }) => id === item));

/** The step after which a thing is hard; null for what does not cure. */
export function hardBy(cure: Stages, item: string): string | null {
  const stage = stageWith(cure, item);
  return stage === undefined ? null : hardStepId(stage);
}

/** Whether a thing cures in a bake before that of the surface (-1), in it (0), or after it (1). */
const besideSurface = (cure: Stages, item: string): number =>
  Math.sign((stageWith(cure, item)?.number ?? 0) - (stageWith(cure, SURFACE)?.number ?? 0));

/** Steps after which a part is hard: none where it does not cure by itself. */
export const partHard = (cure: Stages, fittingId: string): readonly string[] =>
  present(hardBy(cure, partItem(fittingId)));
/** The same, where it is hard before the surface closes over it: what comes too late for that is set raw. */
export const partHardBefore = (cure: Stages, fittingId: string): readonly string[] =>
  besideSurface(cure, partItem(fittingId)) < 0 ? partHard(cure, fittingId) : [];
export const bodyPartHard = (cure: Stages, boneId: string): readonly string[] =>
  besideSurface(cure, bodyItem(boneId)) < 0 ? present(hardBy(cure, bodyItem(boneId))) : [];
/** Whether a part is baked on the finished surface. */
export const isBakedLate = (cure: Stages, fittingId: string): boolean =>
  besideSurface(cure, partItem(fittingId)) > 0;
/** The bake of the shell or of the bare body; null where none comes before the surface. */
export const firstBake = (cure: Stages): string | null =>
  besideSurface(cure, SHELL) < 0 ? hardBy(cure, SHELL) : null;

const present = (step: string | null): readonly string[] => (step === null ? [] : [step]);

/** By what steps each thing is there to be baked. */
export interface BakeMakers {
  readonly shell: readonly string[];
  readonly surface: readonly string[];
  /** The step that makes or sets a part, or that tries a part of the body. */
  readonly of: (item: BakeItem) => readonly string[];
}

/** The step after which the surface is hard. */
export const surfaceHard = (cure: Stages): string => hardBy(cure, SURFACE) ?? bakeStepId('finish');

/** The steps of every bake, and one before the first for the test tiles of clays that have none. */
export function bakeSteps(
  cure: CurePlan,
  clays: readonly ClayChoice[],
  makers: BakeMakers,
): readonly Step[] {
  const tile = tileStep(cure, clays);
  let isFirst = true;
  const steps = cure.stages.flatMap((stage): readonly Step[] => {
    const needs = stage.items.flatMap((item) =>
      item.id === SHELL ? makers.shell : item.id === SURFACE ? makers.surface : makers.of(item),
    );
    const before = tile !== null && stage.inOven && isFirst ? [tile.id] : [];
    isFirst &&= !stage.inOven;
    const lastOne = stage.kind === 'finish';
    const heat = heatStep(stage, [...new Set([...needs, ...before])]);
    const bake: Step = {
      id: bakeStepId(stage.id),
      stage: 'cure',
      title: `${stage.inOven ? say.bake : say.setWord}: ${stage.name.toLowerCase()}`,
      sentence: [
        ...(lastOne ? lookOnce(cure, stage) : []),
        ...(stage.byGun && stage.gun !== null
          ? [say.gunFor, stage.gun, say.gunHow]
          : ovenSentence(stage)),
        ...stage.supports.map((how) => ` ${how}`),
        ...(stage.out.length === 0 ? [] : [say.stillOut(listText(stage.out.map(lower)))]),
        ...(stage.hard.length === 0 || !stage.inOven ? [] : [say.hardAlready]),
      ],
      cautions: cautionsOf(stage),
      needs: heat === null ? [...new Set([...needs, ...before])] : [...heat.needs, heat.id],
      ...(isInOven(stage) ? { startsBake: stage.id } : {}),
      work: stage.bake === null ? 'set' : 'bake',
      occupies: stage.bake === null || stage.byGun ? (stage.byGun ? 'person' : 'nothing') : 'oven',
      duration: stage.byGun ? stage.gun : (stage.bake ?? stage.rule),
    };
    return [...(heat === null ? [] : [heat]), bake, ...coolSteps(stage)];
  });
  return tile === null ? steps : [tile, ...steps];
}

/** The oven is hot before anything goes in; null where there is none. */
function heatStep(stage: StagedBake, needs: readonly string[]): Step | null {
  const { id, name, dial, oven, preheat } = stage;
  if (!isInOven(stage) || dial === null || oven === null || preheat === null) return null;
  const heatsFor = bakeStepId(id);
  return {
    ...{ id: `${heatsFor}.heat`, stage: 'cure', title: say.heatOven(name.toLowerCase()) },
    sentence: [say.setDialTo, dial, say.waitAbout, preheat, say.untilThermometer, oven, '.'],
    cautions: ['oven'],
    ...{ needs, heatsFor, work: 'bake', occupies: 'oven', duration: preheat },
  };
}

/** What was baked is handled when it has cooled. */
function coolSteps(stage: StagedBake): readonly Step[] {
  const { id, name, cooling } = stage;
  if (!isInOven(stage) || cooling === null) return [];
  return [
    {
      ...{ id: hardStepId(stage), stage: 'cure', title: say.letCool(name.toLowerCase()) },
      sentence: [say.softWhileHot, cooling, say.untilHandRests],
      cautions: ['hot-parts'],
      needs: [bakeStepId(id)],
      ...{ work: 'bake', occupies: 'nothing', duration: cooling },
    },
  ];
}

const lower = (text: string): string => text.toLowerCase();

const ovenSentence = ({ dial, bake, rule }: StagedBake): Sentence =>
  dial === null || bake === null
    ? [say.letItSetFor, rule, say.awayFromSunAnd]
    : [say.bakeAt, dial, say.onDialFor, bake, say.countedFromWhenIt];

/** What must be in before the surface is baked, and what comes after: told before it is too late. */
function lookOnce({ order, stages }: CurePlan, finish: StagedBake): Sentence {
  const parts = order.items.filter(({ kind }) => ['part', 'body-part', 'found'].includes(kind));
  const isLater = (item: BakeItem): boolean => finish.later.some(({ id }) => id === item.id);
  const isIn = (item: BakeItem): boolean => !isLater(item);
  const [inIt, later] = [parts.filter(isIn), parts.filter(isLater)];
  const names = (of: readonly BakeItem[]): string => listText(of.map(({ name }) => lower(name)));
  const isLast = stages.at(-1)?.id === finish.id;
  return [
    ...(inIt.length === 0 ? [] : [say.lookAllIn(names(inIt), isLast)]),
    ...(later.length === 0 ? [] : [say.notYet(names(later))]),
  ];
}

function cautionsOf({ inOven, byGun, items }: StagedBake): readonly CautionId[] {
  if (byGun) return ['heat-gun', 'hot-parts', 'oven', 'solvent', 'label'];
  if (inOven) return ['oven', 'hot-parts', 'solvent', 'label', 'qualified'];
  return items.some(({ clay }) => clay?.clay.setting === 'chemical')
    ? ['epoxy', 'label']
    : ['label'];
}

/** A tile of each new clay, before anything else of it goes in; null where all have been tried, or need no oven. */
function tileStep(cure: CurePlan, clays: readonly ClayChoice[]): Step | null {
  const untried = clays.filter(({ tile }) => tile === null);
  const inOven = [cure.figures, cure.shellFigures].filter(
    (figures) =>
      figures !== null &&
      figures.clay.setting === 'oven' &&
      untried.some(({ name }) => name === figures.name),
  );
  const [first] = inOven;
  const dial = cure.stages.find((stage) => stage.dial !== null)?.dial;
  if (!first || !dial) return null;
  return {
    id: 'cure.tile',
    stage: 'cure',
    title: say.bakeTile,
    sentence: [
      say.rollTile(listText(inOven.map((figures) => `“${figures!.name}”`))),
      dial,
      say.onDialFor,
      first.time,
      say.bendIt,
    ],
    cautions: ['oven', 'label'],
    needs: ['mass.condition'],
    work: 'bake',
    occupies: 'oven',
    duration: first.time,
  };
}
