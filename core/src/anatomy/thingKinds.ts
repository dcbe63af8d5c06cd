/** What stands out of the skin by itself, and can be set anywhere on it. */
export const SET_KINDS = [
  'horn',
  'spike',
  'plate',
  'boss',
  'crest',
  'tooth',
  'claw',
  'nail',
  'whisker',
  'feeler',
  'plume',
  'tuft',
  'tongue',
  'ear',
  'wattle',
  'ball',
  'armour',
  'rider',
] as const;
export type SetKind = (typeof SET_KINDS)[number];

/**
 * Kinds of what is made apart. What is *grown* has bones, flesh and a wire of its own, and grows on the armature; eyes
 * lie in the face, hooves and claws at the ends of toes.
 */
export const THING_KINDS = [
  ...SET_KINDS,
  'eye',
  'hoof',
  'bill',
  'mandible',
  'grown horn',
  'grown feeler',
] as const;
export type ThingKind = (typeof THING_KINDS)[number];

const GROWN: ReadonlySet<ThingKind> = new Set(['bill', 'mandible', 'grown horn', 'grown feeler']);

/** Whether things of a kind grow on the armature instead of being set in. */
export const isGrown = (kind: ThingKind): boolean => GROWN.has(kind);
