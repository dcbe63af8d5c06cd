import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { BuildUp, RegionBuild } from './buildUp.ts';

/** Clay by the stage in which it is laid, g: shells over cores first, then what is solid clay. */
export function clayStages(
  regions: readonly (RegionBuild & BuildUp)[],
  density: Working,
  shellDensity = density,
): readonly Working[] {
  const stage = (
    id: string,
    label: string,
    of: readonly BuildUp[],
    own: Working,
    source: string,
  ): Working => {
    const ml = of.reduce((sum, buildUp) => sum + buildUp.clayMm3, 0) / 1000;
    return {
      id: `mass.clay.${id}`,
      stage: 'mass',
      label,
      value: ml * own.value,
      unit: 'g',
      provenance: 'derived',
      formula: 'm = v · ρ',
      inputs: [input('v', say.clayOfTheseRegions, ml, 'ml', 'derived'), asInput('ρ', own)],
      source,
    };
  };
  const shells = regions.filter((region) => region.core !== 'solid');
  const solid = regions.filter((region) => region.core === 'solid');
  return [
    stage('shells', say.ofItForShells, shells, shellDensity, say.regionsWithCoreBaked),
    stage('solid', say.ofItForSolid, solid, density, say.regionsWithoutCore),
  ];
}
