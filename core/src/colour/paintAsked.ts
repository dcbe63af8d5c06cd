import type { PaintOnHand } from '../workshop/workshopSchema.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { layeredZones } from './layeredZones.ts';
import { asItComesOut } from './bakedColour.ts';
import type { ColouredDetail } from './details.ts';
import { kindOf } from './layerPlan.ts';
import type { PaintQuestion, Tube, ZoneAsked } from './paintQuestion.ts';
import type { MarkingsPlan } from '../markings/planMarkings.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import { layerHex } from './schools.ts';

/** A paint of the shelf as what mixes. */
export const tubeOf = (paint: PaintOnHand): Tube => {
  const { id, name, kind, tint, opacity, card } = paint;
  return { id, name, kind, hex: asItComesOut(paint), tint, opacity, card };
};

/** One looks at eyes, teeth and claws first: a detail weighs as so much more skin. Common practice. */
const LOOKED_AT = 10;

/** What is asked of the paints; null while the skin of a zone or of a marking is not known. */
export function paintAsked(
  colour: Workpiece['colour'],
  skin: SkinPlan,
  markings: MarkingsPlan,
  paints: readonly PaintOnHand[],
  details: readonly ColouredDetail[],
): PaintQuestion | null {
  const zones = layeredZones(colour, skin, markings, details);
  if (zones === null || markings.entries === null) return null;
  return {
    zones: zones.map((of): ZoneAsked => ({
      id: of.zone.id,
      hex: of.hex,
      groundHex: of.groundHex,
      textured: of.textured,
      // A tenth is enough to weigh zones by, and the body's last digits ask nothing anew.
      areaCm2: Math.round(of.area.value * (of.isDetail ? LOOKED_AT : 1) * 10) / 10,
      kind: kindOf(of.school),
      layers: of.rules.map((rule) => ({
        ...{ id: rule.id, hex: layerHex(of.hex, rule, colour.step), kind: rule.kind },
        ...{ covers: rule.covers, paint: rule.paint },
        coats: rule.kind === 'cover' ? colour.baseCoats : 1,
      })),
    })),
    tubes: paints.map(tubeOf),
    ...{ few: colour.few, fixed: colour.fixed, maxParts: colour.maxParts },
  };
}
