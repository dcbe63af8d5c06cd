import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { MassPlan } from '../mass/planMass.ts';
import { asGiven, asInput, type Working } from '../piece/working.ts';
import type { Sentence } from '../piece/step.ts';
import { packetsCost, packetsToBuy } from './atHand.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { WirePlan } from '../wire/wirePlan.ts';

/** One thing to have, with its quantity. */
export interface ShoppingLine {
  readonly id: string;
  readonly what: Sentence;
  readonly quantity: Working;
  /** What else is known of it: its cost, the nearest paint on hand. */
  readonly beside: readonly Working[];
}

/** What the list is made from. */
export interface ShoppingWork {
  readonly wire: WirePlan;
  readonly fittings: FittingsPlan;
  readonly mass: MassPlan;
  readonly colour: ColourPlan;
  readonly skin: SkinPlan;
  readonly piece: Pick<Workpiece, 'colour' | 'atHand'>;
}

/** Everything the piece needs and the workshop does not have. */
export function shoppingList(of: ShoppingWork): readonly ShoppingLine[] {
  const { wire, fittings, mass, colour, skin, piece } = of;
  const { clays } = piece.atHand;
  const line = (
    what: string | Sentence,
    quantity: Working,
    beside: readonly (Working | null)[] = [],
  ): ShoppingLine => ({
    id: quantity.id,
    what: typeof what === 'string' ? [what] : what,
    quantity,
    beside: beside.filter((working) => working !== null),
  });
  return [
    ...wire.stock.groups
      .filter((group) => group.buy.value > 0)
      .map((group) => line(`${group.metalName}, ${group.sizeText}`, group.buy)),
    ...(wire.bindings.total.unit === 'm' ? [line(say.tieForBindings, wire.bindings.total)] : []),
    ...(wire.base.on === 'none'
      ? []
      : [
          line(
            [
              wire.base.on === 'wall' ? say.plateForWall : say.boardForBase,
              wire.base.length,
              ' by ',
              wire.base.width,
            ],
            count('bench.shop.board', say.boards, say.onePieceOneBase, 1),
          ),
        ]),
    ...perchLines(wire.base.perch),
    ...(wire.base.hardware.length > 0
      ? wire.base.hardware.map((working) => line(working.label, working))
      : [
          line(
            say.nutsAndWashersOr,
            count('bench.shop.nuts', say.pegsToFix, say.holesInBase, wire.base.holes.length),
          ),
        ]),
    ...boughtParts(fittings).map(({ what, toMake }) => line(what, toMake)),
    line(say.kitchenFoil, mass.foil.metres),
    ...mass.batches.map((batch) => {
      const { figures } = batch;
      const packets = packetsToBuy(batch, clays) ?? batch.packets;
      const cost = packetsCost(batch, packets, clays);
      return line([say.packetsOf(figures.name), figures.packet], packets, [cost]);
    }),
    ...(colour.primer === null ? [] : [line(say.primer(piece.colour.primer), colour.primer)]),
    ...paintLines(colour).map(([what, quantity, beside]) => line(what, quantity, beside)),
    ...colour.varnishes.map(({ ml }) => line(ml.label, ml)),
    ...fibreLines(skin).map(([what, quantity]) => line(what, quantity)),
  ].filter((shoppingLine) => shoppingLine.quantity.value > 0);
}

/** Fibre by its zone, wefts by the metre, and the glue for all of it. */
function fibreLines({ zones }: SkinPlan): readonly (readonly [Sentence, Working])[] {
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
    ...planted.map(({ name, weft, grams, cut }): readonly [Sentence, Working] =>
      weft === null ? [[say.fibreFor(name), cut], grams] : [[say.weftFor(name), cut], weft],
    ),
    [[say.glueForFibre], glue],
  ];
}

/** Parts made apart that are bought, or cut of what is bought. */
const boughtParts = ({ fittings }: FittingsPlan) =>
  fittings
    .filter(({ made, material }) => made === 'set' && !['clay', 'wire'].includes(material.id))
    .map(({ name, material, length, sold, toMake }) => ({
      what: [say.stuffForPart(material.name, name.toLowerCase()), sold ?? length],
      toMake,
    }));

/** The log, branch, post or rock that feet stand on, and the uprights under it. */
const perchLines = (on: WirePlan['base']['perch']): readonly ShoppingLine[] => {
  if (on === null) return [];
  const { perch, seats, thick } = on;
  const uprights = seats.flatMap(({ upright }) => (upright === null ? [] : [upright]));
  const one = count('bench.shop.perch', perch.name, say.onePieceOnePerch, 1);
  return [
    {
      id: one.id,
      what:
        perch.width === null
          ? [say.perchThick(perch.name, perch.diameterMm.toFixed(0)), perch.length]
          : [say.perchRock, perch.length, ' by ', perch.width],
      quantity: one,
      beside: [perch.weight],
    },
    ...(thick === null
      ? []
      : [
          {
            id: 'bench.shop.uprights',
            what: [
              say.dowelsOf,
              thick,
              ': ',
              ...uprights.flatMap((mm, i) => (i === 0 ? [mm] : [', ', mm])),
            ],
            quantity: count(
              'bench.shop.uprights',
              say.uprights,
              say.onePieceOnePerch,
              uprights.length,
            ),
            beside: [],
          },
        ]),
  ];
};

/** What is to buy of each tube; while tubes are searched, paint by zone. */
const paintLines = ({
  tubes,
  zones,
}: ColourPlan): readonly (readonly [string, Working, readonly Working[]])[] =>
  tubes === null
    ? zones
        .filter(({ layers }) => layers.length > 0)
        .map((zone) => [
          say.paintForAndIts(zone.zone.name.toLowerCase(), zone.hex),
          paint(zone),
          [],
        ])
    : tubes.flatMap(({ tube, needed, buy }) =>
        buy === null ? [] : [[say.tubeOf(tube.kind, tube.name), buy, [needed]] as const],
      );

function paint(zone: ColourPlan['zones'][number]): Working {
  return {
    id: `bench.shop.paint.${zone.zone.id}`,
    stage: 'bench',
    label: say.paint2(zone.zone.name.toLowerCase()),
    value: zone.layers.reduce((sum, layer) => sum + layer.ml.value, 0),
    unit: 'ml',
    digits: 1,
    provenance: 'derived',
    formula: 'v = Σ vᵢ',
    inputs: zone.layers.map((layer) => asInput('vᵢ', layer.ml)),
    source: say.layersOfThisZone,
  };
}

const count = (id: string, label: string, why: string, value: number): Working => ({
  id,
  stage: 'bench',
  label,
  value,
  unit: 'count',
  provenance: 'derived',
  ...asGiven(why, value, 'count', 'derived'),
  source: say.basePlanInWire,
});
