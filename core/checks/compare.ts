import type { CheckCase } from './checkFile.ts';

/** One number or word that did not agree. */
export interface Mismatch {
  readonly key: string;
  readonly expected: unknown;
  readonly got: unknown;
}

interface Tolerance {
  readonly abs: number;
  readonly rel: number;
  readonly modulo360: boolean;
  readonly asRange: boolean;
}

/** Compares one expected key with what the core says; undefined where they agree. */
export function compareKey(checkCase: CheckCase, key: string, got: unknown): Mismatch | undefined {
  const own = checkCase.compare.keys?.[key];
  const tolerance: Tolerance = {
    abs: own?.abs ?? checkCase.compare.abs ?? 0,
    rel: own?.rel ?? checkCase.compare.rel ?? 0,
    modulo360: checkCase.compare.anglesModulo360 === true && /rotation|deg/.test(key),
    asRange: checkCase.kind === 'range',
  };
  const expected = checkCase.expected[key];
  return agree(expected, got, tolerance) ? undefined : { key, expected, got };
}

/** Numbers within |got − expected| ≤ abs + rel·|expected|; arrays and objects part by part. */
function agree(expected: unknown, got: unknown, tolerance: Tolerance): boolean {
  if (expected === 'Infinity') return got === Infinity;
  if (typeof expected === 'number') {
    const value = Array.isArray(got) && got.length === 1 ? got[0] : got;
    return typeof value === 'number' && near(expected, value, tolerance);
  }
  if (Array.isArray(expected)) {
    if (typeof got === 'number' && tolerance.asRange && expected.length >= 2)
      return got >= expected[0] && got <= expected[1];
    const [low, high] = expected as readonly unknown[];
    if (tolerance.asRange && typeof low === 'number' && typeof high === 'number' && low <= high)
      return (
        Array.isArray(got) &&
        got.length > 0 &&
        got.every((part) => typeof part === 'number' && part >= low && part <= high)
      );
    return (
      Array.isArray(got) &&
      got.length === expected.length &&
      expected.every((part, i) => agree(part, got[i], tolerance))
    );
  }
  if (typeof expected === 'object' && expected !== null) {
    return (
      typeof got === 'object' &&
      got !== null &&
      Object.entries(expected).every(([key, part]) =>
        agree(part, (got as Record<string, unknown>)[key], tolerance),
      )
    );
  }
  return expected === got;
}

function near(expected: number, got: number, { abs, rel, modulo360 }: Tolerance): boolean {
  const raw = Math.abs(got - expected);
  const off = modulo360 ? Math.min(raw % 360, 360 - (raw % 360)) : raw;
  return off <= abs + rel * Math.abs(expected);
}
