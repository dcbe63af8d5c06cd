import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { asInput, input, type Working, type WorkingInput } from '../piece/working.ts';
import type { BuildUp, RegionBuild } from './buildUp.ts';
import type { ClayFigures } from './clayFigures.ts';

/** A packet more is not bought for a rounding error. */
export const ROUNDING = 1e-9;

type Built = RegionBuild & BuildUp & { readonly clay: Working };

/** One kind of clay on the piece: how much lies on it, what to have ready, and what to buy. */
export interface ClayBatch {
  readonly figures: ClayFigures;
  /** What it is laid for; the whole piece where there is one kind. */
  readonly laidFor: 'piece' | 'shells' | 'solid parts';
  /** On the piece, ml. */
  readonly volume: Working;
  /** To have ready, with the spare, g. */
  readonly grams: Working;
  readonly packets: Working;
}

/** Every kind of clay, and what they come to. */
export interface ClayNeed {
  readonly batches: readonly ClayBatch[];
  readonly clayVolume: Working;
  readonly clayGrams: Working;
}

/**
 * Clay by kind: one for the whole piece, or one for the shells over cores and one for what is solid.
 * `regions` are built up already; `parts` is the clay of what is made apart, with its spares; volumes are ml, masses g.
 */
export function clayNeed(
  regions: readonly Built[],
  figures: ClayFigures,
  shellFigures: ClayFigures | null,
  sparePercent: Workpiece['mass']['sparePercent'],
  parts: readonly Working[],
): ClayNeed {
  if (shellFigures === null) {
    const batch = batchOf(regions, figures, 'piece', sparePercent, parts);
    return { batches: [batch], clayVolume: batch.volume, clayGrams: batch.grams };
  }
  const shells = regions.filter((region) => region.core !== 'solid');
  const solid = regions.filter((region) => region.core === 'solid');
  const batches = [
    batchOf(shells, shellFigures, 'shells', sparePercent, []),
    batchOf(solid, figures, say.solidParts, sparePercent, parts),
  ];
  return {
    batches,
    clayVolume: totalOf('volume', say.clayOnPiece, 'ml', batches),
    clayGrams: totalOf('grams', say.clayToHaveReady, 'g', batches),
  };
}

function batchOf(
  regions: readonly Built[],
  figures: ClayFigures,
  laidFor: ClayBatch['laidFor'],
  sparePercent: number,
  parts: readonly Working[],
): ClayBatch {
  const common = { stage: 'mass', provenance: 'derived' } as const;
  const whole = laidFor === 'piece';
  const id = whole ? 'mass.clay' : `mass.clay.of-${laidFor === 'shells' ? 'shells' : 'solid'}`;
  const named = (words: string): string => (whole ? words : `${words}, ${laidFor}`);
  const volume: Working = {
    ...common,
    id: `${id}.volume`,
    label: named(say.clayOnPiece),
    value: regions.reduce((total, region) => total + region.clay.value, 0),
    unit: 'ml',
    formula: 'v = Σ vᵢ',
    inputs: regions.map((region): WorkingInput => asInput('vᵢ', region.clay)),
    source: say.regionsBelow,
  };
  const grams: Working = {
    ...common,
    id: `${id}.grams`,
    label: whole ? say.clayToHaveReady : say.toHaveReady(figures.name),
    value:
      volume.value * figures.density.value * (1 + sparePercent / 100) +
      parts.reduce((sum, { value }) => sum + value, 0),
    unit: 'g',
    formula: 'm = v · ρ · (1 + s) + Σ mᵢ',
    inputs: [
      asInput('v', volume),
      asInput('ρ', figures.density),
      input('s', say.spareForWasteAnd, sparePercent, 'percent', 'own'),
      ...parts.map((part) => asInput('mᵢ', part)),
    ],
    source: say.massFromVolumeAnd,
  };
  const packets: Working = {
    ...common,
    id: `${id}.packets`,
    label: named(say.packetsToBuy),
    value: Math.ceil(grams.value / figures.packet.value - ROUNDING),
    unit: 'count',
    formula: 'N = ⌈m / p − ε⌉',
    inputs: [
      asInput('m', grams),
      asInput('p', figures.packet),
      input('ε', say.whatRoundingErrorMay, ROUNDING, 'ratio', 'memory'),
    ],
    source: say.arithmetic,
  };
  return { figures, laidFor, volume, grams, packets };
}

const totalOf = (
  of: 'volume' | 'grams',
  label: string,
  unit: 'ml' | 'g',
  batches: readonly ClayBatch[],
): Working => ({
  id: `mass.clay.${of}`,
  stage: 'mass',
  label,
  value: batches.reduce((sum, batch) => sum + batch[of].value, 0),
  unit,
  provenance: 'derived',
  formula: of === 'volume' ? 'v = Σ vᵢ' : 'm = Σ mᵢ',
  inputs: batches.map((batch) => asInput(of === 'volume' ? 'vᵢ' : 'mᵢ', batch[of])),
  source: say.sumOfKindsOf,
});
