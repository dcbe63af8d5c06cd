import type { Workpiece } from '../workshop/workpiece.ts';
import type { RegionSpec } from '../anatomy/bodyPlan.ts';
import type { Snag } from '../piece/snag.ts';
import type { BodyShape, ThickPlace } from './bodyShape.ts';

/** Clay that is thicker than the limit, with the core that would fit. */
export function thickSnags(
  places: readonly ThickPlace[],
  mass: Workpiece['mass'],
  regionOf: (id: string) => RegionSpec | undefined,
  boneOf: (id: string) => string,
): readonly Snag[] {
  return places
    .filter((place) => place.mm > mass.thickMm)
    .map((place) => ({
      code: 'clay-too-thick',
      grade: 'watch',
      stage: 'mass',
      target: { kind: 'region', id: place.regionId },
      facts: {
        region: regionOf(place.regionId)?.name ?? '',
        bone: boneOf(place.boneId),
        mm: place.mm,
        limitMm: mass.thickMm,
        // A core that leaves the shell on either side, where there is room for one.
        coreMm: Math.max(0, place.mm - 2 * mass.shellMm),
      },
    }));
}

/** Air that is closed in and swells in the oven. */
export function hollowSnags(
  shape: BodyShape,
  regionOf: (id: string) => RegionSpec | undefined,
  boneOf: (id: string) => string,
): readonly Snag[] {
  return shape.hollows.map((hollow) => ({
    code: 'trapped-hollow',
    grade: 'fix',
    stage: 'mass',
    target:
      hollow.regionId === null
        ? ({ kind: 'piece', id: 'piece' } as const)
        : ({ kind: 'region', id: hollow.regionId } as const),
    facts: {
      region: hollow.regionId === null ? '' : (regionOf(hollow.regionId)?.name ?? ''),
      bone: boneOf(hollow.boneId),
      ml: hollow.mm3 / 1000,
    },
  }));
}
