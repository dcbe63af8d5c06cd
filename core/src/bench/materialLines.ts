import * as say from './words.ts';
import type { ColourPlan, ZoneColour } from '../colour/planColour.ts';
import type { TubePlan } from '../colour/tubePlans.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { Sentence } from '../piece/step.ts';
import { asGiven, asInput, type Working } from '../piece/working.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import { shaftStep } from './featherSteps.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { SupplyKind } from '../workshop/workshopSchema.ts';

/** In which step a stuff is used, and which share of all of it. */
export interface UsedAt {
  readonly step: string;
  readonly share: number;
}

/** What a piece takes of one stuff. */
export interface MaterialLine {
  readonly id: string;
  readonly kind: SupplyKind | 'wire' | 'clay' | 'paint';
  readonly what: Sentence;
  /** All that the piece takes of it. */
  readonly need: Working;
  readonly usedAt: readonly UsedAt[];
  /** A lot is this stuff if its name has one of these words; every lot of its kind where there are none. */
  readonly words: readonly string[];
  /** What else is known of it. */
  readonly beside: readonly Working[];
  /** What Colour reckoned to buy of a tube; null of what is no paint. */
  readonly own: {
    readonly buy: Working | null;
    readonly cost: Working | null;
    readonly lots: readonly string[];
  } | null;
}

/** What the lines are told from. */
export interface MaterialWork {
  readonly wire: WirePlan;
  readonly fittings: FittingsPlan;
  readonly mass: MassPlan;
  readonly colour: ColourPlan;
  readonly skin: SkinPlan;
  readonly piece: Pick<Workpiece, 'colour' | 'atHand'>;
}

/** Everything but wire, clay and tubes, which stages before have reckoned with what is there. */
export function supplyLines(of: MaterialWork): readonly MaterialLine[] {
  const { wire, fittings, mass, colour, skin, piece } = of;
  return [
    ...(wire.bindings.total.unit === 'm'
      ? [plain('binding', say.tieForBindings, wire.bindings.total, 'wire.bind')]
      : []),
    ...boardLines(wire.base),
    ...perchLines(wire.base.perch),
    ...hardwareLines(wire.base),
    ...boughtParts(fittings),
    plain('foil', say.kitchenFoil, mass.foil.metres, 'mass.core'),
    ...(colour.primer === null
      ? []
      : [plain('primer', say.primer(piece.colour.primer), colour.primer, 'colour.primer')]),
    ...colour.varnishes.map(({ ml, sheen }) => ({
      ...plain('varnish', ml.label, ml, 'colour.sheen'),
      words: [...say.SHEEN_WORDS[sheen]],
    })),
    ...fibreLines(skin),
    ...featherLines(skin),
  ];
}

const plain = (
  kind: SupplyKind,
  what: string | Sentence,
  need: Working,
  step: string,
  beside: readonly Working[] = [],
): MaterialLine => ({
  ...{ id: need.id, kind, what: typeof what === 'string' ? [what] : what, need, beside },
  ...{ usedAt: [{ step, share: 1 }], words: [], own: null },
});

const boardLines = (base: WirePlan['base']): readonly MaterialLine[] =>
  base.on === 'none'
    ? []
    : [
        plain(
          'board',
          [
            base.on === 'wall' ? say.plateForWall : say.boardForBase,
            base.length,
            ' by ',
            base.width,
          ],
          count('bench.shop.board', say.boards, say.onePieceOneBase, 1),
          'wire.drill',
        ),
      ];

const hardwareLines = (base: WirePlan['base']): readonly MaterialLine[] =>
  base.hardware.length > 0
    ? base.hardware.map((working) => plain('hardware', working.label, working, 'wire.mount'))
    : [
        plain(
          'hardware',
          say.nutsAndWashersOr,
          count('bench.shop.nuts', say.pegsToFix, say.holesInBase, base.holes.length),
          'wire.mount',
        ),
      ];

/** The log, branch, post or rock that feet stand on, and the uprights under it. */
function perchLines(on: WirePlan['base']['perch']): readonly MaterialLine[] {
  if (on === null) return [];
  const { perch, seats, thick } = on;
  const uprights = seats.flatMap(({ upright }) => (upright === null ? [] : [upright]));
  const one = count('bench.shop.perch', perch.name, say.onePieceOnePerch, 1);
  const what: Sentence =
    perch.width === null
      ? [say.perchThick(perch.name, perch.diameterMm.toFixed(0)), perch.length]
      : [say.perchRock, perch.length, ' by ', perch.width];
  const stood = { ...plain('other', what, one, 'wire.perch', [perch.weight]) };
  if (thick === null) return [{ ...stood, words: [perch.name.toLowerCase()] }];
  const sizes = uprights.flatMap((mm, i) => (i === 0 ? [mm] : [', ', mm]));
  const many = count('bench.shop.uprights', say.uprights, say.onePieceOnePerch, uprights.length);
  return [
    { ...stood, words: [perch.name.toLowerCase()] },
    { ...plain('rod', [say.dowelsOf, thick, ': ', ...sizes], many, 'wire.perch') },
  ];
}

/** Parts made apart that are bought, or cut of what is bought. */
const boughtParts = ({ fittings }: FittingsPlan): readonly MaterialLine[] =>
  fittings
    .filter(({ made, material }) => made === 'set' && !['clay', 'wire'].includes(material.id))
    .map(({ id, thing, name, material, length, sold, toMake }) => {
      const isEye = thing === 'eye';
      const size = sold ?? length;
      return {
        ...plain(
          isEye ? 'eyes' : 'part',
          [say.stuffForPart(material.name, name.toLowerCase()), size],
          toMake,
          isEye ? 'parts.set' : `parts.set.${id}`,
        ),
        words: isEye ? [` ${Number(size.value.toFixed(1))} mm`] : [material.name.toLowerCase()],
      };
    });

/** Fibre by its zone, wefts by the metre, and the glue for all of it. */
function fibreLines({ zones }: SkinPlan): readonly MaterialLine[] {
  const planted = zones.flatMap(({ zone, planting }) =>
    planting === null ? [] : [{ name: zone.name.toLowerCase(), ...planting }],
  );
  if (planted.length === 0) return [];
  const glue: Working = {
    ...{ id: 'bench.shop.glue', stage: 'bench', label: say.glueForFibre },
    value: planted.reduce((sum, of) => sum + of.glue.value, 0),
    ...{ unit: 'ml', digits: 1, provenance: 'derived', formula: 'Σ gᵢ' },
    inputs: planted.map((of) => asInput('gᵢ', of.glue)),
    source: say.zonesOfFibre,
  };
  return [
    ...planted.map(({ name, weft, grams, cut }) =>
      weft === null
        ? plain('fibre', [say.fibreFor(name), cut], grams, 'skin.fibre')
        : plain('fibre', [say.weftFor(name), cut], weft, 'skin.fibre'),
    ),
    plain('glue', say.glueForFibre, glue, 'skin.fibre'),
  ];
}

/** Sheet for the feathers that are cut, and the wire of their shafts. */
const featherLines = ({ feathers }: SkinPlan): readonly MaterialLine[] =>
  feathers === null
    ? []
    : [
        ...(feathers.sheet === null
          ? []
          : [plain('other', say.sheetForFeathers, feathers.sheet, 'skin.feathers.cut')]),
        ...(feathers.shaftWire === null
          ? []
          : [
              {
                ...plain('other', say.wireForShafts, feathers.shaftWire, shaftStep(feathers)),
                words: ['shaft'],
              },
            ]),
      ];

/** Tubes with the steps that each is used in; while tubes are searched, paint by zone. */
export const paintLines = (colour: ColourPlan): readonly MaterialLine[] =>
  colour.tubes === null
    ? colour.zones
        .filter(({ layers }) => layers.length > 0)
        .map((zone) => ({
          ...plain(
            'other',
            say.paintForAndIts(zone.zone.name.toLowerCase(), zone.hex),
            paint(zone),
            '',
          ),
          ...{ kind: 'paint', usedAt: layersOf(zone), own: { buy: null, cost: null, lots: [] } },
        }))
    : colour.tubes.map((tube) => tubeLine(tube, colour));

function tubeLine({ tube, needed, buy, cost, onHand }: TubePlan, colour: ColourPlan): MaterialLine {
  const spread = spreadOf(tube.id, tube.kind, colour);
  const all = spread.reduce((sum, { share }) => sum + share, 0);
  return {
    ...{ id: needed.id, kind: 'paint', what: [say.tubeOf(tube.kind, tube.name)], need: needed },
    usedAt: spread.map(({ step, share }) => ({ step, share: share / all })),
    ...{ words: [], beside: [] },
    own: { buy, cost, lots: onHand === null ? [] : [onHand.id] },
  };
}

/** How much of a tube each step takes, up to a factor. */
function spreadOf(
  tubeId: string,
  kind: TubePlan['tube']['kind'],
  { zones }: ColourPlan,
): readonly UsedAt[] {
  const shareOf = (parts: readonly { tubeId: string; parts: number }[]): number =>
    (parts.find((part) => part.tubeId === tubeId)?.parts ?? 0) /
    parts.reduce((sum, part) => sum + part.parts, 0);
  const unit = kind === 'paint' ? 'ml' : 'g';
  return zones
    .flatMap(({ layers, clay }): readonly UsedAt[] => [
      ...layers
        .filter(({ recipe, ml }) => recipe !== null && ml.unit === unit)
        .map(({ rule, ml, recipe }) => ({
          step: `colour.${rule.id}`,
          share: ml.value * shareOf(recipe!.best.parts),
        })),
      ...(kind !== 'clay' || !clay?.recipe
        ? []
        : [
            {
              step: 'colour.mix-clay',
              share: clay.grams.value * shareOf(clay.recipe.best.parts),
            },
          ]),
    ])
    .filter(({ share }) => share > 0);
}

const layersOf = ({ layers }: ZoneColour): readonly UsedAt[] => {
  const all = layers.reduce((sum, { ml }) => sum + ml.value, 0);
  return layers.map(({ rule, ml }) => ({ step: `colour.${rule.id}`, share: ml.value / all }));
};

function paint(zone: ColourPlan['zones'][number]): Working {
  return {
    ...{ id: `bench.shop.paint.${zone.zone.id}`, stage: 'bench' },
    label: say.paint2(zone.zone.name.toLowerCase()),
    value: zone.layers.reduce((sum, layer) => sum + layer.ml.value, 0),
    ...{ unit: 'ml', digits: 1, provenance: 'derived', formula: 'v = Σ vᵢ' },
    inputs: zone.layers.map((layer) => asInput('vᵢ', layer.ml)),
    source: say.layersOfThisZone,
  };
}

const count = (id: string, label: string, why: string, value: number): Working => ({
  ...{ id, stage: 'bench', label, value, unit: 'count', provenance: 'derived' },
  ...asGiven(why, value, 'count', 'derived'),
  source: say.basePlanInWire,
});
