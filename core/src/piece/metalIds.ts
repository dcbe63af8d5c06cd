/** Ids of the metals in the table; apart from it so that the document's schema needs no numbers. */
export const METAL_IDS = [
  'aluminium-soft',
  'copper-annealed',
  'steel-annealed',
  'stainless-annealed',
  'brass-half-hard',
] as const;
export type MetalId = (typeof METAL_IDS)[number];
