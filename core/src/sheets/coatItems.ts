import type { Side } from '../anatomy/bodyPlan.ts';
import type { CoatZone } from '../anatomy/coat.ts';
import { type SkinPart } from '../body/skin.ts';
import type { Plan } from '../planTypes.ts';
import type { Relief } from '../surface/relief.ts';
import { WEIGHT, type DrawingItem, type View } from './drawing.ts';
import { faceItems, reliefOf } from './formItems.ts';
import { coatStrokes } from './skin/coatStrokes.ts';
import { coatOf } from './skin/directionMap.ts';

/** The side of the body that a part of the skin is on. */
export const sideOf = (plan: Plan, { boneId }: SkinPart): Side =>
  plan.measure.skeleton.byId.get(boneId)?.side ?? 'mid';

/** Every zone that is seen filled with its base colour; none until the surface is known. */
export function zoneItems(plan: Plan, view: View): readonly DrawingItem[] {
  const relief = reliefOf(plan, view);
  return relief === undefined ? [] : reliefZoneItems(plan, relief);
}

const hexOf = (plan: Plan, zone: CoatZone): string =>
  plan.colour?.zones.find((zoneColour) => zoneColour.zone.id === zone.id)?.hex ?? zone.hex;

function reliefZoneItems(plan: Plan, relief: Relief): readonly DrawingItem[] {
  const { coat } = plan.measure.skeleton.animal;
  const fills = relief.zones.flatMap(({ zone, loops }): DrawingItem[] => {
    const of = coat[zone];
    if (of === undefined) return [];
    return [
      {
        kind: 'fill',
        ink: 'skin',
        layer: 'zones',
        hex: hexOf(plan, of),
        outlines: loops,
        target: { kind: 'zone', id: of.id },
      },
    ];
  });
  const edges = [...relief.outline.map((points) => [...points, points[0]!]), ...relief.inner].map(
    (points): DrawingItem => ({
      kind: 'line',
      ink: 'soft',
      layer: 'zones',
      weight: WEIGHT.hair,
      points,
    }),
  );
  return [...fills, ...edges, ...faceItems(relief.face)];
}

/** Strokes and scales as they lie on the skin that is seen, at their true length; none until the coat is known. */
export function coatItems(plan: Plan, view: View): readonly DrawingItem[] {
  const [relief, coat] = [reliefOf(plan, view), coatOf(plan, view)];
  if (relief === undefined || coat === undefined) return [];
  return [...coatStrokes(plan, coat), ...faceItems(relief.face)];
}
