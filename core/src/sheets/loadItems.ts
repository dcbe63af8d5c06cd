import { posedBone } from '../anatomy/pose.ts';
import type { Plan } from '../planTypes.ts';
import { loadClass, type LoadClassId } from '../strength/planStrength.ts';
import { WEIGHT, type DrawingItem, type Ink, type View } from './drawing.ts';
import { project } from './views.ts';

/** How a class of load is drawn: by colour, by weight, and where it gives by dashes. */
const DRAWN: Readonly<
  Record<LoadClassId, { readonly ink: Ink; readonly weight: number; readonly dashed: boolean }>
> = {
  ample: { ink: 'mid', weight: WEIGHT.far, dashed: false },
  enough: { ink: 'ink', weight: WEIGHT.near, dashed: false },
  barely: { ink: 'watch', weight: WEIGHT.mid, dashed: false },
  gives: { ink: 'near', weight: 1.4, dashed: true },
};

/** The armature as it is loaded under raw clay: each bone’s wire by the load of its joint. */
export function loadItems(plan: Plan, view: View): readonly DrawingItem[] {
  const { posed } = plan.stance;
  return plan.strength.joints
    .toSorted((a, b) => a.posedShare - b.posedShare)
    .map((joint): DrawingItem => {
      const { start, end } = posedBone(posed, joint.boneId);
      return {
        kind: 'line',
        layer: 'load',
        ...DRAWN[loadClass(joint)],
        points: [project(view, start), project(view, end)],
        target: { kind: 'bone', id: joint.boneId },
      };
    });
}
