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
    purpose: 'How much foil and clay goes round the wire, and what this body would weigh in life.',
  },
  cure: {
    name: 'Cure',
    purpose: 'How hot and how long, until the slowest clay is cured.',
  },
  skin: {
    name: 'Skin',
    purpose: 'How long and how fine each stroke of the coat is, and with which tool.',
  },
  colour: {
    name: 'Colour',
    purpose: 'The layers from primer to sheen, and how much paint they take.',
  },
  bench: {
    name: 'Bench',
    purpose: 'Every step in order, what is next, and what to buy.',
  },
};
