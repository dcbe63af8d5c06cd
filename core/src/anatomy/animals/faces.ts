import type { Face, FaceEye, FaceHole, FaceLine, FacePad, FacePlace, Pupil } from '../face.ts';

/** A face of what it has; the rest it has not. */
export const face = (of: Partial<Face>): Face => ({
  ...{ eyes: [], holes: [], lines: [], pads: [] },
  ...of,
});

/** An eye: place, opening between the lids in diameters of the ball, slant of the slit, pupil and iris. */
export const eye = (
  at: FacePlace,
  opening: FaceEye['opening'],
  slitDeg: number,
  pupil: Pupil,
  hex: string,
): FaceEye => ({ at, opening, slitDeg, pupil, hex });

/** A nostril, or an ear without a leaf: place, length and width in shares of its bone, and its turn. */
export const hole = (
  name: string,
  at: FacePlace,
  long: number,
  wide: number,
  turnDeg = 0,
): FaceHole => ({ name, at, long, wide, turnDeg });

/** A line in the skin through places. */
export const line = (name: string, ...through: readonly FacePlace[]): FaceLine => ({
  name,
  through,
});

/** Bare or dark skin, or facets: from and to along a bone, from and to round it. */
export const pad = (
  name: string,
  bone: string,
  along: FacePad['along'],
  around: FacePad['around'],
  hex: string,
): FacePad => ({ name, bone, along, around, hex });
