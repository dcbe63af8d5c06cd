import type { Stage } from '@keen-sinew/core';

/** What each stage is called and what it is for, in one sentence. */
export const STAGE_NAMES: Readonly<
  Record<Stage, { readonly name: string; readonly purpose: string }>
> = {
  measure: { name: 'Measure', purpose: 'The animal, its bones and the scale of the model.' },
  stance: { name: 'Stance', purpose: 'How the skeleton stands, and whether it stands by itself.' },
  wire: { name: 'Wire', purpose: 'What to cut, where to bend it, and where to drill the base.' },
  mass: {
    name: 'Mass',
    purpose:
      'Mass will tell how much foil and clay goes round the wire, how thick the shell may be, and what this body would weigh in life.',
  },
  cure: {
    name: 'Cure',
    purpose:
      'Cure will tell how long the thickest clay needs at which temperature, in how many bakes, and what must never go in the oven.',
  },
  skin: {
    name: 'Skin',
    purpose:
      'Skin will scale hair, scales and feathers to the model and say which tool can make them.',
  },
  colour: {
    name: 'Colour',
    purpose: 'Colour will mix the layers from primer to sheen out of the paints you own.',
  },
  bench: {
    name: 'Bench',
    purpose: 'Bench will put every step in order, with what to buy and how long each takes you.',
  },
};
