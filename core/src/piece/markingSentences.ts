import type { SnagFacts } from './snagFacts.ts';

type Codes =
  | 'lie-mark-lost'
  | 'marking-lost'
  | 'marking-hidden'
  | 'marking-too-fine'
  | 'markings-too-regular'
  | 'edges-too-hard'
  | 'too-many-colours'
  | 'colour-far-off';

/** The sentences of what is marked on coat and colour, as the others are told in snag.ts. */
export const MARKING_SENTENCES: {
  readonly [C in Codes]: (facts: SnagFacts[C], mm: (value: number) => string) => string;
} = {
  'lie-mark-lost': (f) =>
    `A mark on the coat (${f.mark}) lies on a bone that this animal does not have. It is kept and has no effect; remove it, or choose the animal that it was drawn on.`,
  'marking-lost': (f) =>
    `${f.marking} is marked at a place that this animal does not have. It is kept and has no effect; move it, or remove it.`,
  'marking-hidden': (f) =>
    `${f.marking} lies wholly under other markings: nothing of it would be seen, so no paint is reckoned for it. Move it up in the list, or remove it.`,
  'marking-too-fine': (f, mm) =>
    `${f.marking}: ${mm(f.mm)} wide on the model, and a fine brush draws about ${mm(f.leastMm)}. Draw it wider than life, scratch it, use a pencil, or leave it out.`,
  'markings-too-regular': (f) =>
    `${f.markings}: every repeat is like the last, and that looks printed. Let them vary a little, as they do on every animal.`,
  'edges-too-hard': (f) =>
    `${f.hard} of ${f.all} markings on hair or feathers end at a sharp line, and look cut out. Hair breaks every edge: make most of them soft or broken.`,
  'too-many-colours': (f) =>
    `${f.colours} colours of markings beside those of the zones; more than about ${f.most} are not told apart on one animal and make the palette muddy. Let some share a colour.`,
  'colour-far-off': (f) =>
    `${f.zone} comes out ${f.difference.toFixed(0)} (CIEDE2000) away from what ${f.picture} shows, ${f.how}. Change its colour, or look at the picture under other light.`,
};
