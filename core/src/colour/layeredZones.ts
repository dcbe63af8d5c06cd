import { isStuckOn } from '../body/undersize.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { LayeredZone } from './layerPlan.ts';

/** The zones with their colours to aim at and their ways; null while the skin of one is not known. */
export function layeredZones(
  colour: Workpiece['colour'],
  { zones }: SkinPlan,
): readonly LayeredZone[] | null {
  const layered = zones.flatMap(({ zone, area, method, strokes, length }): LayeredZone[] => {
    const own = colour.zones[zone.id];
    if (area === null) return [];
    return [
      {
        ...{ zone, area, fibre: isStuckOn(method) },
        hex: own?.hex ?? zone.hex,
        school: own?.school ?? colour.school,
        textured: (strokes !== null || method === 'stamped') && length.value > 0,
      },
    ];
  });
  return layered.length < zones.length ? null : layered;
}
