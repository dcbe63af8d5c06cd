import { z } from './zodSetup.ts';

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
const pixel = z.tuple([z.number().min(-1e5).max(1e5), z.number().min(-1e5).max(1e5)]);
const millimetres = z.number().min(0.01).max(100_000);

const scaleSchema = z.discriminatedUnion('by', [
  z.strictObject({
    by: z.literal('length'),
    from: pixel,
    to: pixel,
    /** Life millimetres between the two. */
    mm: millimetres,
    plusMinusMm: z.number().min(0).max(10_000),
  }),
  /** A bone whose length is known and that lies in the picture's plane. */
  z.strictObject({ by: z.literal('bone'), boneId: z.string().min(1).max(40) }),
]);

export const pictureSchema = z.strictObject({
  id: z.string().regex(/^[a-z0-9-]{1,40}$/),
  name: z.string().min(1).max(120),
  /** File of a drawing that ships with the application; null where the browser keeps the picture. */
  shipped: z.string().max(80).nullable(),
  view: z.enum(PICTURE_VIEWS),
  /** Where the head points on the picture, in views that show it from the side or from above. */
  facing: z.enum(['left', 'right']),
  widthPx: z.number().int().min(PICTURE_LIMITS.minPx).max(PICTURE_LIMITS.maxPx),
  heightPx: z.number().int().min(PICTURE_LIMITS.minPx).max(PICTURE_LIMITS.maxPx),
  /** Pixels of the picture as it came to one of the copy that is kept, 1 where none was left out. */
  pxPerKept: z.number().min(1).max(100),
  turnDeg: z.union([z.literal(0), z.literal(90), z.literal(180), z.literal(270)]),
  crop: z
    .strictObject({
      x: z.number(),
      y: z.number(),
      width: z.number().min(1),
      height: z.number().min(1),
    })
    .nullable(),
  scale: scaleSchema.nullable(),
  level: z.strictObject({ from: pixel, to: pixel }).nullable(),
  /** Null for a drawing, which has no perspective. */
  camera: z
    .strictObject({
      /** From the lens to where the scale was taken. */
      distanceMm: z.number().min(10).max(1_000_000),
      /** How much nearer to the lens the middle of the animal lies than the scale. */
      nearerMm: z.number().min(-100_000).max(100_000),
    })
    .nullable(),
  landmarks: z.record(z.string().max(60), z.array(pixel).min(1).max(MOST_CLICKS)),
  /** The animal's outline, point by point round it; closed by itself. */
  outline: z.array(pixel).max(MOST_OUTLINE),
  /** On a photograph: whether a bone's far end comes nearer (1) or goes farther away (-1). */
  nearer: z.record(z.string().max(40), z.union([z.literal(1), z.literal(-1)])),
});

export const referencesSchema = z.strictObject({
  pictures: z.array(pictureSchema).max(MOST_PICTURES),
  /** What tape and caliper are laid on, and how much smaller than life it is. */
  specimen: z.strictObject({
    name: z.string().max(80),
    lifePerSpecimen: z.number().min(0.01).max(1000),
  }),
  /** Readings by bone, mm of the specimen. */
  readings: z.record(z.string().max(40), z.array(millimetres).max(MOST_READINGS)),
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
