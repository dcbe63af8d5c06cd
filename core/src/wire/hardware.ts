import type { ThreadId } from '../piece/wireSchema.ts';

/** Hardware of one metric thread, mm. */
export interface Thread {
  readonly id: ThreadId;
  /** Nominal diameter (ISO 261). */
  readonly diameterMm: number;
  /** Clearance hole, medium series (ISO 273). */
  readonly clearanceMm: number;
  /** Height and width across flats of a nut (ISO 4032). */
  readonly nutMm: number;
  readonly acrossFlatsMm: number;
  /** Outside diameter and thickness of a plain washer (ISO 7089). */
  readonly washerMm: number;
  readonly washerThickMm: number;
  /** Thickness of a spring washer (DIN 127 B). */
  readonly springMm: number;
}

/** ISO metric coarse threads and what goes on them. From memory of the standards named above. */
export const THREADS: readonly Thread[] = Object.freeze(
  (
    [
      ['M2', 2, 2.4, 1.6, 4, 5, 0.3, 0.5],
      ['M2.5', 2.5, 2.9, 2, 5, 6, 0.5, 0.6],
      ['M3', 3, 3.4, 2.4, 5.5, 7, 0.5, 0.8],
      ['M4', 4, 4.5, 3.2, 7, 9, 0.8, 0.9],
      ['M5', 5, 5.5, 4.7, 8, 10, 1, 1.2],
      ['M6', 6, 6.6, 5.2, 10, 12, 1.6, 1.6],
      ['M8', 8, 9, 6.8, 13, 16, 1.6, 2],
    ] as const
  ).map(([id, d, hole, nut, flats, washer, thick, spring]) => ({
    id,
    diameterMm: d,
    clearanceMm: hole,
    nutMm: nut,
    acrossFlatsMm: flats,
    washerMm: washer,
    washerThickMm: thick,
    springMm: spring,
  })),
);

/** The thread with this id. */
export const threadById = (id: ThreadId): Thread => THREADS.find((thread) => thread.id === id)!;

/** Below the base on one threaded rod, mm: washer, spring washer, nut, and two turns standing out. */
export const belowBaseMm = ({ washerThickMm, springMm, nutMm, diameterMm }: Thread): number =>
  washerThickMm + springMm + nutMm + 0.4 * diameterMm;

/** Room for a plain wire to be pushed through: common practice. */
export const HOLE_CLEARANCE_MM = 0.3;

/** Twist drills sold, mm: every tenth up to 3, every half beyond (common practice; ISO 235 lists more). */
export const DRILLS_MM: readonly number[] = Object.freeze([
  ...Array.from({ length: 26 }, (_, i) => (5 + i) / 10),
  ...Array.from({ length: 20 }, (_, i) => 3.5 + i / 2),
]);

/** The first drill in mm that gives a wire its clearance; the largest for anything thicker. */
export const drillFor = (wireMm: number): number =>
  DRILLS_MM.find((mm) => mm >= wireMm + HOLE_CLEARANCE_MM - 1e-9) ?? DRILLS_MM.at(-1)!;
