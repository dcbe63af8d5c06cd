import type { Workpiece } from '../workshop/workpiece.ts';
import { LEAST_PERCH_MM, perchThickAt } from '../stance/perch.ts';
import type { StancePlan } from '../stance/stancePlan.ts';

/** What a peg goes into, and how deep straight below the ground it stands on, mm. */
export interface PegSeat {
  readonly into: 'board' | 'perch';
  /** Through the board, or into the perch. */
  readonly throughMm: number;
  /** Below the board, for nut and washers or to be bent over; nothing in a perch. */
  readonly belowMm: number;
}

/** A peg is glued so deep into a perch, mm, and no deeper than this share of it: common practice. */
export const PERCH_PEG_MM = 25;
const PERCH_PEG_SHARE = 0.7;

/** What a peg is planned from. */
export interface SeatSetting {
  readonly stance: Pick<StancePlan, 'perch' | 'ground'>;
  readonly wire: Pick<Workpiece['wire'], 'allowancesMm'>;
  readonly base: Pick<Workpiece['stance']['base'], 'thicknessMm'>;
}

/** Where a peg at a place along the animal goes, on ground of this height: into the perch there, else through the board. */
export function pegSeat(
  { stance: { perch, ground }, wire, base }: SeatSetting,
  x: number,
  groundMm: number,
): PegSeat {
  if (perch === null || groundMm < LEAST_PERCH_MM)
    return {
      into: 'board',
      throughMm: base.thicknessMm,
      belowMm: wire.allowancesMm.nutAndWashers,
    };
  const thickMm = perchThickAt(perch, ground, x);
  const throughMm = Math.min(PERCH_PEG_MM, PERCH_PEG_SHARE * thickMm);
  return { into: 'perch', throughMm, belowMm: 0 };
}

/** How far a peg reaches below the ground, mm. */
export const seatDepthMm = ({ throughMm, belowMm }: PegSeat): number => throughMm + belowMm;
