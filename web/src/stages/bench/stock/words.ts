/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// StockStage.vue
export const whatItTakes = 'What the piece takes';
export const allPieces = 'All pieces on the bench together';
export const stockHint =
  'A step that is ticked takes what it uses from the lots of the workshop, opened ones first; opening it again gives that back. Lots, packets and prices are entered in the';
export const workshop = 'workshop';
export const whatItCosts = 'What it costs';
export const withoutPrice = (many: number): string =>
  `${many} of its stuffs have no price yet: enter packets and prices in the workshop.`;
export const hourRate = 'An hour of your work';
export const notKnown = 'not known';
export const changeRate = 'Change the price of an hour';
export const onTop = 'On top of both';
export const changeMargin = 'Change what is put on top';
export const noRateYet = 'With the price of an hour, the price of the piece stands here.';

// MaterialTable.vue, JointTable.vue
export const stuff = 'Stuff';
export const takes = 'Takes';
export const here = 'Here';
export const toBuy = 'To buy';
export const costs = 'Costs';
export const firstUsed = 'First used';
export const enough = 'enough';
export const inPieces = 'For';
