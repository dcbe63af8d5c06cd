import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { isStuckOn } from '../body/undersize.ts';
import type { CoatZone, Sheen } from '../anatomy/coat.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { asInput, input, type Working, type WorkingInput } from '../piece/working.ts';
import { hexToOklch } from './colourSpaces.ts';
import { LAYERS, layerHex, type LayerRule } from './paintLayers.ts';

/** Paint that a brushed coat takes, ml for 100 cm²: about 10 m² to the litre (common practice). */
export const ML_PER_100_CM2 = 1;
/** Skin of strokes and furrows against smooth skin (common practice). */
export const TEXTURE = 1.4;

/** Primers and their colours. */
export const PRIMERS = { grey: '#8c8c8a', white: '#f2f1ec' } as const;

/** A layer of one zone. */
export interface LayerPlan {
  readonly rule: LayerRule;
  readonly hex: string;
  readonly lightness: Working;
  readonly ml: Working;
}

/** A zone with its colours. */
export interface ZoneColour {
  readonly zone: CoatZone;
  readonly hex: string;
  readonly own: boolean;
  readonly sheen: Sheen;
  readonly area: Working;
  /** Fibre is stuck on it: only its base is painted. */
  readonly fibre: boolean;
  readonly layers: readonly LayerPlan[];
}

/** What Colour hands on. */
export interface ColourPlan extends StageResult {
  readonly primerHex: string;
  readonly primer: Working;
  readonly zones: readonly ZoneColour[];
  /** Varnish by sheen, only those that are used. */
  readonly varnishes: readonly {
    readonly sheen: Sheen;
    /** The sheen and its zones, in words. */
    readonly words: string;
    readonly ml: Working;
  }[];
}

/** What Colour reads. */
export interface ColourInputs {
  readonly colour: Workpiece['colour'];
  readonly skin: SkinPlan;
}

/** Colours in order from primer to sheen, with the paint they take. Null while the area of its zones is not known. */
export function planColour(inputs: ColourInputs): ColourPlan | null {
  const { colour, skin } = inputs;
  const underFibre = new Set(
    skin.zones.filter(({ method }) => isStuckOn(method)).map(({ zone }) => zone.id),
  );
  const zones = skin.zones.flatMap(({ zone, area }) =>
    area === null ? [] : [zoneColour(zone, colour, area, underFibre.has(zone.id))],
  );
  if (zones.length < skin.zones.length) return null;
  const primer = primerWorking(zones);
  // Fibre is never varnished.
  const bare = zones.filter(({ fibre }) => !fibre);
  const sheens = [...new Set(bare.map((zoneColour) => zoneColour.sheen))];
  const varnishes = sheens.map((sheen) => ({
    sheen,
    words: sheenWords(sheen, bare),
    ml: varnishWorking(sheen, bare),
  }));
  return {
    primerHex: PRIMERS[colour.primer],
    primer,
    zones,
    varnishes,
    workings: [
      primer,
      ...zones.flatMap((zone) => [...zone.layers.flatMap((layer) => [layer.lightness, layer.ml])]),
      ...varnishes.map((varnish) => varnish.ml),
    ],
    snags: [],
  };
}

function zoneColour(
  zone: CoatZone,
  colour: Workpiece['colour'],
  area: Working,
  fibre: boolean,
): ZoneColour {
  const own = colour.zones[zone.id];
  const hex = own?.hex ?? zone.hex;
  return {
    zone,
    hex,
    own: typeof own?.hex === 'string',
    sheen: own?.sheen ?? zone.sheen,
    area,
    fibre,
    // Under fibre only the base shows between the tufts: no hollows, no ridges.
    layers: LAYERS.filter(({ id }) => !fibre || id === 'base').map((rule) =>
      layerPlan(zone, rule, hex, colour, area),
    ),
  };
}

/** What one coat takes, with the skin that it is told for. */
const coatOf100 = (): readonly WorkingInput[] => [
  input('q', say.coatTakes, ML_PER_100_CM2, 'ml', 'memory'),
  input('A', say.forEach, 100, 'cm2', 'memory'),
];

// eslint-disable-next-line max-lines-per-function -- one layer with its two workings
function layerPlan(
  zone: CoatZone,
  rule: LayerRule,
  targetHex: string,
  colour: Workpiece['colour'],
  area: Working,
): LayerPlan {
  const hex = layerHex(targetHex, rule, colour.step);
  const coats = rule.id === 'base' ? colour.baseCoats : 1;
  const own = typeof colour.zones[zone.id]?.hex === 'string';
  const common = {
    stage: 'colour',
    provenance: 'derived',
    target: { kind: 'zone', id: zone.id },
  } as const;
  return {
    rule,
    hex,
    lightness: {
      ...common,
      id: `colour.zone.${zone.id}.${rule.id}.lightness`,
      label: say.lightness(zone.name, rule.name.toLowerCase(), hex),
      value: hexToOklch(hex)?.[0] ?? 0,
      unit: 'ratio',
      digits: 2,
      reading: {
        method:
          'lightness of L₀ + k · s with the hue kept and the chroma times c, as a screen shows it',
        resolution: say.stepsInEachOf,
        checkedBy: 'core/src/colour/colour.test.ts',
      },
      inputs: [
        input(
          'L₀',
          say.lightnessOfTarget(targetHex),
          hexToOklch(targetHex)?.[0] ?? 0,
          'ratio',
          own ? 'own' : 'memory',
        ),
        input('k', say.stepsOfThisLayer, rule.steps, 'ratio', 'memory'),
        input('s', say.oneStep, colour.step, 'ratio', 'own'),
        input('c', say.chromaAgainstBase, rule.chroma, 'ratio', 'memory'),
      ],
      source: say.oklabBOttossonSteps,
    },
    ml: {
      ...common,
      id: `colour.zone.${zone.id}.${rule.id}.ml`,
      label: `${zone.name}, ${rule.name.toLowerCase()}`,
      value: (area.value / 100) * ML_PER_100_CM2 * TEXTURE * rule.share * coats,
      unit: 'ml',
      digits: 2,
      formula: 'v = a / A · q · f · share · N',
      inputs: [
        asInput('a', area),
        ...coatOf100(),
        input('f', say.furrowsAgainstSmoothSkin, TEXTURE, 'ratio', 'memory'),
        input('share', say.shareOfSkinThat, rule.share, 'ratio', 'memory'),
        input('N', say.coats, coats, 'count', 'own'),
      ],
      source: say.aboutMToLitre,
    },
  };
}

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

const primerWorking = (zones: readonly ZoneColour[]): Working =>
  wholeCoat('colour.primer.ml', say.primerOneCoat, zones);

/** A sheen with the zones that have it, in words. */
const sheenWords = (sheen: Sheen, zones: readonly ZoneColour[]): string =>
  say.sheenOf(
    sheen === 'wet' ? say.highGloss : sheen,
    zones
      .filter((zone) => zone.sheen === sheen)
      .map((zoneColour) => zoneColour.zone.name.toLowerCase())
      .join(', '),
  );

const varnishWorking = (sheen: Sheen, zones: readonly ZoneColour[]): Working =>
  wholeCoat(
    `colour.varnish.${sheen}.ml`,
    say.varnish(sheenWords(sheen, zones)),
    zones.filter((zone) => zone.sheen === sheen),
  );
