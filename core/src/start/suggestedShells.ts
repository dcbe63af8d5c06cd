import type { Workpiece } from '../workshop/workpiece.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { skinParts } from '../body/skin.ts';
import { clayFreeMm } from '../body/undersize.ts';
import { greatest } from '../geometry/extremes.ts';
import { boneRadii, LEAST_CORE_MM } from '../mass/buildUp.ts';

/** Shells from the thickest that a small piece has to the thinnest that can be rolled evenly, mm: common practice. */
export const SHELLS_MM = [5, 4, 3, 2.5, 2] as const;
/** The shell of a slender region that is thick enough for a core at this size, mm: common practice. */
const SLENDER_SHELL_MM = 4;

/**
 * Cores and shells by size, of the regions that ask for others than the piece's usual: the thickest shell that
 * leaves a core in the thickest bone of the region, solid clay where even the thinnest would not, and a core in a
 * slender region that is thicker than clay cures through.
 */
export function suggestedShells(
  skeleton: Skeleton,
  { mass, skin }: Pick<Workpiece, 'mass' | 'skin'>,
  lifePerModel: number,
): Workpiece['mass']['shells'] {
  const flesh = skinParts(poseSkeleton(skeleton, {}, 1 / lifePerModel));
  return Object.fromEntries(
    skeleton.plan.regions.flatMap((region): [string, Workpiece['mass']['shells'][string]][] => {
      const { shellMm: usual } = mass;
      const radii = boneRadii({ region }, skeleton, flesh);
      const rooms = radii.map(
        ({ boneId, radiusMm }) =>
          radiusMm - clayFreeMm(skeleton, skeleton.byId.get(boneId), 'side', skin, lifePerModel),
      );
      const roomMm = Math.max(0, greatest(rooms));
      const shellMm = SHELLS_MM.find((mm) => mm <= Math.min(usual, roomMm - LEAST_CORE_MM));
      if (region.core === 'foil') {
        if (shellMm === undefined) return [[region.id, { core: 'solid', shellMm: usual }]];
        return shellMm < usual ? [[region.id, { core: 'foil', shellMm }]] : [];
      }
      const isThick = 2 * roomMm > mass.thickMm;
      const shellOfSlender = Math.min(usual, SLENDER_SHELL_MM);
      return isThick ? [[region.id, { core: 'foil', shellMm: shellOfSlender }]] : [];
    }),
  );
}
