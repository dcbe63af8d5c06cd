import type { ToolId } from '../piece/materialIds.ts';

/** A tool that presses or scratches hair, with the narrowest stroke it makes. Common practice. */
export interface StrokeTool {
  readonly id: ToolId;
  readonly name: string;
  readonly leastMm: number;
  readonly how: string;
}

/** Finest first. Widths are from common practice: press your own into a scrap and measure. */
export const TOOLS: readonly StrokeTool[] = Object.freeze<StrokeTool[]>([
  { id: 'scalpel', name: 'scalpel tip', leastMm: 0.1, how: 'drawn lightly, blade upright' },
  { id: 'needle', name: 'fine needle', leastMm: 0.15, how: 'dragged at a flat angle' },
  { id: 'wire-brush', name: 'soft wire brush', leastMm: 0.25, how: 'stroked along the lie' },
  { id: 'probe', name: 'probe or pin', leastMm: 0.4, how: 'pressed and flicked out' },
  { id: 'ball', name: '1 mm ball tool', leastMm: 1, how: 'drawn in short curves' },
  { id: 'loop', name: 'small loop tool', leastMm: 2, how: 'cut along the lock' },
]);

/** The tools a user has, finest first. */
export const ownTools = (ids: readonly ToolId[]): readonly StrokeTool[] =>
  TOOLS.filter((tool) => ids.includes(tool.id));

/** The widest tool that still makes a stroke this narrow; undefined where none is fine enough. */
export const toolFor = (tools: readonly StrokeTool[], strokeMm: number): StrokeTool | undefined =>
  tools.findLast((tool) => tool.leastMm <= strokeMm);
