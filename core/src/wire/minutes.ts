/** Minutes at the bench for each thing done once; common practice, to be replaced by your own pace. */
export const MINUTES = Object.freeze({
  cut: 1,
  mark: 0.5,
  bend: 1.5,
  bind: 3,
  hole: 4,
  /** Pushing a peg through its hole and fixing it below. */
  mount: 3,
  /** Twisting or coiling, per metre of wire. */
  twistPerM: 12,
  /** Checking a bent wire against the 1:1 sheet. */
  check: 3,
});
