import * as say from './words.ts';
import type { MixedRecipe } from './paintQuestion.ts';
import type { ColourPlan } from './planColour.ts';

/** The name of a tube of a plan, by its id. */
const tubeName = ({ tubes }: Pick<ColourPlan, 'tubes'>, id: string): string =>
  tubes?.find(({ tube }) => tube.id === id)?.tube.name ?? id;

/** A recipe in words, the most of it first: 5 Chalk white + 2 Ochre. */
export const recipeWords = ({ parts }: MixedRecipe, plan: Pick<ColourPlan, 'tubes'>): string =>
  parts
    .toSorted((a, b) => b.parts - a.parts)
    .map(({ tubeId, parts: many }) =>
      parts.length === 1 ? tubeName(plan, tubeId) : `${many} ${tubeName(plan, tubeId)}`,
    )
    .join(' + ');

/** What a difference by CIEDE2000 means to an eye. Common practice of colour control. */
export function differenceWords(difference: number): string {
  if (difference < 1) return say.nobodySees;
  if (difference < 2) return say.trainedEyeSees;
  if (difference < 5) return say.seenSideBySide;
  if (difference < 10) return say.anybodySees;
  return say.anotherColour;
}
