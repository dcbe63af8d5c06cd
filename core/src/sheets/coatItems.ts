import type { Side } from '../anatomy/bodyPlan.ts';
import type { CoatZone } from '../anatomy/coat.ts';
import { type SkinPart } from '../body/skin.ts';
import type { Plan } from '../planTypes.ts';
import type { Relief } from '../surface/relief.ts';
import { WEIGHT, type DrawingItem, type View } from './drawing.ts';
import { faceItems, reliefOf } from './formItems.ts';
import { INK_OF_SIDE } from './posedItems.ts';
import { seeded, seedOf, strokeOutline } from './strokes.ts';

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

/**
 * Strokes at their true length and width as they lie on the skin that is seen, away from the nose, shorter where
 * they point towards the viewer; none until the surface is known.
 */
export function coatItems(plan: Plan, view: View): readonly DrawingItem[] {
  const relief = reliefOf(plan, view);
  if (relief === undefined) return [];
  const strokes = plan.measure.skeleton.animal.coat.flatMap((zone, n): readonly DrawingItem[] => {
    const coat = plan.skin.zones.find((entry) => entry.zone.id === zone.id);
    if (!coat?.width || coat.method === 'smooth') return [];
    const [long, wide] = [coat.length.value, coat.width.value];
    return (['right', 'mid', 'left'] as const).flatMap((side): readonly DrawingItem[] => {
      const random = seeded(seedOf(`${zone.id}${relief.view}${side}`));
      const outlines = relief.lie
        .filter((lie) => lie.zone === n && lie.side === side)
        .map(({ at, way: [dx, dy] }) =>
          strokeOutline(at, Math.atan2(dy, dx), long * Math.hypot(dx, dy), wide, random),
        );
      if (outlines.length === 0) return [];
      const target = { kind: 'zone', id: zone.id } as const;
      return [{ kind: 'fill', ink: INK_OF_SIDE[side], layer: 'coat', outlines, target }];
    });
  });
  return [...strokes, ...faceItems(relief.face)];
}
