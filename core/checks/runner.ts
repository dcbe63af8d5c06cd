import { ADAPTERS } from './adapters/index.ts';
import type { CheckCase, CheckFile } from './checkFile.ts';
import { compareKey, type Mismatch } from './compare.ts';

/** What became of one file of checks. Counts are of expected keys. */
export interface CheckReport {
  readonly passed: number;
  readonly failures: readonly { readonly id: string; readonly mismatch: Mismatch }[];
  /** "ID key" for each expected key that the core does not compute. */
  readonly notCovered: readonly string[];
}

/** Runs every case of a file through the adapter of its topic. */
export function runChecks(file: CheckFile): CheckReport {
  const adapter = ADAPTERS[file.topic];
  const results = file.cases.map((entry) => runCase(entry, adapter?.(entry) ?? {}));
  return {
    passed: results.reduce((sum, result) => sum + result.passed, 0),
    failures: results.flatMap((result) => result.failures),
    notCovered: results.flatMap((result) => result.notCovered),
  };
}

function runCase(checkCase: CheckCase, got: Readonly<Record<string, unknown>>): CheckReport {
  const keys = Object.keys(checkCase.expected);
  const covered = keys.filter((key) => got[key] !== undefined);
  const mismatches = covered
    .map((key) => compareKey(checkCase, key, got[key]))
    .filter((mismatch) => mismatch !== undefined);
  return {
    passed: covered.length - mismatches.length,
    failures: mismatches.map((mismatch) => ({ id: checkCase.id, mismatch })),
    notCovered: keys.filter((key) => got[key] === undefined).map((key) => `${checkCase.id} ${key}`),
  };
}
