import * as say from './words.ts';
import type { Fitting, FittingsPlan } from '../fittings/fittingsPlan.ts';
import { UNTOLD, type Sentence, type Step } from '../piece/step.ts';

/** Parts that are made and set by steps of their own: eyes have theirs, and what grows on the armature has none. */
const setIn = ({ fittings }: FittingsPlan): readonly Fitting[] =>
  fittings.filter(
    ({ kind, onArmature, isClay }) =>
      kind.shape !== 'ball' && !onArmature && (isClay || kind.shape === 'strip'),
  );

const makeId = ({ id }: Fitting): string => `parts.make.${id}`;

/** Parts of clay by the step that makes them: what goes into the first bake, or waits for the last. */
export const bakedFittings = (plan: FittingsPlan): readonly string[] =>
  setIn(plan)
    .filter(({ isClay }) => isClay)
    .map(makeId);

/** One step to make each kind of part, of clay or of its own stuff; `hasShafts` where their wires are cut before. */
export const makeFittings = (plan: FittingsPlan, hasShafts: boolean): readonly Step[] =>
  setIn(plan).map((fitting): Step => {
    const { name, count, spare, length, thick, grams, kind, wired, isClay } = fitting;
    const size: Sentence =
      thick === null || !isClay
        ? [length, say.longEach]
        : [length, say.longAlongCurve, thick, say.thickAtItsBase];
    return {
      id: makeId(fitting),
      stage: 'cure',
      title: say.makeFitting(name.toLowerCase()),
      sentence: [
        say.countAndSpare(count, spare),
        ...size,
        ` ${kind.how}. `,
        ...(grams === null ? [] : [say.takesInAll, grams, '. ']),
        wired ? say.onTheirWires : say.withoutWire,
        say.holdAgainstTemplate,
      ],
      cautions: ['small-parts', 'sharp'],
      needs: ['mass.condition', ...(wired && hasShafts ? ['wire.shafts'] : [])],
      work: 'model',
      ...UNTOLD,
    };
  });

/**
 * One step to set each kind of part: what is of clay when its own bake and that of the shell are done (or while the
 * body is soft), what is not of clay when the last bake is.
 */
export const setFittings = (
  plan: FittingsPlan,
  { clayReady, lastBake }: { readonly clayReady: readonly string[]; readonly lastBake: string },
): readonly Step[] =>
  setIn(plan).map((fitting): Step => {
    const { id, name, isClay, count } = fitting;
    return {
      id: `parts.set.${id}`,
      stage: 'mass',
      title: say.setFitting(name.toLowerCase()),
      sentence: [isClay ? say.setClayParts(count) : say.setOthersLast(count)],
      cautions: ['sharp'],
      needs: [makeId(fitting), ...(isClay ? clayReady : [lastBake])],
      work: 'model',
      ...UNTOLD,
    };
  });
