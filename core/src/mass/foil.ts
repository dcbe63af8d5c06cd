import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { BuildUp, RegionBuild } from './buildUp.ts';

/** Density of solid aluminium, g/ml (handbook value). */
const ALUMINIUM_G_PER_ML = 2.7;

/** The foil of all cores. */
export interface FoilPlan {
  readonly volume: Working;
  readonly grams: Working;
  readonly metres: Working;
  readonly workings: readonly Working[];
}

/**
 * Foil from its packed volume: grams from the packed density, metres of the roll from the mass per
 * metre, ρ·gauge·width. Packed density by hand is common practice: 0.5 loose to 1.2 hammered.
 */
export function foilWorkings(
  regions: readonly (RegionBuild & BuildUp)[],
  foil: Workpiece['mass']['foil'],
): FoilPlan {
  const common = { stage: 'mass', provenance: 'derived' } as const;
  const cores = regions.filter((region) => region.core === 'foil');
  const volume: Working = {
    ...common,
    id: 'mass.foil.volume',
    label: say.foilCorePacked,
    value: cores.reduce((sum, region) => sum + region.coreMm3, 0) / 1000,
    unit: 'ml',
    formula: 'v = Σ vᵢ',
    inputs: cores.map(({ region, coreMm3 }) =>
      input('vᵢ', say.foilCore(region.name), coreMm3 / 1000, 'ml', 'derived'),
    ),
    source: say.bodyDeeperThanCoat,
  };
  const grams: Working = {
    ...common,
    id: 'mass.foil.grams',
    label: say.foil,
    value: volume.value * foil.packedGPerMl,
    unit: 'g',
    formula: 'm = v · ρp',
    inputs: [
      asInput('v', volume),
      input('ρp', say.densityPackedHard, foil.packedGPerMl, 'g/ml', 'own'),
    ],
    source: say.packedDensityOfCommon,
  };
  const gramsPerMetre = ALUMINIUM_G_PER_ML * foil.gaugeMm * foil.widthMm;
  const metres: Working = {
    ...common,
    id: 'mass.foil.metres',
    label: say.foilOffRoll,
    value: grams.value / gramsPerMetre,
    unit: 'm',
    formula: 'L = m / (ρ · g · w)',
    inputs: [
      asInput('m', grams),
      input('ρ', say.aluminium, ALUMINIUM_G_PER_ML, 'g/ml', 'memory'),
      input('g', say.gaugeOfFoil, foil.gaugeMm, 'mm', 'own'),
      input('w', say.widthOfRoll, foil.widthMm, 'mm', 'own'),
    ],
    source: say.massOfSheetFrom,
  };
  return { volume, grams, metres, workings: [volume, grams, metres] };
}
