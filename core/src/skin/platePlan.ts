import * as say from './words.ts';
import type { PlatePlace } from '../anatomy/skinPlate.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { facePoint } from '../body/facePoint.ts';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import { asInput, input, type Working } from '../piece/working.ts';

/** Plates of one name: how many, and the largest of them on the model. */
export interface PlatePlan {
  readonly name: string;
  readonly many: number;
  readonly long: Working;
  readonly wide: Working;
}

/** A plate on one side of a posed body, corner by corner. */
export interface PlacedPlate {
  readonly name: string;
  readonly corners: readonly PlatePlace[];
  readonly side: 1 | -1;
}

/** Every plate of a body with its side; those across the middle once. */
export const placedPlates = ({ skeleton }: PosedSkeleton): readonly PlacedPlate[] =>
  (skeleton.animal.plates ?? []).flatMap(({ name, outline, paired }) =>
    (paired ? ([1, -1] as const) : ([1] as const)).map((side): PlacedPlate => ({
      name,
      corners: outline,
      side,
    })),
  );

/** How long and wide a plate is between its corners, mm of the posed size: along the body and across it. */
function sizeOf(posed: PosedSkeleton, { corners, side }: PlacedPlate) {
  const points = corners.flatMap((corner): { at: Vec3; along: number }[] => {
    const point = facePoint(posed, corner, side);
    return point === undefined ? [] : [{ at: point.at, along: corner[1] }];
  });
  const apart = points.flatMap((a, i) =>
    points.slice(i + 1).map((b) => ({ mm: distance(a.at, b.at), isAlong: a.along !== b.along })),
  );
  const most = (all: readonly { readonly mm: number }[]): number =>
    all.reduce((least, { mm }) => Math.max(least, mm), 0);
  const across = most(apart.filter(({ isAlong }) => !isAlong));
  const along = most(apart.filter(({ isAlong }) => isAlong));
  // The diagonal of a plate is longer than the plate.
  return { across, along: Math.sqrt(Math.max(0, along ** 2 - across ** 2)) || along };
}

/** The plates of an animal by name, at the model's scale; none where it has none. */
export function platePlans(posed: PosedSkeleton, scale: Working): readonly PlatePlan[] {
  const placed = placedPlates(posed);
  return [...new Set(placed.map(({ name }) => name))].map((name): PlatePlan => {
    const its = placed.filter((plate) => plate.name === name);
    const sizes = its.map((plate) => sizeOf(posed, plate));
    const sized = (what: 'along' | 'across', label: string): Working => {
      const mm = Math.max(...sizes.map((size) => size[what]));
      return {
        id: `skin.plate.${name.toLowerCase().replaceAll(' ', '-')}.${what}`,
        stage: 'skin',
        label,
        value: mm,
        unit: 'mm',
        digits: 2,
        provenance: 'derived',
        formula: 'l = L / n',
        inputs: [
          input('L', say.plateInLife, mm * scale.value, 'mm', 'memory'),
          asInput('n', scale),
        ],
        source: say.betweenCorners,
      };
    };
    return {
      name,
      many: its.length,
      long: sized('along', say.plateLong(name)),
      wide: sized('across', say.plateWide(name)),
    };
  });
}
