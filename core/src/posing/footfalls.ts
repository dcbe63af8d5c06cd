/** The four feet of a gait, as gait studies call them. */
export const FEET = ['LH', 'LF', 'RH', 'RF'] as const;
export type Foot = (typeof FEET)[number];

/** When each foot falls, as a fraction of the stride, 0 to 1. */
export type Footfalls = Readonly<Record<Foot, number>>;

const wrapped = (share: number): number => share - Math.floor(share);

/**
 * Footfalls of a symmetrical gait: the feet of a pair half a stride apart, the fore foot `phase` of a
 * stride after the hind foot of its side (M. Hildebrand, Science 150, 1965).
 */
export const symmetricalFootfalls = (phase: number): Footfalls => ({
  LH: 0,
  LF: wrapped(phase),
  RH: 0.5,
  RF: wrapped(phase + 0.5),
});

/** Whether a foot that falls at `fall` is down at `moment`; a foot stays down for `duty` of a stride. */
export const isDown = (fall: number, duty: number, moment: number): boolean =>
  wrapped(moment - fall) < duty;

/** How often so many feet are down, index 0 to 4, as fractions of a stride; and their mean. */
export interface SupportShares {
  readonly shares: readonly number[];
  readonly meanFeetDown: number;
}

/** Support of a gait: the stride is cut wherever a foot falls or lifts, and each piece counted. */
export function supportShares(falls: Footfalls, duty: number): SupportShares {
  const times = FEET.map((foot) => falls[foot]);
  const cuts = [0, 1, ...times.flatMap((fall) => [wrapped(fall), wrapped(fall + duty)])]
    .map((cut) => Math.round(cut * 1e12) / 1e12)
    .toSorted((a, b) => a - b);
  const shares = [0, 0, 0, 0, 0];
  cuts.slice(1).forEach((to, i) => {
    const from = cuts[i]!;
    if (to - from < 1e-9) return;
    const middle = (from + to) / 2;
    const down = times.filter((fall) => isDown(fall, duty, middle)).length;
    shares[down] = (shares[down] ?? 0) + to - from;
  });
  return { shares, meanFeetDown: shares.reduce((sum, share, n) => sum + share * n, 0) };
}
