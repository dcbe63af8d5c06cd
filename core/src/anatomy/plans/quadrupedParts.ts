/** Bones of the four-footed mammal by part of the body, by key: for regions and zones of the coat. */
/** Ears, horns and the proboscis: what an animal gives no length, it does not have. */
export const HORN = ['horn', 'hornTip', 'horn3', 'horn4'] as const;
export const HEAD_PARTS = ['ear', ...HORN, 'proboscis'] as const;
export const NECK = ['neckLower', 'neckUpper'] as const;
export const TRUNK = ['thoracic', 'lumbar', 'sacrum', 'scapula', 'pelvis'] as const;
export const UPPER_LIMBS = ['humerus', 'femur'] as const;
export const LOWER_LIMBS = ['radius', 'tibia'] as const;
export const FEET = ['metacarpus', 'foreDigits', 'metatarsus', 'hindDigits'] as const;
export const TAIL = ['tail1', 'tail2', 'tail3', 'tail4'] as const;
