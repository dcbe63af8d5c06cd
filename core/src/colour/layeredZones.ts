import { isStuckOn } from '../body/undersize.ts';
import type { MarkingEntry, MarkingsPlan } from '../markings/planMarkings.ts';
import type { SkinPlan } from '../skin/planSkin.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { ColouredDetail } from './details.ts';
import { groundHex } from './grounds.ts';
import type { LayeredZone } from './layerPlan.ts';
import { DETAIL, layersWith, markingLayers } from './schools.ts';

/**
 * The zones with their colours to aim at and their ways, then what is marked on them, then the details; null while
 * the skin of a zone is not known. Markings that are worked out, and those that nothing is seen of, are left out.
 */
export function layeredZones(
  colour: Workpiece['colour'],
  skin: SkinPlan,
  { entries, painted }: MarkingsPlan,
  details: readonly ColouredDetail[],
): readonly LayeredZone[] | null {
  const { zones } = skin;
  const layered = zones.flatMap(({ zone, area, method, strokes, length }): LayeredZone[] => {
    const own = colour.zones[zone.id];
    if (area === null) return [];
    const [fibre, school] = [isStuckOn(method), own?.school ?? colour.school];
    const rules = layersWith(school, own?.extras ?? []);
    return [
      {
        ...{ fibre, school, isDetail: false, isMarking: false },
        area: painted[zone.id] ?? area,
        zone: { ...zone, target: { kind: 'zone', id: zone.id } },
        hex: own?.hex ?? zone.hex,
        groundHex: groundHex(school, colour),
        // Under fibre only the base shows between the tufts.
        rules: rules.filter(({ id }) => !fibre || id === 'base'),
        textured: (strokes !== null || method === 'stamped') && length.value > 0,
        marbled: own?.marbled ?? false,
      },
    ];
  });
  if (layered.length < zones.length) return null;
  const marked = (entries ?? [])
    .filter(({ isHidden }) => !isHidden)
    .map((entry) => markedZone(entry, colour, layered));
  return [
    ...layered,
    ...marked,
    ...details.map(({ zone, area }): LayeredZone => ({
      ...{ zone, area, fibre: false, textured: false, marbled: false },
      ...{ isDetail: true, isMarking: false },
      ...{ hex: colour.zones[zone.id]?.hex ?? zone.hex, school: 'over-clay', rules: [DETAIL] },
      groundHex: groundHex('over-clay', colour),
    })),
  ];
}

/** One colour of a marking: over the paint of the zone that it lies on, or, where that is left out, over its ground. */
function markedZone(
  { marking, zoneId, name, hex, area, under }: MarkingEntry,
  colour: Workpiece['colour'],
  zones: readonly LayeredZone[],
): LayeredZone {
  const below = zones.find(({ zone }) => zone.id === under);
  const own = colour.zones[zoneId];
  const school = own?.school ?? below?.school ?? colour.school;
  const fibre = below?.fibre ?? false;
  const textured = below?.textured ?? false;
  return {
    zone: {
      ...{ id: zoneId, name, hex, sheen: below?.zone.sheen ?? 'matt' },
      target: { kind: 'zone', id: zoneId },
    },
    ...{ area, hex, school, fibre, textured, isDetail: false, isMarking: true },
    rules: fibre ? [] : markingLayers(school, own?.extras ?? [], textured),
    marbled: own?.marbled ?? false,
    groundHex: marking.over && below !== undefined ? below.hex : groundHex(school, colour),
  };
}
