import { partBox } from '../body/skin.ts';
import { groundHeight } from '../posing/ground.ts';
import type { StancePlan } from './stancePlan.ts';

/** Skin this near to the ground lies on it, mm. */
const LIES_MM = 1;

/**
 * Bones whose flesh lies on the ground by itself: a belly, a tail, a coil. The ground carries it, so it
 * loads neither feet nor joints. Of a body that lies, the ground carries trunk and limbs, and only neck,
 * head and tail can hang over. The plate of a relief carries all that lies on the midline.
 */
export function restingBones({ skin, ground, posed, feet, wall }: StancePlan): ReadonlySet<string> {
  const { plan, bones } = posed.skeleton;
  if (wall !== null) {
    const onPlate = bones.filter(({ side }) => wall.axis === 2 && side === 'mid');
    return new Set(onPlate.map(({ id }) => id));
  }
  const soles = new Set(plan.contacts.flatMap(({ bone, kind }) => (kind === 'foot' ? [bone] : [])));
  const lying = new Set(
    skin.flatMap((part) => {
      const { min, max } = partBox(part);
      const gap = min[1] - groundHeight(ground, (min[0] + max[0]) / 2);
      return gap <= LIES_MM && !soles.has(part.boneId) ? [part.boneId] : [];
    }),
  );
  const stands = feet.some(
    ({ contact, down, touches }) => contact.kind === 'foot' && down && touches,
  );
  if (stands || lying.size === 0) return lying;
  const carried = new Set(
    plan.parts.flatMap(({ kind, keys }) => (kind === 'trunk' || kind === 'limbs' ? keys : [])),
  );
  return new Set([...lying, ...bones.filter(({ key }) => carried.has(key)).map(({ id }) => id)]);
}
