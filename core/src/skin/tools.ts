import type { ToolId } from '../piece/materialIds.ts';

/** A tool of the list, by its id. */
type ListedTool = StrokeTool & { readonly id: ToolId };

/** A tool that presses or scratches hair, with the narrowest stroke it makes. Common practice. */
export interface StrokeTool {
  /** One of the list, or of the workshop's own. */
  readonly id: string;
  readonly name: string;
  readonly leastMm: number;
  /** Strokes that one pull makes; one where not said. */
  readonly atOnce?: number;
  readonly how: string;
}

/** Finest first. Widths are from common practice: press your own into a scrap and measure. */
export const TOOLS: readonly ListedTool[] = Object.freeze<ListedTool[]>([
  { id: 'scalpel', name: 'scalpel tip', leastMm: 0.1, how: 'drawn lightly, blade upright' },
  { id: 'needle', name: 'fine needle', leastMm: 0.15, how: 'dragged at a flat angle' },
  {
    id: 'wire-brush',
    name: 'soft wire brush',
    leastMm: 0.25,
    atOnce: 8,
    how: 'stroked along the lie',
  },
  { id: 'probe', name: 'probe or pin', leastMm: 0.4, how: 'pressed and flicked out' },
  { id: 'ball', name: '1 mm ball tool', leastMm: 1, how: 'drawn in short curves' },
  { id: 'loop', name: 'small loop tool', leastMm: 2, how: 'cut along the lock' },
]);

/** The tools a user has, of the list and of their own, finest first. */
export const ownTools = (
  ids: readonly ToolId[],
  own: readonly StrokeTool[] = [],
): readonly StrokeTool[] =>
  [...TOOLS.filter(({ id }) => ids.includes(id)), ...own].sort((a, b) => a.leastMm - b.leastMm);

/** The widest tool that still makes a stroke this narrow; undefined where none is fine enough. */
export const toolFor = (tools: readonly StrokeTool[], strokeMm: number): StrokeTool | undefined =>
  tools.findLast((tool) => tool.leastMm <= strokeMm);
