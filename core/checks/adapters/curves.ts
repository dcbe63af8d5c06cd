import {
  arcOf,
  arcOfChord,
  arcOfTape,
  coneHelixMm,
  growthSpiral,
  hornMm2,
  hornMm3,
  straightHornMm2,
} from '../../src/fittings/curves.ts';
import { nums, type Adapter } from '../checkFile.ts';

/** Arcs by what is known of them, growth spirals, conical helices, and bent horns. */
export const curves: Adapter = (entry) => {
  const horn = nums(entry, 'lengthMm', 'turnDeg', 'baseRadiusMm', 'tipRadiusMm');
  if (horn) {
    const [length, turn, base, tip] = horn;
    return {
      arcRadiusMm: arcOf(length, turn).radiusMm,
      volumeMm3: hornMm3(length, base, tip),
      straightenedSurfaceMm2: straightHornMm2(length, base, tip),
      surfaceMm2: hornMm2(length, turn, base, tip),
    };
  }
  const turned = nums(entry, 'lengthMm', 'turnDeg');
  if (turned) return { ...arcOf(...turned) };
  const ruled = nums(entry, 'chordMm', 'sagittaMm');
  if (ruled) return { ...arcOfChord(...ruled) };
  const taped = nums(entry, 'lengthMm', 'chordMm');
  if (taped) return { ...arcOfTape(...taped) };
  const helix = nums(entry, 'startRadiusMm', 'endRadiusMm', 'heightMm', 'turns');
  if (helix) return { lengthMm: coneHelixMm(...helix) };
  const spiral = nums(entry, 'startRadiusMm', 'endRadiusMm', 'turns');
  return spiral ? { ...growthSpiral(...spiral) } : {};
};
