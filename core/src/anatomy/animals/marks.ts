import { PLAIN_MARKING, type AnimalMarking, type Marking, type MarkingKind } from '../marking.ts';

type Colours = readonly (readonly [name: string, hex: string])[];
type Places = readonly (readonly [bone: string, along: number, around: number])[];

/** A marking of an animal from general knowledge (memory): what it is called, its colours, its places, its life mm. */
export const mark = (
  id: string,
  name: string,
  kind: MarkingKind,
  colours: Colours,
  places: Places,
  more: Partial<Marking> = {},
): AnimalMarking => ({
  ...PLAIN_MARKING,
  ...{ id, name, kind, provenance: 'memory' },
  colours: colours.map(([called, hex]) => ({ name: called, hex })),
  places: places.map(([boneId, along, around]) => ({ boneId, along, around })),
  ...more,
});

/** The same on a thin wing or fin. */
export const markWing = (
  id: string,
  name: string,
  kind: MarkingKind,
  part: string,
  colours: Colours,
  more: Partial<Marking> = {},
): AnimalMarking => mark(id, name, kind, colours, [], { part, ...more });
