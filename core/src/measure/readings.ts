import { mean, median } from './statistics.ts';

/** A reading of tape or caliper is good to this by itself: common practice for a steady hand. */
export const ONE_READING_PLUS_MINUS_MM = 0.5;
/** Modified z-score past which a reading is doubted (B. Iglewicz & D. Hoaglin 1993). */
const DOUBTED_Z = 3.5;
/** The median absolute deviation of a normal spread, in sigmas. */
const MAD_IN_SIGMA = 0.6745;
/** Too few readings to tell a spread: then one that is off by so much of the median is doubted. */
const DOUBTED_SHARE = 0.03;
const LEAST_FOR_SPREAD = 4;

/** What repeated readings of one length say. mm of what was measured. */
export interface ReadingSummary {
  /** Mean of the readings that are not doubted. */
  readonly value: number;
  readonly count: number;
  /** Sample standard deviation; null of a single reading. */
  readonly spreadMm: number | null;
  /** Half the range that holds the mean with 95 %. */
  readonly plusMinusMm: number;
  /** Readings by index that lie so far off that they should be taken again. */
  readonly doubted: readonly number[];
}

/** Two-sided 95 % points of Student's t for 1 to 10 degrees of freedom (W. S. Gosset 1908; tables). */
const STUDENT_95 = [12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228];

/** Mean, spread and doubtful ones among repeated readings; undefined where there is none. */
export function readingsOf(readings: readonly number[]): ReadingSummary | undefined {
  if (readings.length === 0) return undefined;
  const doubted = doubtedOf(readings);
  const kept = readings.filter((_, i) => !doubted.includes(i));
  const value = mean(kept);
  const n = kept.length;
  if (n < 2) {
    return { value, count: n, spreadMm: null, plusMinusMm: ONE_READING_PLUS_MINUS_MM, doubted };
  }
  const spreadMm = Math.sqrt(kept.reduce((sum, r) => sum + (r - value) ** 2, 0) / (n - 1));
  const t = STUDENT_95[n - 2] ?? STUDENT_95.at(-1)!;
  const scatter = (t * spreadMm) / Math.sqrt(n);
  // Readings can agree by chance better than a caliper and a hand can.
  const least = ONE_READING_PLUS_MINUS_MM / Math.sqrt(n);
  return { value, count: n, spreadMm, plusMinusMm: Math.max(least, scatter), doubted };
}

function doubtedOf(readings: readonly number[]): readonly number[] {
  if (readings.length < 3) return [];
  const middle = median(readings);
  const deviation = median(readings.map((r) => Math.abs(r - middle)));
  // Where most agree to the last digit, the deviation of the others says nothing of the hand.
  const floor = ONE_READING_PLUS_MINUS_MM / 2;
  const far = (r: number): boolean =>
    readings.length < LEAST_FOR_SPREAD
      ? Math.abs(r - middle) > Math.max(DOUBTED_SHARE * middle, 2 * ONE_READING_PLUS_MINUS_MM)
      : (MAD_IN_SIGMA * Math.abs(r - middle)) / Math.max(deviation, floor) > DOUBTED_Z;
  return readings.flatMap((r, i) => (far(r) ? [i] : []));
}
