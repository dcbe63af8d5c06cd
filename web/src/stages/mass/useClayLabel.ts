import * as say from './words.ts';
import type { ClayChoice } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { withPart } from '../withPart.ts';

type Label = ClayChoice['label'];
type Block = NonNullable<ClayChoice['weighed']>;

/** Which clay: that of the piece, or of its shells where they have another. */
export type WhichClay = 'clay' | 'shellClay';

/** What the label of a clay says, the figures that follow, and how to change it. */
export function useClayLabel(of: () => WhichClay) {
  const { piece, plan, change } = usePiecePlan();
  const clay = computed(() => piece.value.mass[of()] ?? piece.value.mass.clay);
  const figures = computed(() => {
    const { figures: whole, shellFigures } = plan.value.cure;
    return of() === 'clay' ? whole : (shellFigures ?? whole);
  });
  /** The name of a field, told apart where there are two clays. */
  const named = (words: string): string => (of() === 'clay' ? words : say.shells(words));

  const put = (what: string, part: Partial<ClayChoice>): void =>
    change(what, (p) =>
      withPart(p, 'mass', { [of()]: { ...(p.mass[of()] ?? p.mass.clay), ...part } }),
    );
  const putLabel = (part: Partial<Label>): void =>
    put(say.enterLabelOfClay, { label: { ...clay.value.label, ...part } });
  const putBlock = (part: Partial<Block>): void =>
    put(say.weighBlockOfClay, {
      weighed: {
        ...(clay.value.weighed ?? { grams: 70, lengthMm: 40, widthMm: 50, heightMm: 20 }),
        ...part,
      },
    });
  return { clay, figures, named, put, putLabel, putBlock };
}
