import { laterStages } from './newPiece.ts';
import { PIECE_VERSION } from './pieceSchema.ts';

type Step = (old: Record<string, unknown>) => Record<string, unknown>;

/**
 * From version n to n + 1, under n. Version 1 ended at the wire; version 2 goes on to the varnish,
 * and an older piece takes the defaults of the stages it did not know.
 */
const STEPS: Readonly<Record<number, Step>> = {
  1: (old) => ({ ...old, ...laterStages(), version: 2 }),
};

/**
 * Brings an older document to today's version, one step at a time. Undefined where the version is
 * unknown or newer than this application.
 */
export function migrate(data: Record<string, unknown>): Record<string, unknown> | undefined {
  let current = data;
  while (current['version'] !== PIECE_VERSION) {
    const step = STEPS[current['version'] as number];
    if (step === undefined) return undefined;
    current = step(current);
  }
  return current;
}
