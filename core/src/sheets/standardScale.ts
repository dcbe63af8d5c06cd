/** Multipliers of a decade that ISO 5455 recommends: 1, 2, 5. */
const STEPS = [1, 2, 5] as const;

/** A scale of the standard series. */
export interface StandardScale {
  /** available / real. */
  readonly ratio: number;
  readonly label: string;
  readonly drawnMm: number;
}

/**
 * The largest scale of ISO 5455 (50:1 down to 1:10 000) at which a real length fits the space, mm.
 * Undefined where even the smallest does not fit.
 */
export function largestStandardScale(
  realMm: number,
  availableMm: number,
): StandardScale | undefined {
  const enlargements = [50, 20, 10, 5, 2].map((k) => ({ factor: k, label: `${k}:1` }));
  const reductions = [1, 10, 100, 1000, 10_000].flatMap((decade) =>
    STEPS.map((step) => decade * step)
      .filter((n) => n <= 10_000)
      .map((n) => ({ factor: 1 / n, label: `1:${n}` })),
  );
  const ratio = availableMm / realMm;
  const found = [...enlargements, ...reductions].find(
    ({ factor }) => factor * realMm <= availableMm * (1 + 1e-12),
  );
  return found && { ratio, label: found.label, drawnMm: realMm * found.factor };
}
