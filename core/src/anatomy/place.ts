/**
 * A place on a body, told by its bone so that it outlives a change of stance, scale and shape.
 * `along` is the share of the bone, 0 where it starts and 1 where it ends; it may lie a little beyond.
 */
export interface Place {
  readonly boneId: string;
  readonly along: number;
}

/** Whether two places are one. */
export const samePlace = (a: Place, b: Place): boolean =>
  a.boneId === b.boneId && a.along === b.along;
