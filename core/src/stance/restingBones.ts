import type { BodyPlan } from '../anatomy/bodyPlan.ts';
import { posedBone } from '../anatomy/pose.ts';
import { innerRadiusMm, partBox, type SkinPart } from '../body/skin.ts';
import type { Point2 } from '../geometry/hull.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { groundHeight, type Ground } from '../posing/ground.ts';
import type { Footfall, StancePlan } from './stancePlan.ts';

/** Skin this near to the ground lies on it, mm. */
const LIES_MM = 1;

/** Flesh that lies on the ground and is no sole. */
const lyingParts = ({
  skin,
  ground,
  posed,
}: Pick<StancePlan, 'skin' | 'ground' | 'posed'>): readonly SkinPart[] => {
  const { contacts } = posed.skeleton.plan;
  const soles = new Set(contacts.flatMap(({ bone, kind }) => (kind === 'foot' ? [bone] : [])));
  return skin.filter((part) => {
    const { min, max } = partBox(part);
    const gap = min[1] - groundHeight(ground, (min[0] + max[0]) / 2);
    return gap <= LIES_MM && !soles.has(part.boneId);
  });
};

/** Whether any foot stands. */
const standsOnFeet = (feet: readonly Footfall[]): boolean =>
  feet.some(({ contact, down, touches }) => contact.kind === 'foot' && down && touches);

/**
 * Where a belly or a coil touches the ground, in plan, mm: along its bone, as wide as round flesh is that is pressed
 * flat by a millimetre (chord of a circle). Beside feet only the trunk counts: a tail or a toe that lies there bears
 * little. Nothing for a piece that is held off the ground.
 */
export function restingOutline(
  stance: Pick<StancePlan, 'skin' | 'ground' | 'posed' | 'hold' | 'feet'>,
): readonly Point2[] {
  if (stance.hold !== 'base' && stance.hold !== 'free') return [];
  const { plan, byId } = stance.posed.skeleton;
  const limbs = keysOf(plan, 'limbs');
  const trunk = new Set(plan.parts[0]?.keys);
  const stands = standsOnFeet(stance.feet);
  const bears = ({ boneId }: SkinPart): boolean => {
    const key = byId.get(boneId)?.key ?? '';
    return stands ? trunk.has(key) : !limbs.has(key);
  };
  return lyingParts(stance)
    .filter(bears)
    .flatMap((part) => {
      const { start, end } = posedBone(stance.posed, part.boneId);
      const r = Math.max(LIES_MM, innerRadiusMm(part));
      const half = Math.sqrt(2 * r * LIES_MM - LIES_MM * LIES_MM);
      const [dx, dz] = [end[0] - start[0], end[2] - start[2]];
      const long = Math.hypot(dx, dz);
      // A bone that stands upright touches with its lower end.
      const low = start[1] < end[1] ? start : end;
      const ends = long < half ? [low] : lowEnds(stance.ground, start, end, innerRadiusMm(part));
      const [nx, nz] = long < half ? [1, 0] : [-dz / long, dx / long];
      return ends.flatMap(([x, , z]): readonly Point2[] => [
        [x + nx * half, z + nz * half],
        [x - nx * half, z - nz * half],
      ]);
    });
}

/** Keys of the bones of all parts of a kind. */
const keysOf = ({ parts }: BodyPlan, of: BodyPlan['parts'][number]['kind']): ReadonlySet<string> =>
  new Set(parts.flatMap(({ kind, keys }) => (kind === of ? keys : [])));

/** The ends of a bone whose flesh is near the ground; the lower one at least. */
function lowEnds(ground: Ground, start: Vec3, end: Vec3, radiusMm: number): readonly Vec3[] {
  const heights = [start, end].map(([x, y]) => y - radiusMm - groundHeight(ground, x));
  const near = [start, end].filter((_, i) => heights[i]! <= 2 * LIES_MM);
  return near.length > 0 ? near : [heights[0]! < heights[1]! ? start : end];
}

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
  const lying = new Set(lyingParts({ skin, ground, posed }).map(({ boneId }) => boneId));
  if (standsOnFeet(feet) || lying.size === 0) return lying;
  const carried = new Set([...keysOf(plan, 'trunk'), ...keysOf(plan, 'limbs')]);
  return new Set([...lying, ...bones.filter(({ key }) => carried.has(key)).map(({ id }) => id)]);
}
