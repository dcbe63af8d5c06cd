import * as say from './words.ts';
import { zoneOf, FACINGS, type Sheen } from '../anatomy/coat.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { MarkingsPlan } from '../markings/planMarkings.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { PaintOnHand } from '../workshop/workshopSchema.ts';
import { accentOf, type Accent } from './accent.ts';
import { checkSnags, colourChecks, type ColourCheck } from './checkColours.ts';
import type { Coloured, ColouredDetail } from './details.ts';
import { groundHex, isPrimed } from './grounds.ts';
import { layeredZones } from './layeredZones.ts';
import {
  coatOf100,
  kindOf,
  layerPlan,
  ML_PER_100_CM2,
  recipePlan,
  TEXTURE,
  type LayeredZone,
  type LayerPlan,
  type RecipePlan,
} from './layerPlan.ts';
import { recipeKey, type PaintAnswer, type Rung } from './paintQuestion.ts';
import { tubePlans, tubeWorkings, type Spread, type TubePlan } from './tubePlans.ts';
import { varnishAdvice, type VarnishAdvice } from './varnishAdvice.ts';

export type { LayerPlan, RecipePlan } from './layerPlan.ts';
export type { TubePlan as PaintTubePlan } from './tubePlans.ts';

/** A zone with its colours. */
export interface ZoneColour extends LayeredZone {
  readonly own: boolean;
  readonly sheen: Sheen;
  readonly layers: readonly LayerPlan[];
  /** Coloured clay of it: how much, and of what; null in other ways. */
  readonly clay: { readonly grams: Working; readonly recipe: RecipePlan | null } | null;
  /** How it looks in the end, and how far that is off; null while it is worked out. */
  readonly end: { readonly hex: string; readonly difference: Working } | null;
  /** From its darkest mix to its lightest; none with less than two, or while they are worked out. */
  readonly ladder: readonly Rung[];
  readonly accent: Accent;
}

/** What Colour hands on. */
export interface ColourPlan extends StageResult {
  readonly primerHex: string;
  /** Primer of the zones that have one; null where none has. */
  readonly primer: Working | null;
  readonly zones: readonly ZoneColour[];
  /** Tubes that all is mixed of; null while they are searched. */
  readonly tubes: readonly TubePlan[] | null;
  /** The pigment that would bring most beside those; null where none would, or while it is searched. */
  readonly oneMore: { readonly name: string; readonly nearer: Working } | null;
  /** Varnish by sheen, only those that are used. */
  readonly varnishes: readonly {
    readonly sheen: Sheen;
    /** The sheen and its zones, in words. */
    readonly words: string;
    readonly ml: Working;
  }[];
  /** Zones and markings beside what pictures show of them, the farthest off first. */
  readonly checks: readonly ColourCheck[];
  /** What goes wrong with varnish here, and where. */
  readonly advice: readonly VarnishAdvice[];
}

/** What Colour reads. */
export interface ColourInputs {
  readonly colour: Workpiece['colour'];
  readonly skin: SkinPlan;
  readonly markings: MarkingsPlan;
  readonly paints: readonly PaintOnHand[];
  /** Eyes, mouth, teeth, claws. */
  readonly details: readonly ColouredDetail[];
  /** The animal, and its joints that are moved later. */
  readonly skeleton: Skeleton;
  readonly freeJoints: readonly string[];
  /** Of the clay. */
  readonly density: Working;
  /** Recipes and looks; null while they are worked out. */
  readonly painted: PaintAnswer | null;
}

/** Coloured clay is laid so thick over what is under it, mm. Common practice. */
const VENEER_MM = 2;

/** Colours in order from primer to sheen, with the paint they take. Null while the area of its zones is not known. */
export function planColour(inputs: ColourInputs): ColourPlan | null {
  const { colour, skin, paints, painted } = inputs;
  const layered = layeredZones(colour, skin, inputs.markings, inputs.details);
  if (layered === null) return null;
  const zones = layered.map((of) => zoneColour(of, inputs));
  const primed = zones.filter(({ school }) => isPrimed(school, colour));
  const primer =
    primed.length === 0 ? null : wholeCoat('colour.primer.ml', say.primerOneCoat, primed);
  const varnishes = varnishesOf(zones);
  const checks = colourChecks(zones, colour.seen);
  const oneMore = painted?.oneMore ? oneMorePlan(painted.oneMore) : null;
  const tubes = painted && tubePlans(painted.few, spreadsOf(zones), paints, colour.fixed);
  return {
    primerHex: groundHex(colour.school, colour),
    ...{ primer, zones, tubes, varnishes },
    ...{ oneMore, checks },
    advice: varnishAdvice(zones, colour, bendingZones(inputs)),
    workings: [
      ...(primer === null ? [] : [primer]),
      ...zones.flatMap(zoneWorkings),
      ...(tubes ?? []).flatMap(tubeWorkings),
      ...(oneMore === null ? [] : [oneMore.nearer]),
      ...varnishes.map((varnish) => varnish.ml),
      ...checks.map(({ difference }) => difference),
    ],
    snags: checkSnags(checks),
  };
}

function zoneColour(of: LayeredZone, { colour, density, painted }: ColourInputs): ZoneColour {
  const own = colour.zones[of.zone.id];
  const look = painted?.zones.find(({ id }) => id === of.zone.id);
  return {
    ...of,
    own: typeof own?.hex === 'string',
    sheen: own?.sheen ?? of.zone.sheen,
    layers: of.rules.map((rule) => layerPlan(of, rule, colour, painted)),
    ladder: look?.ladder ?? [],
    accent: accentOf(of.zone, of.hex),
    clay: of.school === 'coloured-clay' ? clayOf(of, density, painted) : null,
    end:
      look === undefined
        ? null
        : { hex: look.hex, difference: endDifference(of.zone, of.hex, look) },
  };
}

const recipeWorkings = (recipe: RecipePlan | null): readonly Working[] =>
  recipe === null
    ? []
    : [recipe.difference, ...(recipe.secondDifference ? [recipe.secondDifference] : [])];

/** What of the coat lies over joints that are moved later. */
function bendingZones({ skeleton, freeJoints }: ColourInputs): ReadonlySet<string> {
  const { coat } = skeleton.animal;
  return new Set(
    freeJoints.flatMap((id) => {
      const key = skeleton.byId.get(id)?.key ?? '';
      return FACINGS.flatMap((facing) => zoneOf(coat, key, facing)?.id ?? []);
    }),
  );
}

const oneMorePlan = ({
  name,
  nearer,
}: NonNullable<PaintAnswer['oneMore']>): ColourPlan['oneMore'] => ({
  name,
  nearer: {
    ...{ id: 'colour.one-more', stage: 'colour', label: say.oneMoreNearer(name), value: nearer },
    ...{ unit: 'ratio', digits: 1, provenance: 'derived', inputs: [] },
    reading: {
      method: say.meanWithAndWithout,
      resolution: say.wholeParts,
      checkedBy: 'core/src/colour/paintAnswer.test.ts',
    },
    source: say.kubelkaMunk,
  },
});

function zoneWorkings({
  area,
  isDetail,
  layers,
  clay,
  end,
  accent,
}: ZoneColour): readonly Working[] {
  return [
    ...(isDetail ? [area] : []),
    ...layers.flatMap(({ lightness, ml, water, minutes, recipe }) => [
      ...[lightness, ml, minutes],
      ...(water === null ? [] : [water]),
      ...recipeWorkings(recipe),
    ]),
    ...(clay === null ? [] : [clay.grams, ...recipeWorkings(clay.recipe)]),
    ...(end === null ? [] : [end.difference]),
    accent.contrast,
  ];
}

/** How much of which recipe lies where. */
const spreadsOf = (zones: readonly ZoneColour[]): readonly Spread[] =>
  zones.flatMap(({ layers, clay }): Spread[] => [
    ...layers.flatMap(({ ml, recipe }) =>
      recipe === null ? [] : [{ amount: ml, recipe: recipe.best }],
    ),
    ...(clay?.recipe ? [{ amount: clay.grams, recipe: clay.recipe.best }] : []),
  ]);

function clayOf(
  { zone, hex, area }: LayeredZone,
  density: Working,
  painted: PaintAnswer | null,
): ZoneColour['clay'] {
  const { target } = zone;
  const found = painted?.recipes[recipeKey(kindOf('coloured-clay'), hex)];
  const base = { stage: 'colour', provenance: 'derived', target } as const;
  return {
    grams: {
      ...{ ...base, id: `colour.zone.${zone.id}.clay`, label: say.colouredClayOf(zone.name) },
      value: (area.value * 100 * VENEER_MM * density.value) / 1000,
      unit: 'g',
      formula: 'm = a · d · ρ',
      inputs: [
        asInput('a', area),
        input('d', say.veneerThick, VENEER_MM, 'mm', 'memory'),
        asInput('ρ', density),
      ],
      source: say.commonPractice,
    },
    recipe:
      found === undefined
        ? null
        : recipePlan(
            found,
            hex,
            { ...base, id: `colour.zone.${zone.id}.clay.off` },
            say.clayOf(zone.name),
          ),
  };
}

const endDifference = (
  zone: Coloured,
  hex: string,
  look: { readonly hex: string; readonly difference: number },
): Working => ({
  ...{ id: `colour.zone.${zone.id}.off`, stage: 'colour', label: say.endOff(zone.name) },
  ...{ value: look.difference, unit: 'ratio', digits: 1, provenance: 'derived', inputs: [] },
  reading: {
    method: say.differenceBetween(hex, look.hex),
    resolution: say.meanOfPlaces,
    checkedBy: 'core/src/colour/paintAnswer.test.ts',
  },
  source: say.kubelkaFilms,
  target: zone.target,
});

/** A coat over all of some zones. */
const wholeCoat = (id: string, label: string, zones: readonly ZoneColour[]): Working => {
  const area = zones.reduce((sum, zone) => sum + zone.area.value, 0);
  return {
    id,
    stage: 'colour',
    label,
    value: (area / 100) * ML_PER_100_CM2 * TEXTURE,
    unit: 'ml',
    digits: 1,
    provenance: 'derived',
    formula: 'v = a / A · q · f',
    inputs: [
      input('a', say.skinThatItCovers, area, 'cm2', 'derived'),
      ...coatOf100(),
      input('f', say.furrowsAgainstSmoothSkin, TEXTURE, 'ratio', 'memory'),
    ],
    source: say.aboutMToLitreBy,
  };
};

/** Varnish by sheen; fibre is never varnished. */
function varnishesOf(zones: readonly ZoneColour[]): ColourPlan['varnishes'] {
  const bare = zones.filter(({ fibre }) => !fibre);
  return [...new Set(bare.map(({ sheen }) => sheen))].map((sheen) => {
    const its = bare.filter((zone) => zone.sheen === sheen);
    const words = say.sheenOf(
      sheen === 'wet' ? say.highGloss : sheen,
      its.map(({ zone }) => zone.name.toLowerCase()).join(', '),
    );
    const id = `colour.varnish.${sheen}.ml`;
    return { sheen, words, ml: wholeCoat(id, say.varnish(words), its) };
  });
}
