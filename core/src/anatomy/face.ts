/**
 * Where on a head something lies: on this bone, at this share of it, where the ray leaves the skin that starts
 * in the middle of the section there: degrees from the back towards the animal's left; moved off it by so much,
 * life mm. What lies on the left lies on the right too.
 */
export type FacePlace = readonly [bone: string, along: number, around: number, offMm?: number];

/** What of an eyeball is seen: the whole dark, or a pupil of some shape in a lighter iris. */
export const PUPILS = ['dark', 'round', 'upright', 'level'] as const;
export type Pupil = (typeof PUPILS)[number];

/** An eye as it lies between its lids. */
export interface FaceEye {
  readonly at: FacePlace;
  /** Width and height of the opening between the lids, in diameters of the eyeball. */
  readonly opening: readonly [wide: number, high: number];
  /** How much higher the outer corner lies than the inner one. */
  readonly slitDeg: number;
  readonly pupil: Pupil;
  /**
   * How far the eye in the middle of its lids looks ahead instead of straight out of the skin: 0 to the side, 1
   * along the head.
   */
  readonly ahead: number;
  /** Colour of the iris. */
  readonly hex: string;
}

/** A hole in the skin, long and wide in shares of its bone; turned from along the head towards the back. */
export interface FaceHole {
  readonly at: FacePlace;
  readonly long: number;
  readonly wide: number;
  readonly turnDeg: number;
}

/** A line in the skin: the mouth, the edge of a bill, a gill cover. */
export type FaceLine = readonly FacePlace[];

/** Bare dark skin, or the facets of an insect's eye: all that lies on a bone between two shares and two angles. */
export interface FacePad {
  readonly bone: string;
  readonly along: readonly [from: number, to: number];
  /** Degrees from the back about the line of the bone, on both sides alike. */
  readonly around: readonly [from: number, to: number];
  readonly hex: string;
}

/** What is seen on a head besides its shape; on the left, the right is its mirror image. General knowledge. */
export interface Face {
  readonly eyes: readonly FaceEye[];
  readonly holes: readonly FaceHole[];
  readonly lines: readonly FaceLine[];
  readonly pads: readonly FacePad[];
}

/** A face with what lies on bones that have a name here, under that name; undefined for no face. */
export function renamedFace(
  of: Face | undefined,
  nameOf: (bone: string) => string | null,
): Face | undefined {
  if (of === undefined) return undefined;
  const moved = ([bone, ...place]: FacePlace): readonly FacePlace[] => {
    const name = nameOf(bone);
    return name === null ? [] : [[name, ...place]];
  };
  return {
    eyes: of.eyes.flatMap((eye) => moved(eye.at).map((at) => ({ ...eye, at }))),
    holes: of.holes.flatMap((hole) => moved(hole.at).map((at) => ({ ...hole, at }))),
    lines: of.lines.map((line) => line.flatMap(moved)).filter((line) => line.length > 1),
    pads: of.pads.flatMap((pad) => {
      const bone = nameOf(pad.bone);
      return bone === null ? [] : [{ ...pad, bone }];
    }),
  };
}

/** Two faces as one: a second head has its own. */
export const joinedFaces = (a: Face | undefined, b: Face | undefined): Face | undefined =>
  a && b
    ? {
        eyes: [...a.eyes, ...b.eyes],
        holes: [...a.holes, ...b.holes],
        lines: [...a.lines, ...b.lines],
        pads: [...a.pads, ...b.pads],
      }
    : (a ?? b);

/** A face as a field of an animal, left out where there is none. */
export const withFace = (face: Face | undefined): { readonly face?: Face } =>
  face === undefined ? {} : { face };

/** The bones that a face lies on, each place with how far along it is. */
export const facePlaces = ({
  eyes,
  holes,
  lines,
  pads,
}: Face): readonly (readonly [string, number])[] => [
  ...[...eyes, ...holes].map(({ at }) => [at[0], at[1]] as const),
  ...lines.flatMap((line) => line.map(([bone, along]) => [bone, along] as const)),
  ...pads.map(({ bone, along }) => [bone, along[0]] as const),
];
