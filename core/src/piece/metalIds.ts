/** Ids of the metals in the table; apart from it so that the document's schema needs no numbers. */
export const BUILT_IN_METAL_IDS = [
  'aluminium-soft',
  'copper-annealed',
  'steel-annealed',
  'stainless-annealed',
  'stainless-hard',
  'brass-half-hard',
] as const;
export type BuiltInMetalId = (typeof BUILT_IN_METAL_IDS)[number];

/** A metal of the table, or one of the user's own ("own-1"), which the document carries. */
export type MetalId = string;
