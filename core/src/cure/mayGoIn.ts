import type { BakeItem } from '../bakes/bakeItems.ts';
import type { OrderPlan } from '../bakes/planOrder.ts';
import { standing } from '../bakes/stuffs.ts';
import type { BakeStage } from './bakeStages.ts';

/** What becomes of a thing in a bake: it cures, goes in, its label must tell, must stay out, or is not there yet. */
export type GoesIn = 'cures' | 'yes' | 'label' | 'no' | 'not-yet';

/** A thing of the piece, with the answer for every bake, in their order. */
export interface MayGoIn {
  readonly item: BakeItem;
  readonly answers: readonly GoesIn[];
}

/** "May this go in?" for everything on the piece and every bake. */
export const mayGoIn = (order: OrderPlan, stages: readonly BakeStage[]): readonly MayGoIn[] =>
  order.items.map((item) => ({ item, answers: stages.map((stage) => answer(item, stage)) }));

function answer(item: BakeItem, stage: BakeStage): GoesIn {
  const isIn = (list: readonly BakeItem[]): boolean => list.some(({ id }) => id === item.id);
  if (isIn(stage.items)) return 'cures';
  if (isIn(stage.later)) return 'not-yet';
  const hotC = stage.oven?.value ?? stage.rangeC[0];
  if (item.curesC !== null) return hotC <= item.standsC ? 'yes' : 'no';
  return { stands: 'yes', label: 'label', never: 'no' }[standing(item.stuff, hotC)] as GoesIn;
}

/** What must be out of the oven in a bake: what is not on the piece yet, and would not stand it. */
export const outOf = (stage: BakeStage): readonly BakeItem[] =>
  stage.later.filter(
    ({ stuff, curesC }) =>
      curesC === null && standing(stuff, stage.oven?.value ?? stage.rangeC[0]) !== 'stands',
  );
