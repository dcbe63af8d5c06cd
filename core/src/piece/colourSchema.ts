import { SHEENS } from '../anatomy/coat.ts';
import { markingSchema, MOST_MARKINGS } from './markingSchema.ts';
import { hex, list, num, text, whole, z } from '../units/schema.ts';

/** Layers that a zone may have beside those of its way. */
export const EXTRA_IDS = ['under', 'stipple', 'glaze', 'metallic', 'glitter'] as const;
export type ExtraId = (typeof EXTRA_IDS)[number];

/** Ways to colour a piece. */
export const SCHOOLS = ['light-down', 'dark-up', 'over-clay', 'coloured-clay', 'pastel'] as const;
export type School = (typeof SCHOOLS)[number];

/** What a colour is carried by. */
export const PAINT_KINDS = ['paint', 'pastel', 'clay'] as const;
export type PaintKind = (typeof PAINT_KINDS)[number];

/** How well a coat hides what is under it. */
export const OPACITIES = ['opaque', 'semi-opaque', 'semi-transparent', 'transparent'] as const;
export type Opacity = (typeof OPACITIES)[number];

/** How well a colour keeps in light, as a class. */
export const LIGHT_CLASSES = ['unknown', 'excellent', 'good', 'fades'] as const;
export type LightClass = (typeof LIGHT_CLASSES)[number];

/** Grounds under the paint. */
export const PRIMER_IDS = ['grey', 'white', 'black', 'none'] as const;
export type PrimerId = (typeof PRIMER_IDS)[number];

/** So many colours are kept of pictures. */
export const MOST_FOUND = 40;

/** A colour of the animal that was found in a picture: its own, and what shade and light made of it there. */
const foundSchema = z.strictObject({
  id: text(1, 40),
  name: text(1, 60),
  hex,
  shade: z.nullable(hex),
  light: z.nullable(hex),
  /** Mean difference by CIEDE2000 of where it was found from it; null for one of a palette. */
  spread: z.nullable(num(0, 200)),
  /** Name of the picture. */
  picture: text(0, 120),
});

export const colourSchema = z.strictObject({
  school: z.enum(SCHOOLS),
  primer: z.enum(PRIMER_IDS),
  /** What the bare clay looks like. */
  clayHex: hex,
  /** Lightness between two steps, in OKLab (0 black to 1 white). */
  step: num(0.02, 0.2),
  /** Coats of a hiding layer; null for as many as hide. */
  baseCoats: z.nullable(whole(1, 6)),
  /** Of how many tubes the whole animal is mixed. */
  few: whole(1, 8),
  /** Tubes of the workshop that are used whatever is found. */
  fixed: list(text(1, 40), 0, 8),
  /** A recipe has at most so many parts. */
  maxParts: whole(2, 16),
  /** Colours found in pictures, to aim at. */
  found: list(foundSchema, 0, MOST_FOUND),
  /** What is marked on it, from the bottom to the top; null for what the animal brings. */
  markings: z.nullable(list(markingSchema, 0, MOST_MARKINGS)),
  /** What a picture shows of zones and markings, to check the finished piece against. */
  seen: z.record(text(0, 60), z.strictObject({ hex, picture: text(0, 120) })),
  zones: z.record(
    text(0, 60),
    z.strictObject({
      hex: z.nullable(hex),
      sheen: z.nullable(z.enum(SHEENS)),
      /** Coloured in another way than the piece. */
      school: z.nullable(z.enum(SCHOOLS)),
      extras: list(z.enum(EXTRA_IDS), 0, EXTRA_IDS.length),
      /** Coloured clay that is folded until it is streaked, and no further. */
      marbled: z.boolean(),
    }),
  ),
});

export type FoundColour = z.infer<typeof foundSchema>;

/** A zone that nothing is decided of. */
export const NEW_ZONE_COLOUR = Object.freeze({
  ...{ hex: null, sheen: null, school: null, marbled: false },
  extras: [],
});

/** Colours of a new piece. */
export const NEW_COLOUR = Object.freeze({
  school: 'light-down',
  primer: 'grey',
  clayHex: '#d3c8b6',
  step: 0.08,
  baseCoats: null,
  few: 4,
  fixed: [],
  maxParts: 8,
  found: [],
  markings: null,
  seen: {},
  zones: {},
}) satisfies z.infer<typeof colourSchema>;
