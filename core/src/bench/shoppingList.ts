import type { ColourPlan } from '../colour/planColour.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { Sentence } from './step.ts';
import { ropeDiameterMm } from '../wire/twist.ts';
import type { WirePlan } from '../wire/planWire.ts';

/** Turns of tie wire round a crossing, and its diameter in mm: common practice. */
const TIE_TURNS = 10;
const TIE_WIRE_MM = 0.5;

/** One thing to have, with its quantity. */
export interface ShoppingLine {
  readonly id: string;
  readonly what: Sentence;
  readonly quantity: Working;
}

/** Everything the piece needs and the wire on hand does not give. First version: no prices. */
export function shoppingList(
  wire: WirePlan,
  mass: MassPlan,
  colour: ColourPlan,
  piece: Pick<Piece, 'colour'>,
): readonly ShoppingLine[] {
  const line = (what: string | Sentence, quantity: Working): ShoppingLine => ({
    id: quantity.id,
    what: typeof what === 'string' ? [what] : what,
    quantity,
  });
  return [
    ...wire.stock.groups
      .filter((group) => group.buy.value > 0)
      .map((group) => line(`${group.metalName}, ${group.sizeText}`, group.buy)),
    line('Thin tie wire, soft', tieWire(wire)),
    line(
      ['Board for the base, ', wire.base.length, ' by ', wire.base.width],
      count('bench.shop.board', 'Boards', 1, 'one piece, one base', []),
    ),
    line(
      'Nuts and washers, or clamps for the pegs',
      count('bench.shop.nuts', 'Pegs to fix', wire.base.holes.length, 'one for each hole', []),
    ),
    line('Kitchen foil', mass.foil.metres),
    line([`${mass.figures.name}, packets of `, mass.figures.packet], mass.packets),
    line(`Primer, ${piece.colour.primer}`, colour.primer),
    ...colour.zones.map((one) =>
      line(`Paint for ${one.zone.name.toLowerCase()}, ${one.hex} and its steps`, paint(one)),
    ),
    ...colour.varnishes.map(({ ml }) => line(ml.label, ml)),
  ].filter((one) => one.quantity.value > 0);
}

/** Each loop is lashed where it crosses the spine: N·π·(rope + limb + tie) for every crossing. */
function tieWire(wire: WirePlan): Working {
  const [spine, ...limbs] = wire.wires;
  const rope = spine === undefined ? 0 : ropeDiameterMm(spine.strands, spine.diameterMm);
  const each = limbs.map((limb) => Math.PI * (rope + limb.diameterMm + TIE_WIRE_MM) * TIE_TURNS);
  return {
    id: 'bench.shop.tie-wire',
    stage: 'bench',
    label: 'Tie wire for the crossings',
    value: each.reduce((sum, mm) => sum + mm, 0) / 1000,
    unit: 'm',
    digits: 2,
    provenance: 'derived',
    formula: 'L = Σ N · π · (D + d + t)',
    inputs: [
      input('N', 'Turns for each crossing', TIE_TURNS, 'count', 'memory'),
      input('D', 'Rope of the spine', rope, 'mm', 'derived'),
      ...limbs.map((limb, i) =>
        input(`d${i + 1}`, `${limb.id} ${limb.name}`, limb.diameterMm, 'mm', 'own'),
      ),
      input('t', 'Tie wire', TIE_WIRE_MM, 'mm', 'memory'),
    ],
    source: 'common practice: ten close turns hold a crossing',
  };
}

function paint(zone: ColourPlan['zones'][number]): Working {
  return {
    id: `bench.shop.paint.${zone.zone.id}`,
    stage: 'bench',
    label: `Paint, ${zone.zone.name.toLowerCase()}`,
    value: zone.layers.reduce((sum, layer) => sum + layer.ml.value, 0),
    unit: 'ml',
    digits: 1,
    provenance: 'derived',
    formula: 'v = sum of the layers',
    inputs: zone.layers.map((layer, i) => asInput(String.fromCharCode(97 + i), layer.ml)),
    source: 'layers of this zone in Colour',
  };
}

const count = (
  id: string,
  label: string,
  value: number,
  formula: string,
  inputs: Working['inputs'],
): Working => ({
  id,
  stage: 'bench',
  label,
  value,
  unit: 'count',
  provenance: 'derived',
  formula,
  inputs,
  source: 'base plan in Wire',
});
