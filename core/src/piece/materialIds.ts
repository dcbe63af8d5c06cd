/** Ids of clay classes and of tools; apart from their tables so that the schema needs no numbers. */
export const CLAY_IDS = ['oven-firm', 'oven-soft', 'oven-flexible', 'air-dry', 'epoxy'] as const;
export type ClayId = (typeof CLAY_IDS)[number];

export const TOOL_IDS = ['scalpel', 'needle', 'wire-brush', 'probe', 'ball', 'loop'] as const;
export type ToolId = (typeof TOOL_IDS)[number];

/** How a class of clay sets. */
export type Setting = 'oven' | 'air' | 'chemical';
