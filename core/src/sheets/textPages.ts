import type { Drawing, DrawingItem, TextBlock } from './drawing.ts';
import { movedItem } from './movedItem.ts';

/** Air round a list, mm. */
const MARGIN_MM = 4;

/** A list as one long drawing, for the screen and for files; on paper it flows in pages. */
export function listDrawing(
  id: string,
  title: string,
  widthMm: number,
  blocks: readonly TextBlock[],
): Drawing {
  const { items, heightMm } = stacked(blocks);
  return {
    id,
    title,
    box: { min: [-MARGIN_MM, -heightMm - MARGIN_MM], max: [widthMm + MARGIN_MM, MARGIN_MM] },
    items,
    notToScale: true,
    blocks,
  };
}

function stacked(blocks: readonly TextBlock[]): {
  readonly items: readonly DrawingItem[];
  readonly heightMm: number;
} {
  let y = 0;
  const items = blocks.flatMap((block) => {
    const at = y;
    y -= block.heightMm;
    return block.items.map((item) => movedItem(item, 0, at));
  });
  return { items, heightMm: -y };
}

/**
 * The pages of a list on windows of a height in mm: rows are kept whole, and the last heading is
 * repeated at the top of each page. Every page is a drawing with its upper left corner at the origin.
 */
export function textPages(drawing: Drawing, heightMm: number): readonly Drawing[] {
  const pages: TextBlock[][] = [];
  let [page, used]: [TextBlock[], number] = [[], 0];
  let heading: TextBlock | undefined;
  for (const block of drawing.blocks ?? []) {
    const onlyHeading = page.every(({ repeat }) => repeat === true);
    if (used + block.heightMm > heightMm && !onlyHeading) {
      pages.push(page);
      const again = heading !== undefined && block.repeat !== true ? [heading] : [];
      page = again;
      used = again.reduce((sum, textBlock) => sum + textBlock.heightMm, 0);
    }
    if (block.repeat === true) heading = block;
    page.push(block);
    used += block.heightMm;
  }
  if (page.length > 0) pages.push(page);
  return pages.map((blocks, i) => {
    const { items, heightMm: high } = stacked(blocks);
    const [left, right] = [drawing.box.min[0], drawing.box.max[0]];
    return {
      ...drawing,
      id: `${drawing.id}-${i + 1}`,
      items,
      box: { min: [left, -high], max: [right, 0] },
    };
  });
}
