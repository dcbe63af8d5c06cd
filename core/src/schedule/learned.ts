/** Finished work of a kind: what was estimated before any factor, and what it took, minutes. */
export interface TimeRecord<K extends string = string> {
  readonly kind: K;
  readonly estimatedMin: number;
  readonly actualMin: number;
}

/** So many imagined records in which it took what was estimated stand beside the real ones. */
export const PRIOR_RECORDS = 3;

/**
 * What work of each kind takes against its estimate: exp(Σ ln(actual/estimated) / (n + k)), the geometric mean drawn
 * towards 1, so that few records change little. Kinds without records are left out: their factor is 1.
 */
export function learnedFactors<K extends string>(
  records: readonly TimeRecord<K>[],
  prior: number = PRIOR_RECORDS,
): ReadonlyMap<K, { readonly factor: number; readonly records: number }> {
  const logs = new Map<K, number[]>();
  for (const { kind, estimatedMin, actualMin } of records)
    logs.set(kind, [...(logs.get(kind) ?? []), Math.log(actualMin / estimatedMin)]);
  return new Map(
    [...logs].map(([kind, its]) => [
      kind,
      {
        factor: Math.exp(its.reduce((sum, log) => sum + log, 0) / (its.length + prior)),
        records: its.length,
      },
    ]),
  );
}
