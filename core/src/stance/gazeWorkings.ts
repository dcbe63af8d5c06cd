import * as say from './words.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { input, type Working } from '../piece/working.ts';
import { EYE_TURNS_DEG, eyeTurns } from '../surface/gaze.ts';

/** How far each eye turns to look at the point that the stance says; none where it looks straight out of its lids. */
export const gazeWorkings = (posed: PosedSkeleton): readonly Working[] =>
  eyeTurns(posed).map(({ side, deg, alongMm, besideMm }): Working => ({
    id: `stance.gaze.${side}`,
    stage: 'stance',
    label: say.eyeTurnsBy[side],
    value: deg,
    unit: 'deg',
    provenance: 'derived',
    formula: 'φ = atan2(s, a)',
    inputs: [
      input('s', say.besideItsWay, besideMm, 'mm', 'derived'),
      input('a', say.alongItsWay, alongMm, 'mm', 'derived'),
    ],
    source: say.eyeTurnsAtMost(EYE_TURNS_DEG),
  }));
