import type { MetalId } from '../piece/metalIds.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { Provenance } from '../piece/provenance.ts';
import { flowStressMPa, metalById } from './metals.ts';
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
  metalId: MetalId,
  diameterMm: number,
  finishedMm: number,
  tests: Piece['wire']['testBends'],
): Forming | undefined {
  const metal = metalById(metalId);
  const modulus = metal.eMPa[2];
  const test = tests[metalId];
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
    source: tested === undefined ? metal.source : 'your own test bend of this metal',
    finishedMm,
    formingMm,
    overBend: finishedMm / formingMm,
    sheetOverBend: sheet === undefined ? undefined : finishedMm / sheet,
  };
}
