import * as say from './words.ts';
import { asInput, input, type Working, type WorkingInput } from '../piece/working.ts';
import type { PaintKind, School } from '../piece/colourSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { hexToOklch } from './colourSpaces.ts';
import { recipeKey, type LayerLook, type MixedRecipe, type PaintAnswer } from './paintQuestion.ts';
import type { Coloured } from './details.ts';
import { coveredOf, layerHex, type LayerRule } from './schools.ts';

/** Paint that a brushed coat takes, ml for 100 cm²: about 10 m² to the litre (common practice). */
export const ML_PER_100_CM2 = 1;
/** Powder that lies on 100 cm² brushed with pastel, g (common practice). */
const POWDER_G_PER_100_CM2 = 0.15;
/** Skin of strokes and furrows against smooth skin (common practice). */
export const TEXTURE = 1.4;
/** Coats of a hiding layer until it is known how many hide (common practice). */
const USUAL_COATS = 2;
/** A brush does so much of one coat in a minute, cm² (common practice). */
const CM2_PER_MIN = 14;

/** A recipe, the second best, and how far off both are. */
export interface RecipePlan {
  readonly best: MixedRecipe;
  readonly second: MixedRecipe | null;
  readonly difference: Working;
  readonly secondDifference: Working | null;
}

/** A layer of one zone. */
export interface LayerPlan {
  readonly rule: LayerRule;
  readonly hex: string;
  readonly lightness: Working;
  /** Paint without water, ml; of a powder g. */
  readonly ml: Working;
  /** What it is thinned with; null where it is not. */
  readonly water: Working | null;
  readonly minutes: Working;
  /** Null while it is searched. */
  readonly recipe: RecipePlan | null;
  /** How the zone looks with it; null while that is worked out. */
  readonly look: LayerLook | null;
}

/** What colours a zone is carried by, in its way. */
export const kindOf = (school: School): PaintKind =>
  school === 'coloured-clay' ? 'clay' : school === 'pastel' ? 'pastel' : 'paint';

/** A zone as its layers need it. */
export interface LayeredZone {
  readonly zone: Coloured;
  readonly hex: string;
  readonly school: School;
  readonly textured: boolean;
  readonly fibre: boolean;
  readonly area: Working;
  /** Its layers, in the order in which they go on. */
  readonly rules: readonly LayerRule[];
  readonly marbled: boolean;
  /** What lies under its first layer. */
  readonly groundHex: string;
  /** One colour of a marking; its first coat lies over the paint of the zone. */
  readonly isMarking: boolean;
  /** No zone of the coat: eyes, mouth, teeth, claws. */
  readonly isDetail: boolean;
}

/** What one coat takes, with the skin that it is told for. */
export const coatOf100 = (): readonly WorkingInput[] => [
  input('q', say.coatTakes, ML_PER_100_CM2, 'ml', 'memory'),
  input('A', say.forEach, 100, 'cm2', 'memory'),
];

/** Every number of a layer. */
export function layerPlan(
  of: LayeredZone,
  rule: LayerRule,
  colour: Workpiece['colour'],
  painted: PaintAnswer | null,
): LayerPlan {
  const hex = layerHex(of.hex, rule, colour.step);
  const look =
    painted?.zones.find(({ id }) => id === of.zone.id)?.layers.find(({ id }) => id === rule.id) ??
    null;
  const found = painted?.recipes[recipeKey(kindOf(of.school), hex)];
  const coats = coatsOf(rule, colour, look);
  const ml = mlWorking(of, rule, coats);
  return {
    ...{ rule, hex, ml, look },
    lightness: lightnessWorking(of, rule, hex, colour),
    water: rule.paint === 1 ? null : waterWorking(of, rule, ml),
    minutes: minutesWorking(of, rule, coats),
    recipe:
      found === undefined
        ? null
        : recipePlan(
            found,
            hex,
            common(of, rule, 'off'),
            `${of.zone.name}, ${rule.name.toLowerCase()}`,
          ),
  };
}

/** Both recipes of a colour with how far off they are; `of` tells what colour of what. */
export function recipePlan(
  { best, second }: PaintAnswer['recipes'][string],
  hex: string,
  common: Pick<Working, 'id' | 'stage' | 'provenance' | 'target'>,
  of: string,
): RecipePlan {
  const off = (mix: MixedRecipe, id: string, label: string): Working => ({
    ...common,
    ...{ id, label, value: mix.difference, unit: 'ratio', digits: 1, inputs: [] },
    reading: {
      method: say.differenceBetween(hex, mix.hex),
      resolution: say.wholeParts,
      checkedBy: 'core/checks/checks.test.ts',
    },
    source: say.kubelkaMunk,
  });
  return {
    ...{ best, second },
    difference: off(best, common.id, say.mixOff(of)),
    secondDifference: second && off(second, `${common.id}.second`, say.secondOff(of)),
  };
}

const common = ({ zone }: LayeredZone, { id }: LayerRule, what: string) =>
  ({
    id: `colour.zone.${zone.id}.${id}.${what}`,
    stage: 'colour',
    provenance: 'derived',
    target: zone.target,
  }) as const;

const coatsOf = (
  rule: LayerRule,
  colour: Workpiece['colour'],
  look: LayerLook | null,
): WorkingInput => {
  if (rule.kind !== 'cover') return input('N', say.coats, 1, 'count', 'memory');
  return colour.baseCoats === null
    ? input('N', say.coatsUntilHidden, look?.coats ?? USUAL_COATS, 'count', 'derived')
    : input('N', say.coats, colour.baseCoats, 'count', 'own');
};

const shareInput = ({ textured }: LayeredZone, rule: LayerRule): WorkingInput =>
  input('share', say.shareOfSkinThat, coveredOf(rule, textured), 'ratio', 'memory');

function mlWorking(of: LayeredZone, rule: LayerRule, coats: WorkingInput): Working {
  const isPowder = rule.kind === 'powder';
  const share = shareInput(of, rule);
  const per100 = isPowder ? POWDER_G_PER_100_CM2 : ML_PER_100_CM2;
  const furrows = isPowder ? 1 : TEXTURE;
  return {
    ...common(of, rule, 'ml'),
    label: `${of.zone.name}, ${rule.name.toLowerCase()}`,
    value: (of.area.value / 100) * per100 * furrows * share.value * coats.value * rule.paint,
    unit: isPowder ? 'g' : 'ml',
    digits: 2,
    formula: 'v = a / A · q · f · share · N · c',
    inputs: [
      asInput('a', of.area),
      input('q', say.coatTakes, per100, isPowder ? 'g' : 'ml', 'memory'),
      input('A', say.forEach, 100, 'cm2', 'memory'),
      input('f', say.furrowsAgainstSmoothSkin, furrows, 'ratio', 'memory'),
      share,
      coats,
      input('c', say.shareOfPaint, rule.paint, 'ratio', 'memory'),
    ],
    source: isPowder ? say.commonPractice : say.aboutMToLitre,
  };
}

const waterWorking = (of: LayeredZone, rule: LayerRule, ml: Working): Working => ({
  ...common(of, rule, 'water'),
  label: say.thinnedWith(of.zone.name, rule.name.toLowerCase()),
  value: (ml.value * (1 - rule.paint)) / rule.paint,
  unit: 'ml',
  digits: 2,
  formula: 'w = v · (1 − c) / c',
  inputs: [asInput('v', ml), input('c', say.shareOfPaint, rule.paint, 'ratio', 'memory')],
  source: say.commonPractice,
});

const minutesWorking = (of: LayeredZone, rule: LayerRule, coats: WorkingInput): Working => ({
  ...common(of, rule, 'minutes'),
  label: say.minutesOf(of.zone.name, rule.name.toLowerCase()),
  value: (of.area.value * coats.value) / CM2_PER_MIN,
  unit: 'min',
  formula: 't = a / p · N · q',
  inputs: [
    asInput('a', of.area),
    input('p', say.brushedInMinute, CM2_PER_MIN, 'cm2', 'memory'),
    coats,
    input('q', say.oneMinute, 1, 'min', 'derived'),
  ],
  source: say.commonPractice,
});

function lightnessWorking(
  of: LayeredZone,
  rule: LayerRule,
  hex: string,
  colour: Workpiece['colour'],
): Working {
  const own = typeof colour.zones[of.zone.id]?.hex === 'string';
  return {
    ...common(of, rule, 'lightness'),
    label: say.lightness(of.zone.name, rule.name.toLowerCase(), hex),
    value: hexToOklch(hex)?.[0] ?? 0,
    unit: 'ratio',
    digits: 2,
    reading: {
      method: say.lightnessByRule,
      resolution: say.stepsInEachOf,
      checkedBy: 'core/src/colour/colour.test.ts',
    },
    inputs: [
      input(
        'L₀',
        say.lightnessOfTarget(of.hex),
        hexToOklch(of.hex)?.[0] ?? 0,
        'ratio',
        own ? 'own' : 'memory',
      ),
      input('k', say.stepsOfThisLayer, rule.steps, 'ratio', 'memory'),
      input('s', say.oneStep, colour.step, 'ratio', 'own'),
      input('c', say.chromaAgainstBase, rule.chroma, 'ratio', 'memory'),
    ],
    source: say.oklabBOttossonSteps,
  };
}
