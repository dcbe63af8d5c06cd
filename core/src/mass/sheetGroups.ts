import * as say from './words.ts';
import type { Workpiece } from '../workshop/workpiece.ts';
import { asInput, input, type Working } from '../piece/working.ts';
import type { BuildUp, RegionBuild } from './buildUp.ts';

/** A sheet more is not rolled for a rounding error. */
const ROUNDING = 1e-9;

/** Regions whose shell is rolled to one thickness. */
export interface SheetGroup {
  readonly shellMm: number;
  readonly names: readonly string[];
  readonly area: Working;
  readonly gap: Working;
  readonly papers: Working;
  readonly count: Working;
}

/**
 * The sheets of clay to roll, thickest first: area = volume over thickness, the gap of the roller
 * or clay machine, and the paper to stack on either side where there is no machine (common
 * practice: a sheet of office paper is about 0.1 mm).
 */
// eslint-disable-next-line max-lines-per-function -- one list of workings for each group
export function sheetGroups(
  regions: readonly (RegionBuild & BuildUp)[],
  paperMm: number,
  sheet: Workpiece['mass']['sheet'],
): readonly SheetGroup[] {
  const shelled = regions.filter((region) => region.core !== 'solid' && region.clayMm3 > 0);
  // What is rolled is the shell without the skin that comes over it.
  const rolled = ({ shellMm, skinMm }: RegionBuild): number => shellMm - skinMm;
  const thicknesses = [...new Set(shelled.map(rolled))].sort((a, b) => b - a);
  return thicknesses.map((shellMm, i) => {
    const own = shelled.filter((entry) => rolled(entry) === shellMm);
    const clayMm3 = own.reduce((sum, entry) => sum + entry.clayMm3 - entry.skinMm3, 0);
    const names = own.map((entry) => entry.region.name);
    const common = { stage: 'mass', provenance: 'derived' } as const;
    const t = input('t', say.shellOfClay, shellMm, 'mm', 'own');
    const area: Working = {
      ...common,
      id: `mass.sheet.${i + 1}.area`,
      label: say.sheetToRoll(names.join(', ').toLowerCase()),
      value: clayMm3 / shellMm / 100,
      unit: 'cm2',
      formula: 'a = v / t',
      inputs: [input('v', say.clayOfTheseShells, clayMm3 / 1000, 'ml', 'derived'), t],
      source: say.sheetThatIsLaid,
    };
    return {
      shellMm,
      names,
      area,
      gap: {
        ...common,
        id: `mass.sheet.${i + 1}.gap`,
        label: say.gapOfRoller,
        value: shellMm,
        unit: 'mm',
        formula: 'gap = t',
        inputs: [t],
        source: say.commonPracticeToMm,
      },
      papers: {
        ...common,
        id: `mass.sheet.${i + 1}.papers`,
        label: say.orSheetsOfPaper,
        value: Math.round(shellMm / paperMm),
        unit: 'count',
        formula: 'N = ⌊t / p⌉',
        inputs: [t, input('p', say.sheetOfPaper, paperMm, 'mm', 'own')],
        source: say.commonPracticeRollingPin,
      },
      count: {
        ...common,
        id: `mass.sheet.${i + 1}.count`,
        label: say.sheetsOfThatSize,
        value: Math.ceil((100 * area.value) / (sheet.widthMm * sheet.lengthMm) - ROUNDING),
        unit: 'count',
        formula: 'N = ⌈a / (w · l) − ε⌉',
        inputs: [
          asInput('a', area),
          input('w', say.widthOfSheet, sheet.widthMm, 'mm', 'own'),
          input('l', say.lengthOfSheet, sheet.lengthMm, 'mm', 'own'),
          input('ε', say.whatRoundingErrorMay, ROUNDING, 'ratio', 'memory'),
        ],
        source: say.arithmeticOffcutsArePressed,
      },
    };
  });
}
