/**
 * The words of this room, in English: each under a name, with what goes into it as parameters.
 */

// MaterialsStage.vue
export const whatStandsWhat = 'What stands what heat';
export const mayThisGoIn = 'May this go in?';
export const thing = 'On the piece';
export const ofStuff = 'Of';
export const bears = 'Bears, or cures at';
export const curesBetween = (low: string, high: string): string => `cures ${low} – ${high}`;
export const answers = {
  cures: 'cures',
  yes: 'yes',
  label: 'its label tells',
  no: 'no',
  'not-yet': 'not yet',
} as const;
export const lookUp = 'Look a stuff up';
export const seekStuff = 'Glue, foam, wood …';
export const stuff = 'Stuff';
export const givesWay = 'Gives way from – surely at';
export const how = 'How';
export const ways = {
  softens: 'softens',
  melts: 'melts',
  scorches: 'scorches',
  'lets-go': 'lets go',
  cracks: 'cracks or bursts',
  sticks: 'stays sticky',
} as const;
export const setsIn = 'Sets in';
export const toKnow = 'Bonds, sticks, harms';
export const fromMemory =
  'All of it from memory, as ranges: the label of what you have in your hand wins, and a scrap of it in the oven before is better than any table.';
export const byTheirLabels = 'Clays and stuffs by their labels';
export const foundThings = 'Found and ready-made things';
export const cautions = 'Take care';
