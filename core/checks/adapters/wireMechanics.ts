import {
  bundle,
  cantilever,
  lengthAtYieldMm,
  plasticMomentNmm,
  roundSection,
  yieldMomentNmm,
} from '../../src/wire/sections.ts';
import { METALS } from '../../src/wire/metals.ts';
import { num, nums, type Adapter, type CheckCase } from '../checkFile.ts';

/** Which of our metals a name of the table means, by words of the trade. */
const WORDS = [
  ['aluminium-soft', /soft alum/i],
  ['copper-annealed', /anneal.*copper|copper.*anneal/i],
  ['steel-annealed', /annealed low-carbon/i],
  ['stainless-annealed', /stainless.*anneal|stainless.*soft/i],
  ['brass-half-hard', /brass/i],
] as const;

/** Our ranges of a metal, in the table's units. */
function metalRanges(checkCase: CheckCase): Readonly<Record<string, unknown>> | undefined {
  const name = checkCase.input['metal'];
  if (typeof name !== 'string') return undefined;
  const id = WORDS.find(([, words]) => words.test(name))?.[0];
  const metal = METALS.find((of) => of.id === id);
  if (metal === undefined) return {};
  return {
    'E_GPa [low,high,typical]': metal.eMPa.map((mpa) => mpa / 1000),
    'yield_MPa [low,high,typical]': metal.yieldMPa,
    'density_kg_m3 [low,high,typical]': metal.densityKgM3,
  };
}

/** Section of one wire, and how much more a bundle holds. */
function section(checkCase: CheckCase): Readonly<Record<string, unknown>> | undefined {
  const strands = num(checkCase, 'n');
  if (strands !== undefined) {
    const of = bundle(strands);
    return {
      'slipping_I/I0': of.slippingI,
      'bonded_Ix/I0': of.bondedIx,
      'bonded_Iy/I0': of.bondedIy,
      // Two strands side by side: across the line of their centres they are the stiffer.
      'bonded_I_about_axis_through_centres/I0': of.bondedIy,
      'bonded_I_about_axis_across/I0': of.bondedIx,
      'equal_area_single_wire_I/I0': of.singleI,
      'slipping_plastic_Z/Z0': of.slippingZ,
      'equal_area_single_Z/Z0': of.singleZ,
    };
  }
  const d = num(checkCase, 'd_mm');
  if (d === undefined || Object.keys(checkCase.input).length > 1) return undefined;
  const of = roundSection(d);
  return { A_mm2: of.areaMm2, I_mm4: of.iMm4, S_mm3: of.sMm3, Z_plastic_mm3: of.zMm3 };
}

/** An arm that is held at one end. */
function arm(checkCase: CheckCase): Readonly<Record<string, unknown>> | undefined {
  const given = nums(checkCase, 'd_mm', 'E_MPa', 'Y_MPa', 'L_mm', 'tip_mass_g', 'w_N_per_mm', 'g');
  if (!given) return undefined;
  const [d, e, yieldMPa, long, tipG, even, g] = given;
  const tipN = (tipG / 1000) * g;
  const bent = cantilever(long, tipN, even, d, e);
  const my = yieldMomentNmm(d, yieldMPa);
  return {
    tip_deflection_mm: bent.tipDeflectionMm,
    tip_slope_rad: bent.tipSlopeRad,
    root_moment_Nmm: bent.rootMomentNmm,
    M_y_Nmm: my,
    M_p_Nmm: plasticMomentNmm(d, yieldMPa),
    utilisation_of_My: bent.rootMomentNmm / my,
    length_at_first_yield_mm: lengthAtYieldMm(my, tipN, even),
  };
}

/** Sections, bundles, moments, arms, and the metals that are offered. */
export const wireMechanics: Adapter = (entry) => {
  const found = metalRanges(entry) ?? arm(entry) ?? section(entry);
  if (found !== undefined) return found;
  const given = nums(entry, 'd_mm', 'Y_MPa', 'E_MPa', 'rho_kg_m3');
  if (given) {
    const [d, yieldMPa, e, density] = given;
    const of = roundSection(d);
    return {
      M_y_Nmm: yieldMomentNmm(d, yieldMPa),
      M_p_Nmm: plasticMomentNmm(d, yieldMPa),
      ratio: plasticMomentNmm(d, yieldMPa) / yieldMomentNmm(d, yieldMPa),
      EI_Nmm2: e * of.iMm4,
      g_per_m: (of.areaMm2 * density) / 1000,
    };
  }
  const [thin, thick] = [roundSection(1), roundSection(2)];
  return {
    'doubling d: stiffness': thick.iMm4 / thin.iMm4,
    'doubling d: strength': thick.sMm3 / thin.sMm3,
    'doubling d: mass': thick.areaMm2 / thin.areaMm2,
  };
};
