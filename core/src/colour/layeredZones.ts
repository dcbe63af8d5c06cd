import { isStuckOn } from '../body/undersize.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { ColouredDetail } from './details.ts';
import type { LayeredZone } from './layerPlan.ts';
import { DETAIL, layersWith } from './schools.ts';

/** The zones with their colours to aim at and their ways, then the details; null while the skin of one is not known. */
export function layeredZones(
  colour: Workpiece['colour'],
  { zones }: SkinPlan,
  details: readonly ColouredDetail[],
): readonly LayeredZone[] | null {
  const layered = zones.flatMap(({ zone, area, method, strokes, length }): LayeredZone[] => {
    const own = colour.zones[zone.id];
    if (area === null) return [];
    const [fibre, school] = [isStuckOn(method), own?.school ?? colour.school];
    const rules = layersWith(school, own?.extras ?? []);
    return [
      {
        ...{ area, fibre, school, isDetail: false },
        zone: { ...zone, target: { kind: 'zone', id: zone.id } },
        hex: own?.hex ?? zone.hex,
        // Under fibre only the base shows between the tufts.
        rules: rules.filter(({ id }) => !fibre || id === 'base'),
        textured: (strokes !== null || method === 'stamped') && length.value > 0,
        marbled: own?.marbled ?? false,
      },
    ];
  });
  if (layered.length < zones.length) return null;
  return [
    ...layered,
    ...details.map(({ zone, area }): LayeredZone => ({
      ...{ zone, area, fibre: false, textured: false, marbled: false, isDetail: true },
      ...{ hex: colour.zones[zone.id]?.hex ?? zone.hex, school: 'over-clay', rules: [DETAIL] },
    })),
  ];
}
