/**
 * Minutes by the rule of the packet: so many for so much thickness, from the moment that the piece is in
 * the hot oven; never less than for one thickness (common practice).
 */
export const packetRuleMin = (minutes: number, perMm: number, thicknessMm: number): number =>
  minutes * Math.max(1, thicknessMm / perMm);

/**
 * Minutes in the hot oven: the longer of the packet's rule, and of the time until the coldest clay is hot
 * enough and the hold after it.
 */
export const bakeMinutes = (ruleMin: number, hotMin: number, holdMin: number): number =>
  Math.max(ruleMin, hotMin + holdMin);
