/** Where a value comes from. Shown beside every number. */
export const PROVENANCES = ['measured', 'photo', 'published', 'memory', 'derived', 'own'] as const;

/**
 * - measured: taken by the user with a tape, caliper or scale
 * - photo: traced on a picture
 * - published: from a named source
 * - memory: general knowledge, to be checked
 * - derived: computed here from other values
 * - own: decided by the user
 */
export type Provenance = (typeof PROVENANCES)[number];
