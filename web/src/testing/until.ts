import { vi } from 'vitest';

/** As patient as the slowest machine that tests run on asks for: no test measures time. */
const PATIENCE_MS = 60_000;

/** Waits until what is claimed holds, and returns what it returns; rejects with its last failure. */
export const until = <T>(claim: () => T | Promise<T>): Promise<T> =>
  vi.waitFor(claim, { timeout: PATIENCE_MS });
