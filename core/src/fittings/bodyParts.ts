import * as say from './words.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import type { MeasurePlan } from '../measure/planMeasure.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { BodyPart } from './fittingsPlan.ts';

/** A bone and all that it bears. */
export const borneBy = ({ bones }: Skeleton, boneId: string): readonly Bone[] =>
  bones.filter((bone) => {
    for (let of: Bone | undefined = bone; of !== undefined; of = parentOf(bones, of))
      if (of.id === boneId) return true;
    return false;
  });

const parentOf = (bones: readonly Bone[], { parent }: Bone): Bone | undefined =>
  bones.find(({ id }) => id === parent);

/** The longest way from a bone to a tip that it bears. */
function longestWay(skeleton: Skeleton, boneId: string): readonly Bone[] {
  const bone = skeleton.byId.get(boneId);
  if (bone === undefined) return [];
  const ways = skeleton.bones
    .filter(({ parent, at }) => parent === boneId && at > 0.5)
    .map(({ id }) => longestWay(skeleton, id));
  const long = (way: readonly Bone[]): number =>
    way.reduce((sum, { lifeLengthMm }) => sum + lifeLengthMm, 0);
  const best = ways.toSorted((a, b) => long(b) - long(a))[0] ?? [];
  return [bone, ...best];
}

/** The part of the plan that begins with a bone, or so much of it. */
function nameOf({ plan }: Skeleton, { key, plainName }: Bone): string {
  const part = plan.parts.find(({ keys }) => keys.includes(key));
  if (part === undefined || part.keys.length === 1) return plainName;
  return part.keys[0] === key ? part.name : say.partFrom(part.name, plainName.toLowerCase());
}

/** Parts of the body that are made apart and joined later, left and right alike; none of bones that are not there. */
export function planBodyParts(
  boneIds: readonly string[],
  { skeleton, scale }: Pick<MeasurePlan, 'skeleton' | 'scale'>,
): readonly BodyPart[] {
  return boneIds.flatMap((boneId): readonly BodyPart[] => {
    const bone = skeleton.byId.get(boneId);
    if (bone === undefined) return [];
    const way = longestWay(skeleton, boneId);
    const length: Working = {
      ...{ id: `fittings.part.${boneId}.length`, stage: 'cure', provenance: 'derived' },
      label: say.long(nameOf(skeleton, bone)),
      value: way.reduce((sum, { lifeLengthMm }) => sum + lifeLengthMm, 0) / scale.value,
      unit: 'mm',
      formula: 'l = (Σ Lᵢ) / n',
      inputs: [
        ...way.map(({ plainName, lifeLengthMm, provenance }) =>
          input('Lᵢ', plainName, lifeLengthMm, 'mm', provenance),
        ),
        asInput('n', scale),
      ],
      source: say.definitionOfScale,
      target: { kind: 'bone', id: boneId },
    };
    return [
      {
        ...{ boneId, length },
        name: nameOf(skeleton, bone),
        boneIds: borneBy(skeleton, boneId).map(({ id }) => id),
        count: bone.side === 'mid' ? 1 : 2,
      },
    ];
  });
}

/** Bones from which a part of a body can be made apart: limbs, head, jaw, tail, ears, horns; the left one of two. */
export const partRoots = ({ bones, byId }: Skeleton): readonly Bone[] =>
  bones.filter(({ side, parent, key }) => {
    if (side === 'right' || parent === null) return false;
    const bearer = byId.get(parent)!;
    // Where a limb leaves the midline or its girdle, and on the midline where a name begins: head, jaw, tail.
    const girdle = bearer.parent === null ? undefined : byId.get(bearer.parent);
    return side === 'left'
      ? bearer.side === 'mid' || girdle?.side === 'mid'
      : ['skull', 'head', 'jaw', 'tail1', 'tail', 'bill'].includes(key);
  });
