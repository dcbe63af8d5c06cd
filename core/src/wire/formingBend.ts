import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import type { Provenance } from '../anatomy/provenance.ts';
import { flowStressMPa, type Metal } from './metals.ts';
import { formingRadiusMm, sheetRatio, yieldOverEFromTest } from './springback.ts';

/**
 * A wire that must be bent more than this many times as far as it stays is not bent by hand: it is
 * nearly a spring. Common practice.
 */
const MOST_OVER_BEND = 2;

/** How one wire springs back at its bend radius. */
export interface Forming {
  readonly yieldOverE: number;
  readonly flowStressMPa: number;
  readonly provenance: Provenance;
  readonly source: string;
  readonly finishedMm: number;
  /** Centreline radius to form so that the released wire has the finished one. */
  readonly formingMm: number;
  /** θᵢ/θ_f for round wire, and the sheet formula's for comparison. */
  readonly overBend: number;
  readonly sheetOverBend: number | undefined;
}

/**
 * Springback of a wire bent to a finished centreline radius: from the user's own test bend where
 * there is one, else from the metal's flow stress at the strain d/2R. Undefined where the wire
 * would spring back wholly, or nearly so.
 */
export function formingBend(
  metal: Metal,
  diameterMm: number,
  finishedMm: number,
  tests: Workpiece['wire']['testBends'],
): Forming | undefined {
  const modulus = metal.eMPa[2];
  const test = tests[metal.id];
  const tested =
    test && yieldOverEFromTest(test.relaxedDeg, test.radiusMm, test.diameterMm) * modulus;
  const flow = tested ?? flowStressMPa(metal, diameterMm / (2 * finishedMm));
  const yieldOverE = flow / modulus;
  const formingMm = formingRadiusMm(finishedMm, yieldOverE, diameterMm);
  if (formingMm === undefined || finishedMm / formingMm > MOST_OVER_BEND) return undefined;
  const sheet = formingRadiusMm(finishedMm, yieldOverE, diameterMm, sheetRatio);
  return {
    yieldOverE,
    flowStressMPa: flow,
    provenance: tested === undefined ? 'memory' : 'measured',
    source: tested === undefined ? metal.source : say.yourOwnTestBend,
    finishedMm,
    formingMm,
    overBend: finishedMm / formingMm,
    sheetOverBend: sheet === undefined ? undefined : finishedMm / sheet,
  };
}

/** Steps of the search for the widest bend that stays. */
const STEPS = 40;

/**
 * The largest finished centreline radius in mm to which this wire can be bent so that the bend stays,
 * by bisection between half a diameter and the radius that does not; 0 where none does.
 */
export function widestRadiusMm(
  metal: Metal,
  diameterMm: number,
  tooWideMm: number,
  tests: Workpiece['wire']['testBends'],
): number {
  const stays = (mm: number): boolean => formingBend(metal, diameterMm, mm, tests) !== undefined;
  let [low, high] = [diameterMm / 2, tooWideMm];
  if (!stays(low)) return 0;
  for (let i = 0; i < STEPS; i++) {
    const mid = (low + high) / 2;
    if (stays(mid)) low = mid;
    else high = mid;
  }
  return low;
}
