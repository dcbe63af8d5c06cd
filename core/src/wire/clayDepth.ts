import { FACINGS } from '../anatomy/coat.ts';
import type { SkinPart } from '../body/skin.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { clayFreeMm, type CoatChoice } from '../body/undersize.ts';
import { greatest } from '../geometry/extremes.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { StancePlan } from '../stance/stancePlan.ts';

/** How deep a place lies under the clay, mm of the posed size; negative outside it. */
export type DepthAt = (p: Vec3) => number;

/** Depth under the clay of a stance: under its skin, less what a planted coat takes off on the deeper side. */
export function clayDepthOf(
  { skin: flesh, posed }: Pick<StancePlan, 'skin' | 'posed'>,
  coat: CoatChoice,
): DepthAt {
  const { skeleton, sizeFactor } = posed;
  const layers = new Map<number, SkinPart[]>();
  for (const part of flesh) {
    const bone = skeleton.byId.get(part.boneId);
    const free = greatest(
      FACINGS.map((facing) => clayFreeMm(skeleton, bone, facing, coat, 1 / sizeFactor)),
    );
    layers.set(free, [...(layers.get(free) ?? []), part]);
  }
  return (p) => Math.max(...[...layers].map(([free, parts]) => -skinDistance(parts, p) - free));
}
