import type { Snag } from './snag.ts';
import type { Step } from './step.ts';
import type { Working } from './working.ts';

/** What every stage returns beside its numbers. */
export interface StageResult {
  /** Every number with its reckoning, in the order in which the ledger shows them. */
  readonly workings: readonly Working[];
  /** Every danger that the stage can tell. */
  readonly snags: readonly Snag[];
  /** What the stage puts into the work, to be done in the order that the steps' needs allow. */
  readonly steps?: readonly Step[];
}
