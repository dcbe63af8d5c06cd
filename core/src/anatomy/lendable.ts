import type { Animal } from './animal.ts';
import type { BodyPlan, BoneSpec, PartSpec } from './bodyPlan.ts';
import { planFor } from './planFor.ts';

/** A single thing that is lent without the part it sits on: its bones, from where it is rooted. */
const single = (plan: BodyPlan, root: BoneSpec): PartSpec => {
  const keys = [root.key];
  // Bones come before what they carry.
  for (const { key, parent } of plan.bones) {
    const carrier = plan.bones.find(({ id }) => id === parent)?.key;
    if (carrier !== undefined && keys.includes(carrier) && !keys.includes(key)) keys.push(key);
  }
  // Named by what it is, without where along it the bone lies.
  return { id: root.key, name: root.plainName.split(',')[0]!, kind: 'feelers', keys };
};

/** A jaw is no thing that is set on by itself. */
const STAYS = new Set(['jaw']);

/**
 * What an animal lends: its parts but the trunk, and, of what only some animals of its plan have (ears, horns, a
 * proboscis, antennae), each by itself.
 */
export function lendableParts(animal: Animal, general: BodyPlan): readonly PartSpec[] {
  const plan = planFor(general, animal);
  const isOptional = (id: string | null): boolean =>
    plan.bones.some((bone) => bone.id === id && bone.optional === true);
  const roots = plan.bones.filter(
    ({ key, side, optional, parent }) =>
      optional === true && side !== 'right' && !STAYS.has(key) && !isOptional(parent),
  );
  const parts = plan.parts.slice(1);
  const alone = roots
    .map((root) => single(plan, root))
    .filter(
      ({ keys }) =>
        !parts.some(
          (part) =>
            part.keys.length === keys.length && part.keys.every((key) => keys.includes(key)),
        ),
    );
  return [...parts, ...alone];
}
