import * as say from './words.ts';
import type { SectionCard } from '../mass/shapePlan.ts';
import { fittedDrawing, type Drawing } from './drawing.ts';
import { cutItems } from './sectionItems.ts';

const MARGIN_MM = 3;

/** One section by itself at 1:1, seen from behind, its bone in the origin. */
export const sectionDrawing = (card: SectionCard): Drawing =>
  fittedDrawing(
    `section-${card.number}`,
    say.section2(card.number, card.name.toLowerCase()),
    cutItems(card, [0, 0]),
    MARGIN_MM,
  );
