import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { ColourPlan } from '../colour/planColour.ts';
import type { MassPlan } from '../mass/planMass.ts';
import { asGiven, asInput, type Working } from '../piece/working.ts';
import type { Sentence } from '../piece/step.ts';
import type { AtHand } from '../workshop/workpiece.ts';
import { nearestPaint, packetsCost, packetsToBuy } from './atHand.ts';
import type { WirePlan } from '../wire/wirePlan.ts';

/** One thing to have, with its quantity. */
export interface ShoppingLine {
  readonly id: string;
  readonly what: Sentence;
  readonly quantity: Working;
  /** What it costs, where the workshop knows a price. */
  readonly cost: Working | null;
}

/** Everything the piece needs and the workshop does not have. */
export function shoppingList(
  wire: WirePlan,
  mass: MassPlan,
  colour: ColourPlan,
  piece: Pick<Workpiece, 'colour' | 'atHand'>,
): readonly ShoppingLine[] {
  const { clays, paints } = piece.atHand;
  const line = (
    what: string | Sentence,
    quantity: Working,
    cost: Working | null = null,
  ): ShoppingLine => ({
    id: quantity.id,
    what: typeof what === 'string' ? [what] : what,
    quantity,
    cost,
  });
  return [
    ...wire.stock.groups
      .filter((group) => group.buy.value > 0)
      .map((group) => line(`${group.metalName}, ${group.sizeText}`, group.buy)),
    ...(wire.bindings.total.unit === 'm' ? [line(say.tieForBindings, wire.bindings.total)] : []),
    line(
      [say.boardForBase, wire.base.length, ' by ', wire.base.width],
      count('bench.shop.board', say.boards, say.onePieceOneBase, 1),
    ),
    ...(wire.base.hardware.length > 0
      ? wire.base.hardware.map((working) => line(working.label, working))
      : [
          line(
            say.nutsAndWashersOr,
            count('bench.shop.nuts', say.pegsToFix, say.holesInBase, wire.base.holes.length),
          ),
        ]),
    line(say.kitchenFoil, mass.foil.metres),
    ...mass.batches.map((batch) => {
      const { figures } = batch;
      const packets = packetsToBuy(batch, clays) ?? batch.packets;
      const cost = packetsCost(packets, figures.name, clays);
      return line([say.packetsOf(figures.name), figures.packet], packets, cost);
    }),
    line(say.primer(piece.colour.primer), colour.primer),
    ...colour.zones.map((zoneColour) =>
      line(
        say.paintForAndIts(
          zoneColour.zone.name.toLowerCase(),
          zoneColour.hex,
          onHand(zoneColour.hex, paints),
        ),
        paint(zoneColour),
      ),
    ),
    ...colour.varnishes.map(({ ml }) => line(ml.label, ml)),
  ].filter((shoppingLine) => shoppingLine.quantity.value > 0);
}

/** The paint of the workshop that is nearest to a colour, in words. */
function onHand(hex: string, paints: AtHand['paints']): string {
  const nearest = nearestPaint(hex, paints);
  return nearest === null
    ? ''
    : say.nearestOnHandE(nearest.paint.name, nearest.difference.toFixed(1));
}

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
