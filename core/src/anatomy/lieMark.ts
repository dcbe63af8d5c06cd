/**
 * What is marked on a coat. A guide is a line along which hair lies; a parting is a line from which it lies to
 * either side, a ridge one to which it comes from either side; round a whorl it turns, or stands off on all sides.
 */
export const LIE_MARK_KINDS = ['guide', 'parting', 'ridge', 'whorl'] as const;
export type LieMarkKind = (typeof LIE_MARK_KINDS)[number];

/** A mark as an animal brings it: bones by key, on its left; what is paired lies on the right too. */
export interface AnimalLie {
  readonly kind: LieMarkKind;
  /** Bone, share along it, degrees from the back (in limbs: the front) towards the left. */
  readonly through: readonly (readonly [bone: string, along: number, around: number])[];
  readonly paired: boolean;
  /**
   * Of a parting or a ridge: degrees between its line and the hair beside it. Of a whorl: 0 where hair stands off
   * on all sides, 90 where it circles to the left as one looks at it.
   */
  readonly turnDeg?: number;
  /** Of a whorl, life mm. */
  readonly radiusMm?: number;
}
