import { PLAIN_MARKING, type Marking, type MarkingPlace } from '../anatomy/marking.ts';

/** A place of a marking on a bone. */
export const at = (boneId: string, along: number, around: number): MarkingPlace => ({
  ...{ boneId, along, around },
});

/** A plain field of one colour, with what a test tells of it. */
export const marking = (part: Partial<Marking>): Marking => ({
  ...PLAIN_MARKING,
  ...{ id: 'm', name: 'M', kind: 'field', colours: [{ name: 'M', hex: '#202020' }], vary: 0 },
  ...part,
});

/** Rings along the adder, from its neck to the tip of its tail. */
export const ADDER_RINGS = marking({
  kind: 'rings',
  places: [at('neck.1', 0, 0), at('tail4', 1, 180)],
  bands: [
    { colour: 0, mm: 11, speckle: 0 },
    { colour: null, mm: 23, speckle: 0 },
  ],
});
