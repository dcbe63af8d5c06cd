import type { WireDecisions } from '../workshop/workpiece.ts';
import type { OwnMetal } from '../workshop/workshopSchema.ts';
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
  /** How often it can be bent to and fro before it breaks, in words: common practice. */
  readonly rebends: string;
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
    rebends: 'many small re-bends; a sharp bend and back at one place breaks it after a handful',
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
    rebends:
      'stands re-bending well at first, hardens with each, and breaks after a dozen or so sharp ones; heating it red and cooling it makes it soft again',
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
    rebends: 'a few sharp re-bends, and many gentle ones',
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
    rebends: 'hardens fast: after two or three sharp re-bends it is stiff, then it cracks',
    source: HANDBOOK,
  },
  {
    id: 'stainless-hard',
    name: 'hard stainless steel',
    eMPa: [180_000, 200_000, 190_000],
    yieldMPa: [900, 1600, 1200],
    densityKgM3: 7900,
    hardening: null,
    leastInsideDiameters: 2,
    rebends: 'is a spring: it is not re-bent, and snaps where it was bent sharply once',
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
    rebends: 'a sharp bend and back once or twice, then it cracks',
    source: HANDBOOK,
  },
]);

/** A metal of the user's own as one of the table; it does not harden, as nobody measured that. */
function ownMetal(own: OwnMetal): Metal {
  return {
    id: own.id,
    name: own.name,
    eMPa: [own.eMPa, own.eMPa, own.eMPa],
    yieldMPa: [own.yieldMPa, own.yieldMPa, own.yieldMPa],
    densityKgM3: own.densityKgM3,
    hardening: null,
    leastInsideDiameters: own.leastInsideDiameters,
    rebends: 'unknown: bend an offcut to and fro and count',
    source: 'your own figures of this metal',
  };
}

/** Every metal that a piece can use: those of the table, and the user's own. */
export const metalsOf = (own: readonly OwnMetal[]): readonly Metal[] => [
  ...METALS,
  ...own.map(ownMetal),
];

/** The metal with this id; the schema admits no other than the table's and the piece's own. */
export const metalById = (id: MetalId, own: readonly OwnMetal[] = []): Metal =>
  METALS.find((metal) => metal.id === id) ??
  own.filter((metal) => metal.id === id).map(ownMetal)[0] ??
  unknownMetal(id);

/** What a metal counts as that the workshop does not have: a soft steel. The plan says so. */
const unknownMetal = (id: MetalId): Metal => ({
  ...METALS.find((metal) => metal.id === 'steel-annealed')!,
  id,
  name: `Unknown metal ${id}`,
});

/** Metals that wires of a piece are to be of, and that neither the table nor the workshop has. */
export function unknownMetals(wire: WireDecisions): readonly MetalId[] {
  const known = new Set([...METALS, ...wire.ownMetals].map(({ id }) => id));
  const used = [
    wire.spine,
    wire.rod,
    wire.binder,
    ...Object.values(wire.limbs),
    ...Object.values(wire.fine).flatMap((choice) => choice ?? []),
  ].map(({ metal }) => metal);
  return [...new Set(used)].filter((id) => !known.has(id));
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
