import * as say from './words.ts';
import { listSentence, UNTOLD, type Sentence, type Step } from '../piece/step.ts';
import type { BladePlan } from '../skin/blades/bladePlan.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import { byMinutes } from './byMinutes.ts';

const [PRESS, MAKE, SET] = ['skin.blades.press', 'skin.blades.make', 'skin.blades.set'] as const;

const apartOf = ({ blades }: SkinPlan): readonly BladePlan[] =>
  blades.filter(({ way }) => way !== 'pressed');

/** Membranes pressed on the piece between the lines that hold them, and thin wings and fins made apart. */
export function bladeSteps(skin: SkinPlan, needs: readonly string[]): readonly Step[] {
  const pressed = skin.blades.filter(({ way }) => way === 'pressed');
  const apart = apartOf(skin);
  return [
    ...(pressed.length === 0
      ? []
      : [
          step(PRESS, say.pressMembranes, pressed, needs, [
            say.layBetween,
            ...listSentence(
              pressed.map(({ pattern, attached, made, folds, prop }): Sentence => [
                `${pattern.blade.name.toLowerCase()}, `,
                made,
                say.thickHeldAlong,
                ...(attached === null ? [say.itsRoot] : [attached]),
                ...(folds === null || folds.value === 0 ? [] : [say.withFolds, folds]),
                ...(prop === null ? [] : [say.proppedEvery, prop]),
              ]),
            ),
            say.thinToEdge,
          ]),
        ]),
    ...(apart.length === 0
      ? []
      : [
          step(
            MAKE,
            say.makeWings,
            apart,
            [],
            [
              say.cutByTemplate,
              ...listSentence(
                apart.map(({ pattern, made, wire, prop }): Sentence => [
                  `${pattern.blade.name.toLowerCase()}, `,
                  made,
                  ...(wire === null ? [say.thickAlone] : [say.thickOverWire, wire.cut]),
                  ...(prop === null ? [] : [say.proppedEvery, prop]),
                ]),
              ),
              say.bakeFlat,
            ],
          ),
        ]),
  ];
}

const step = (
  id: string,
  title: string,
  of: readonly BladePlan[],
  needs: readonly string[],
  sentence: Sentence,
): Step => ({
  ...{ id, title, needs, sentence, stage: 'skin', work: 'model', cautions: ['sharp'] },
  ...byMinutes(
    id,
    title,
    of.map(({ minutes }) => minutes),
  ),
});

/** Thin wings and fins set into the hard body, before it is cleaned and painted; none where none is made apart. */
export const setBlades = (skin: SkinPlan, baked: readonly string[]): readonly Step[] =>
  apartOf(skin).length === 0
    ? []
    : [
        {
          ...{ id: SET, stage: 'skin', title: say.setWings, work: 'set' },
          sentence: [say.setInHoles],
          cautions: ['epoxy', 'label'],
          needs: [MAKE, ...baked],
          ...UNTOLD,
        },
      ];
