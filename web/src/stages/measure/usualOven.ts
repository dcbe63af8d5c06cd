/** The inside of an oven or a box that nobody has measured yet, mm. */
export const USUAL_OVEN = { lengthMm: 400, heightMm: 250, widthMm: 350 } as const;
