import { sidesShown } from '../anatomy/bodyPlan.ts';
import { alongBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { PlacedMass } from '../body/supports.ts';

/** Glass of eyes and beads, g/ml: from memory. */
export const EYE_G_PER_ML = 2.5;

/**
 * What the eyeballs of a posed model weigh more than the clay that they take the place of, g: whole balls of glass, each
 * on its bone, as far along it as the eye is. None for an animal without eyeballs.
 */
export function eyeMasses(posed: PosedSkeleton, clayGPerMl: number): readonly PlacedMass[] {
  const { face, eye } = posed.skeleton.animal;
  const radius = (eye.mm * posed.sizeFactor) / 2;
  const grams = ((4 / 3) * Math.PI * radius ** 3 * (EYE_G_PER_ML - clayGPerMl)) / 1000;
  return (face?.eyes ?? []).flatMap(({ at: [key, along] }) => {
    const on = posed.bones.filter(({ bone }) => bone.key === key);
    const sides = sidesShown(posed.skeleton.plan).length;
    // An eye of a bone on the midline is there on each side that is shown.
    const times = on.length === 1 ? sides : 1;
    return on.map((bone) => ({
      boneId: bone.bone.id,
      at: alongBone(bone, along),
      grams: grams * times,
    }));
  });
}
