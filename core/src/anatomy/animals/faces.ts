import type { Face, FaceEye, FaceHole, FaceLine, FacePad, FacePlace, Pupil } from '../face.ts';

/** A face of what it has; the rest it has not. */
export const face = (of: Partial<Face>): Face => ({
  ...{ eyes: [], holes: [], lines: [], pads: [] },
  ...of,
});

/** How far eyes look ahead where nothing is said: those of most animals look to the side. */
const AHEAD = 0.35;

/**
 * An eye: place, opening between the lids in diameters of the ball, slant of the slit, pupil and iris, and how
 * far it looks ahead.
 */
export const eye = (
  at: FacePlace,
  opening: FaceEye['opening'],
  slitDeg: number,
  pupil: Pupil,
  hex: string,
  ahead = AHEAD,
): FaceEye => ({ at, opening, slitDeg, pupil, hex, ahead });

/** A nostril or a blowhole: place, length and width in shares of its bone, and its turn. */
export const hole = (at: FacePlace, long: number, wide: number, turnDeg = 0): FaceHole => ({
  ...{ at, long, wide, turnDeg },
});

/** A line in the skin through places. */
export const line = (...through: readonly FacePlace[]): FaceLine => through;

/** Lines by what they are. */
export {
  line as cheek,
  line as disc,
  line as edge,
  line as gillCover,
  line as groove,
  line as mouth,
  line as ridge,
};

/** Bare or dark skin, or facets: from and to along a bone, from and to round it. */
export const pad = (
  bone: string,
  along: FacePad['along'],
  around: FacePad['around'],
  hex: string,
): FacePad => ({ bone, along, around, hex });

/** A whole bone of one colour: a horn, a bill. */
export const wholly = (bone: string, hex: string): FacePad =>
  pad(bone, [-0.15, 1.15], [0, 180], hex);

/** The hollow side of an ear that faces forward, from its notch to near its tip. */
export const cup = (from: number, to: number, hex: string, wide = 52): FacePad =>
  pad('ear', [from, to], [180 - wide, 180], hex);

/**
 * The lower edge of a row of feathers along a bone: so many tips, `deep` degrees long; from which place to which,
 * and how far round it lies at either end.
 */
export function row(
  bone: string,
  many: number,
  [from, to]: readonly [number, number],
  [first, last]: readonly [number, number],
  deep: number,
): FaceLine {
  const steps = many * TIP.length;
  return Array.from({ length: steps + 1 }, (_, i): FacePlace => {
    const t = i / steps;
    const out = TIP[i % TIP.length]! * deep;
    return [bone, from + (to - from) * t, first + (last - first) * t + out];
  });
}

/** A rounded tip of a feather, as shares of its depth. */
const TIP = [0, 0.8, 1, 0.8] as const;

/** Pads by what they are. */
export { pad as facets, pad as lores, pad as nose };
