import { list, num, text, whole, z } from '../units/schema.ts';

/** What a picture shows of the animal; `photo` is one photograph of a stance, to be read by itself. */
export const PICTURE_VIEWS = ['side', 'front', 'top', 'back', 'photo'] as const;
export type PictureView = (typeof PICTURE_VIEWS)[number];

/** Clicks kept of one landmark; more do not make it surer. */
export const MOST_CLICKS = 9;
/** Readings kept of one bone. */
export const MOST_READINGS = 12;
export const MOST_PICTURES = 24;
/** Points of an outline. */
export const MOST_OUTLINE = 600;
/** Sides of a picture that can be read, pixels. */
export const PICTURE_LIMITS = { minPx: 16, maxPx: 40_000, maxMegapixels: 120 } as const;

/** A point of the picture as it came, upright: pixels from its upper left corner, y down. */
const pixel = z.tuple([num(-1e5, 1e5), num(-1e5, 1e5)]);
const millimetres = num(0.01, 100_000);

const scaleSchema = z.discriminatedUnion('by', [
  z.strictObject({
    by: z.literal('length'),
    from: pixel,
    to: pixel,
    /** Life millimetres between the two. */
    mm: millimetres,
    plusMinusMm: num(0, 10_000),
  }),
  /** A bone whose length is known and that lies in the picture's plane. */
  z.strictObject({ by: z.literal('bone'), boneId: text(1, 40) }),
]);

export const pictureSchema = z.strictObject({
  id: z.string().check(z.regex(/^[a-z0-9-]{1,40}$/)),
  name: text(1, 120),
  /** File of a drawing that ships with the application; null where the browser keeps the picture. */
  shipped: z.nullable(text(0, 80)),
  view: z.enum(PICTURE_VIEWS),
  /** Where the head points on the picture, in views that show it from the side or from above. */
  facing: z.enum(['left', 'right']),
  widthPx: whole(PICTURE_LIMITS.minPx, PICTURE_LIMITS.maxPx),
  heightPx: whole(PICTURE_LIMITS.minPx, PICTURE_LIMITS.maxPx),
  /** Pixels of the picture as it came to one of the copy that is kept, 1 where none was left out. */
  pxPerKept: num(1, 100),
  turnDeg: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
  crop: z.nullable(
    z.strictObject({
      x: z.number(),
      y: z.number(),
      width: z.number().check(z.gte(1)),
      height: z.number().check(z.gte(1)),
    }),
  ),
  scale: z.nullable(scaleSchema),
  level: z.nullable(z.strictObject({ from: pixel, to: pixel })),
  /** Null for a drawing, which has no perspective. */
  camera: z.nullable(
    z.strictObject({
      /** From the lens to where the scale was taken. */
      distanceMm: num(10, 1_000_000),
      /** How much nearer to the lens the middle of the animal lies than the scale. */
      nearerMm: num(-100_000, 100_000),
    }),
  ),
  landmarks: z.record(text(0, 60), list(pixel, 1, MOST_CLICKS)),
  /** The animal's outline, point by point round it; closed by itself. */
  outline: list(pixel, 0, MOST_OUTLINE),
  /** On a photograph: whether a bone's far end comes nearer (1) or goes farther away (-1). */
  nearer: z.record(text(0, 40), z.union([z.literal(1), z.literal(-1)])),
});

export const referencesSchema = z.strictObject({
  pictures: list(pictureSchema, 0, MOST_PICTURES),
  /** What tape and caliper are laid on, and how much smaller than life it is. */
  specimen: z.strictObject({
    name: text(0, 80),
    lifePerSpecimen: num(0.01, 1000),
  }),
  /** Readings by bone, mm of the specimen. */
  readings: z.record(text(0, 40), list(millimetres, 0, MOST_READINGS)),
});

export type Picture = z.infer<typeof pictureSchema>;
export type References = z.infer<typeof referencesSchema>;
export type PicturePoint = readonly [u: number, v: number];

/** A picture on which nothing was marked yet. */
export const blankPicture = (
  of: Pick<Picture, 'id' | 'name' | 'view' | 'widthPx' | 'heightPx'> & Partial<Picture>,
): Picture => ({
  shipped: null,
  facing: 'left',
  pxPerKept: 1,
  turnDeg: 0,
  crop: null,
  scale: null,
  level: null,
  camera: null,
  landmarks: {},
  outline: [],
  nearer: {},
  ...of,
});
