import type { MetalId } from '../piece/metalIds.ts';

/** [low, high, typical]. */
type Range3 = readonly [number, number, number];

/** A wire metal in its usual temper. Values are from memory unless the source says otherwise. */
export interface Metal {
  readonly id: MetalId;
  readonly name: string;
  readonly eMPa: Range3;
  readonly yieldMPa: Range3;
  readonly densityKgM3: number;
  /** Hollomon's σ = K·εⁿ: strength coefficient in MPa and strain-hardening exponent. */
  readonly hardening: { readonly kMPa: number; readonly n: number } | null;
  /** Least inside bend radius in diameters that usually goes without cracks: common practice. */
  readonly leastInsideDiameters: number;
  readonly source: string;
}

const HANDBOOK =
  'typical handbook range, from memory; hardening after Kalpakjian & Schmid, table 2.3, from memory';

/** The metals offered. Your own test bend overrides what this table says about springback. */
export const METALS: readonly Metal[] = Object.freeze([
  {
    id: 'aluminium-soft',
    name: 'soft aluminium',
    eMPa: [68_000, 70_000, 69_000],
    yieldMPa: [20, 55, 35],
    densityKgM3: 2700,
    hardening: { kMPa: 180, n: 0.2 },
    leastInsideDiameters: 0.5,
    source: HANDBOOK,
  },
  {
    id: 'copper-annealed',
    name: 'annealed copper',
    eMPa: [115_000, 120_000, 117_000],
    yieldMPa: [33, 80, 60],
    densityKgM3: 8940,
    hardening: { kMPa: 315, n: 0.54 },
    leastInsideDiameters: 0.5,
    source: HANDBOOK,
  },
  {
    id: 'steel-annealed',
    name: 'annealed galvanised steel',
    eMPa: [195_000, 210_000, 200_000],
    yieldMPa: [180, 330, 250],
    densityKgM3: 7850,
    hardening: { kMPa: 530, n: 0.26 },
    leastInsideDiameters: 0.5,
    source: HANDBOOK,
  },
  {
    id: 'stainless-annealed',
    name: 'soft stainless steel',
    eMPa: [185_000, 200_000, 193_000],
    yieldMPa: [200, 310, 250],
    densityKgM3: 8000,
    hardening: { kMPa: 1275, n: 0.45 },
    leastInsideDiameters: 1,
    source: HANDBOOK,
  },
  {
    id: 'brass-half-hard',
    name: 'half-hard brass',
    eMPa: [100_000, 112_000, 105_000],
    yieldMPa: [250, 380, 300],
    densityKgM3: 8450,
    hardening: null,
    leastInsideDiameters: 1.5,
    source: HANDBOOK,
  },
]);

/** The metal with this id; the schema admits no other. */
export function metalById(id: MetalId): Metal {
  const found = METALS.find((metal) => metal.id === id);
  if (found === undefined) throw new Error(`no metal ${id}`);
  return found;
}

/**
 * Flow stress in MPa at a strain: the greater of the yield and K·εⁿ (J. H. Hollomon, 1945), since
 * soft wire work-hardens as it bends. `strain` is d/2R at the outer fibre.
 */
export function flowStressMPa(metal: Metal, strain: number): number {
  const typical = metal.yieldMPa[2];
  return metal.hardening === null
    ? typical
    : Math.max(typical, metal.hardening.kMPa * strain ** metal.hardening.n);
}

/** Mass of round wire in g per metre: ρ·π·d²/4. */
export function gramsPerMetre(diameterMm: number, densityKgM3: number): number {
  return (densityKgM3 * Math.PI * diameterMm * diameterMm) / 4 / 1000;
}
