import * as say from './words.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { BuildUp, RegionBuild } from './buildUp.ts';

/** Clay by the stage in which it is laid, g: shells over cores first, what is solid clay, and the skin over what was baked first. */
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
    const ml = of.reduce((sum, { clayMm3, skinMm3 }) => sum + clayMm3 - skinMm3, 0) / 1000;
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
    ...skinStage(regions, density, shellDensity),
  ];
}

/** The skin over what is baked first, of the clay that lies under it; nothing where all is baked at once. */
function skinStage(
  regions: readonly (RegionBuild & BuildUp)[],
  density: Working,
  shellDensity: Working,
): readonly Working[] {
  const [shells, solid] = [false, true].map(
    (isSolid) =>
      regions
        .filter(({ core }) => (core === 'solid') === isSolid)
        .reduce((sum, { skinMm3 }) => sum + skinMm3, 0) / 1000,
  ) as [number, number];
  if (shells + solid === 0) return [];
  return [
    {
      id: 'mass.clay.skin',
      stage: 'mass',
      label: say.ofItForSkin,
      value: shells * shellDensity.value + solid * density.value,
      unit: 'g',
      provenance: 'derived',
      formula: 'm = v · ρ + w · σ',
      inputs: [
        input('v', say.skinOverShells, shells, 'ml', 'derived'),
        asInput('ρ', shellDensity),
        input('w', say.skinOverSolid, solid, 'ml', 'derived'),
        asInput('σ', density),
      ],
      source: say.laidOverWhatIsBaked,
    },
  ];
}

/** Clay of parts made apart with their spares; nothing where none is of clay. */
export function partsStage(parts: readonly Working[]): readonly Working[] {
  if (parts.length === 0) return [];
  return [
    {
      id: 'mass.clay.parts',
      stage: 'mass',
      label: say.ofItForParts,
      value: parts.reduce((sum, { value }) => sum + value, 0),
      unit: 'g',
      provenance: 'derived',
      digits: 1,
      formula: 'm = Σ mᵢ',
      inputs: parts.map((part) => asInput('mᵢ', part)),
      source: say.fittingsOfCure,
    },
  ];
}
