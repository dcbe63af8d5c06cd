import * as say from './words.ts';
import { isStuckOn } from '../body/undersize.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { ColourPlan, LayerPlan, ZoneColour } from '../colour/planColour.ts';
import type { Coloured } from '../colour/details.ts';
import { recipeWords } from '../colour/recipeText.ts';
import { isPainted, LAYER_IDS, type LayerId } from '../colour/schools.ts';
import type { MassPlan } from '../mass/planMass.ts';
import { asGiven, type Working } from '../piece/working.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import { cutFeatherSteps, feathersLast } from './featherSteps.ts';
import { setBlades } from './bladeSteps.ts';
import { byMinutes } from './byMinutes.ts';
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

/** A layer with the zones that have it. */
interface LaidLayer {
  readonly id: LayerId;
  readonly zones: readonly { readonly zone: ZoneColour; readonly layer: LayerPlan }[];
}

/** The layers of a plan in the order in which they go on: those that are painted, or those of powder. */
const laidLayers = ({ zones }: ColourPlan, painted: boolean): readonly LaidLayer[] =>
  LAYER_IDS.map((id) => ({
    id,
    zones: zones
      .filter(({ school }) => isPainted(school) === painted)
      .flatMap((zone) => {
        const layer = zone.layers.find(({ rule }) => rule.id === id);
        return layer === undefined ? [] : [{ zone, layer }];
      }),
  })).filter((layer) => layer.zones.length > 0);

/** From the cured piece to its last varnish, and what is learnt from it. */
export function paintSteps(work: PaintWork): readonly Step[] {
  const { skeleton, colour, skin, mass, primerName, baked, unpainted, painted } = work;
  const layers = laidLayers(colour, true);
  const wings = setBlades(skin, baked);
  const hard = [...baked, ...unpainted, ...wings.map(({ id }) => id)];
  const ground = groundSteps(colour, primerName, hard, layers.length > 0);
  const coats = layers.flatMap((layer, i) => {
    const before = i === 0 ? ground.at(-1)!.id : dryId(layers[i - 1]!.id);
    return [layerStep(layer, colour, [before]), dryingStep(layer)];
  });
  const last = coats.at(-1)?.id ?? ground.at(-1)!.id;
  const fibre = skin.zones.filter((zone) => isStuckOn(zone.method));
  return [
    ...wings,
    ...ground,
    ...coats,
    ...(fibre.length === 0 ? [] : [fibreStep(skin, last)]),
    sheenStep(skeleton, colour, fibre.length > 0, last),
    ...cutFeatherSteps(skin),
    lookBackStep(mass, [...painted, ...feathersLast(skin)]),
  ];
}

/** Colours that are mixed into the clay, before anything of it is laid. */
export function colouredClaySteps(colour: ColourPlan): readonly Step[] {
  const zones = colour.zones.flatMap(({ zone, hex, clay, marbled }) =>
    clay === null ? [] : [{ zone, hex, clay, marbled }],
  );
  if (zones.length === 0) return [];
  return [
    {
      ...{ id: 'colour.mix-clay', stage: 'colour', title: say.mixColouredClay, needs: [] },
      sentence: [
        say.weighAndFold,
        ...listSentence(
          zones.map(({ zone, hex, clay }): Sentence => [
            `${zone.name.toLowerCase()} ${hex} `,
            clay.grams,
            ...partsOf(clay.recipe?.best, colour),
          ]),
        ),
        ...foldingWords(zones),
      ],
      cautions: ['label'],
      work: 'model',
      ...UNTOLD,
    },
  ];
}

/** Pastel on the raw clay, before the last bake. */
export const powderSteps = (colour: ColourPlan, needs: readonly string[]): readonly Step[] =>
  laidLayers(colour, false).map((layer, i, all) =>
    layerStep(layer, colour, i === 0 ? needs : [`colour.${all[i - 1]!.id}`]),
  );

/** Which colours are kneaded until they are even, and which are left streaked. */
function foldingWords(
  zones: readonly { readonly zone: Coloured; readonly marbled: boolean }[],
): readonly string[] {
  const streaked = zones.filter(({ marbled }) => marbled);
  const names = streaked.map(({ zone }) => zone.name.toLowerCase()).join(', ');
  return [
    streaked.length === zones.length ? '.' : say.foldUntilEven,
    ...(streaked.length === 0 ? [] : [say.leaveItStreaked(names)]),
  ];
}

const partsOf = (
  recipe: Parameters<typeof recipeWords>[0] | undefined,
  colour: ColourPlan,
): Sentence => (recipe === undefined ? [] : [` (${recipeWords(recipe, colour)})`]);

/** What comes before any colour. */
function groundSteps(
  colour: ColourPlan,
  primerName: string,
  before: readonly string[],
  isBrushed: boolean,
): readonly [Step, ...Step[]] {
  const clean: Step = {
    id: 'colour.clean',
    stage: 'colour',
    title: say.cleanSurface,
    sentence: [isBrushed ? say.sandWhatShouldBe : say.wipeIt],
    cautions: ['sanding', 'solvent'],
    needs: before,
    work: 'clean',
    ...UNTOLD,
  };
  if (colour.primer === null) return [clean];
  const prime: Step = {
    id: 'colour.primer',
    stage: 'colour',
    title: say.prime,
    sentence: [say.oneThinEvenCoat(primerName), colour.primer, say.testItOnCured],
    cautions: ['spraying', 'label'],
    needs: ['colour.clean'],
    work: 'paint',
    ...UNTOLD,
  };
  return [clean, prime];
}

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
    '.',
    ...colour.advice.map(({ words }) => say.advised(words)),
    say.eyesLastInHigh(hasNose(skeleton) ? say.andNose : ''),
  ],
  cautions: ['spraying', 'label'],
  needs: [last, ...(!fibre ? [] : ['skin.fibre'])],
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

/** Ways that a layer goes on in a piece, and what each is called. */
function layerStep({ id, zones }: LaidLayer, colour: ColourPlan, needs: readonly string[]): Step {
  const [first] = zones;
  const { rule } = first!.layer;
  const title = say.paint(rule.name.toLowerCase());
  const isPowder = rule.kind === 'powder';
  return {
    ...{ id: `colour.${id}`, stage: 'colour', title, needs, work: 'paint' },
    sentence: [
      `${rule.how[0]?.toUpperCase() ?? ''}${rule.how.slice(1)}: `,
      ...listSentence(
        zones.map(({ zone, layer }): Sentence => [
          `${zone.zone.name.toLowerCase()} ${layer.hex} `,
          layer.ml,
          ...(layer.water === null ? [] : [say.withWaterOf, layer.water]),
          ...partsOf(layer.recipe?.best, colour),
        ]),
      ),
      isPowder ? say.blowOffRest : '.',
    ],
    cautions: isPowder ? ['sanding', 'label'] : ['label'],
    ...byMinutes(
      `colour.${id}`,
      title,
      zones.map(({ layer }) => layer.minutes),
    ),
  };
}

const dryId = (id: LayerId): string => `colour.${id}.dry`;

/** A layer dries by itself, as long as its slowest zone. */
function dryingStep({ id, zones }: LaidLayer): Step {
  const most = zones.reduce((least, { layer }) => Math.max(least, layer.rule.dryMin), 0);
  const title = say.letDry(zones[0]!.layer.rule.name.toLowerCase());
  const duration: Working = {
    id: `bench.time.${dryId(id)}`,
    stage: 'bench',
    label: title,
    value: most,
    unit: 'min',
    provenance: 'memory',
    ...asGiven(say.thinCoatDries, most, 'min', 'memory'),
    source: say.usualOfPaint,
  };
  return {
    ...{ id: dryId(id), stage: 'colour', title, sentence: [say.dryToTouchAnd] },
    ...{ cautions: [], needs: [`colour.${id}`], work: 'paint', occupies: 'nothing', duration },
  };
}
