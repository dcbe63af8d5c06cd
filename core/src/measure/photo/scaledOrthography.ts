/*
 * Depth from one photograph where the lengths are known: u = s·X, v = s·Y, and so
 * dz = ±√(l² − (du² + dv²)/s²). C. J. Taylor, Computer Vision and Image Understanding 80 (2000).
 */

/** A point of a picture, pixels. */
export type Pixel = readonly [u: number, v: number];

/** The far end of a bone is nearer to the viewer (1) or farther (−1) than its near end. */
export type Nearer = 1 | -1;

/** A bone on a picture: where its ends are seen, and how long it is in life or on the model, mm. */
export interface SeenBone {
  readonly from: Pixel;
  readonly to: Pixel;
  readonly lengthMm: number;
}

const seenPx = ({ from, to }: SeenBone): number => Math.hypot(to[0] - from[0], to[1] - from[1]);

/**
 * The least scale in pixels per mm at which every bone can be as long as it is: the largest of seen
 * over true. Zero bones give 0.
 */
export const leastScale = (bones: readonly SeenBone[]): number =>
  bones.reduce((least, bone) => Math.max(least, seenPx(bone) / bone.lengthMm), 0);

/**
 * Depth of a bone between its ends, mm, without its sign; undefined where it is seen longer than it
 * can be at this scale.
 */
export function depthMm(bone: SeenBone, pxPerMm: number): number | undefined {
  const square = bone.lengthMm ** 2 - (seenPx(bone) / pxPerMm) ** 2;
  // A bone at the least scale lies in the picture; rounding must not make it impossible.
  if (square < -1e-9 * bone.lengthMm ** 2) return undefined;
  return Math.sqrt(Math.max(0, square));
}

/** A bone seen this near to its full length, as a share, lies in the picture's plane: clicks are no finer. */
const FLAT_SHARE = 0.01;

/** Whether a bone may point either nearer or farther, and not just lie in the picture's plane. */
export const hasTwoWays = (bone: SeenBone, pxPerMm: number): boolean =>
  seenPx(bone) < (1 - FLAT_SHARE) * bone.lengthMm * pxPerMm;

/** What one picture tells of a chain of bones. */
export interface Recovered {
  /** Pixels per mm that were used. */
  readonly pxPerMm: number;
  readonly leastPxPerMm: number;
  /** Bones by index that are seen longer than they can be: none where the chain is possible. */
  readonly impossible: readonly number[];
  /** Depth of each bone with its sign, mm; towards the viewer is plus. Empty where impossible. */
  readonly depthsMm: readonly number[];
  /** Depth of every point from the first, mm. Empty where impossible. */
  readonly pointsMm: readonly number[];
  /** So many ways there are to choose nearer or farther; bones in the picture's plane count once. */
  readonly ways: number;
}

/**
 * Recovers the depth of a chain of bones, each starting where the last ended, from the signs that
 * the viewer chose. At a scale below the least nothing is guessed: the impossible bones are named.
 */
export function recoverChain(
  bones: readonly SeenBone[],
  pxPerMm: number,
  nearer: readonly Nearer[],
): Recovered {
  const depths = bones.map((bone) => depthMm(bone, pxPerMm));
  const impossible = depths.flatMap((depth, i) => (depth === undefined ? [i] : []));
  const signed = impossible.length > 0 ? [] : depths.map((depth, i) => depth! * (nearer[i] ?? 1));
  let at = 0;
  return {
    pxPerMm,
    leastPxPerMm: leastScale(bones),
    impossible,
    depthsMm: signed,
    pointsMm: impossible.length > 0 ? [] : [0, ...signed.map((depth) => (at += depth))],
    ways: 2 ** bones.filter((bone) => hasTwoWays(bone, pxPerMm)).length,
  };
}
