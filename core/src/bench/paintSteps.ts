import * as say from './words.ts';
import { isStuckOn } from '../body/undersize.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import { LAYERS, type LayerRule } from '../colour/paintLayers.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import { fibreStep } from './skinSteps.ts';
import { hasNose } from './finishing.ts';
import { listSentence, UNTOLD, type Sentence, type Step } from '../piece/step.ts';

/** What the steps in colour are told from. */
export interface PaintWork {
  readonly skeleton: Skeleton;
  readonly colour: ColourPlan;
  readonly skin: SkinPlan;
  readonly mass: MassPlan;
  readonly primerName: string;
  /** Every bake, and what was mended after it. */
  readonly baked: readonly string[];
  /** Steps that set parts after the last bake: before any paint, and when the varnish is dry. */
  readonly unpainted: readonly string[];
  readonly painted: readonly string[];
}

/** From the cured piece to its last varnish, and what is learnt from it. */
export function paintSteps(work: PaintWork): readonly Step[] {
  const { skeleton, colour, skin, mass, primerName, baked, unpainted, painted } = work;
  // A layer that no zone has is no step.
  const layers = LAYERS.filter(({ id }) =>
    colour.zones.some((zone) => zone.layers.some(({ rule }) => rule.id === id)),
  );
  const last = layers.at(-1)?.id ?? 'base';
  const fibre = skin.zones.filter((zone) => isStuckOn(zone.method));
  return [
    ...groundSteps(colour, primerName, [...baked, ...unpainted]),
    ...layers.map((rule, i) =>
      layerStep(rule, colour, i === 0 ? 'colour.primer' : `colour.${layers[i - 1]?.id ?? ''}`),
    ),
    ...(fibre.length === 0 ? [] : [fibreStep(skin, last)]),
    sheenStep(skeleton, colour, fibre.length > 0, last),
    lookBackStep(mass, painted),
  ];
}

/** What comes before any colour. */
const groundSteps = (
  colour: ColourPlan,
  primerName: string,
  before: readonly string[],
): readonly Step[] => [
  {
    id: 'colour.clean',
    stage: 'colour',
    title: say.cleanSurface,
    sentence: [say.sandWhatShouldBe],
    cautions: ['sanding', 'solvent'],
    needs: before,
    work: 'clean',
    ...UNTOLD,
  },
  {
    id: 'colour.primer',
    stage: 'colour',
    title: say.prime,
    sentence: [say.oneThinEvenCoat(primerName), colour.primer, say.testItOnCured],
    cautions: ['spraying', 'label'],
    needs: ['colour.clean'],
    work: 'paint',
    ...UNTOLD,
  },
];

const sheenStep = (skeleton: Skeleton, colour: ColourPlan, fibre: boolean, last: string): Step => ({
  id: 'colour.sheen',
  stage: 'colour',
  title: say.giveItItsSheen,
  sentence: [
    ...(colour.varnishes.length === 0
      ? [say.noVarnishFibreCovers]
      : [
          say.varnishDullBeforeBright,
          ...listSentence(colour.varnishes.map(({ words, ml }): Sentence => [`${words} `, ml])),
        ]),
    ...(!fibre ? [] : [say.keepItOffFibre]),
    say.eyesLastInHigh(hasNose(skeleton) ? say.andNose : ''),
  ],
  cautions: ['spraying', 'label'],
  needs: [`colour.${last}`, ...(!fibre ? [] : ['skin.fibre'])],
  work: 'paint',
  ...UNTOLD,
});

const lookBackStep = (mass: MassPlan, painted: readonly string[]): Step => ({
  id: 'bench.look-back',
  stage: 'bench',
  title: say.lookBack,
  sentence: [say.weighPieceWithoutIts, mass.modelGrams, say.wasReckonedPhotographIt],
  cautions: ['small-parts'],
  needs: ['colour.sheen', ...painted],
  work: 'look',
  ...UNTOLD,
});

function layerStep(rule: LayerRule, colour: ColourPlan, needs: string): Step {
  return {
    id: `colour.${rule.id}`,
    stage: 'colour',
    title: say.paint(rule.name.toLowerCase()),
    sentence: [
      `${rule.how[0]?.toUpperCase() ?? ''}${rule.how.slice(1)}: `,
      ...listSentence(
        colour.zones.flatMap((zoneColour): Sentence[] => {
          const layer = zoneColour.layers.find((candidate) => candidate.rule.id === rule.id);
          return layer === undefined
            ? []
            : [[`${zoneColour.zone.name.toLowerCase()} ${layer.hex} `, layer.ml]];
        }),
      ),
      say.letItDryBefore,
    ],
    cautions: ['label'],
    needs: [needs],
    work: 'paint',
    ...UNTOLD,
  };
}
