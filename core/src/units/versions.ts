/** Data of a document of some version. */
export type VersionedData = Readonly<Record<string, unknown>>;

/** From version n to n + 1, under n. */
export type VersionSteps = Readonly<Record<number, (old: VersionedData) => VersionedData>>;

/**
 * Brings an older document to the version wanted, one step at a time. Undefined where its version is
 * unknown or newer than this application.
 */
export function upTo(
  version: number,
  steps: VersionSteps,
  data: VersionedData,
): VersionedData | undefined {
  let current = data;
  while (current['version'] !== version) {
    const { version: old } = current;
    const step = typeof old === 'number' && Object.hasOwn(steps, old) ? steps[old] : undefined;
    if (step === undefined) return undefined;
    current = step(current);
  }
  return current;
}
