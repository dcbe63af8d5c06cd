import { heatFlow, timeToReachS, type HeatBody } from '../../src/cure/heatFlow.ts';
import {
  biotNumber,
  deepClay,
  diffusivity,
  fourierNumber,
  lumpedLengthM,
  lumpedTimeConstantS,
  oneTerm,
  oneTermTimeS,
  slabMiddle,
  type HeatMaterial,
  type HeatShape,
} from '../../src/cure/oneTermHeat.ts';
import { num, nums, type Adapter, type CheckCase } from '../checkFile.ts';

/** Above this Biot number a body does not warm evenly. Incropera & DeWitt, ch. 5. */
const LUMPED_BELOW = 0.1;
/** The ranges that a check's "property corners" run over: k 0.2–0.3, c 1200–1500, h 8–15. */
const CORNERS = { quick: [0.3, 1200, 15], slow: [0.2, 1500, 8] } as const;

/** Eigenvalues, times to a temperature, very thick clay, and clay that warms evenly. */
export const heatConduction: Adapter = (entry) => {
  const biot = num(entry, 'Bi');
  if (biot !== undefined) return eigenvalues(biot);
  const lumped = nums(entry, 'Lc_m', 'h', 'k');
  if (lumped) {
    const bi = (lumped[1] * lumped[0]) / lumped[2];
    return { Bi: bi, 'lumped_ok (Bi<0.1)': bi < LUMPED_BELOW };
  }
  const figures = nums(entry, 'k', 'rho', 'cp', 'h');
  if (!figures) return {};
  const material = materialOf(...figures);
  if (num(entry, 'x_m') !== undefined) return semiInfinite(entry, material);
  if (num(entry, 'Lc') !== undefined) return evenly(entry, material);
  if (num(entry, 'shell_thickness_m') !== undefined) return shellOnCore(entry, material);
  return solidTime(entry, material);
};

const materialOf = (k: number, rho: number, cp: number, h: number): HeatMaterial => ({
  conductivity: k,
  densityKgM3: rho,
  specificHeat: cp,
  film: h,
});

function eigenvalues(biot: number): Record<string, unknown> {
  const names = { slab: 'slab', cyl: 'cylinder', sphere: 'sphere' } as const;
  return Object.fromEntries(
    Object.entries(names).flatMap(([key, shape]) => {
      const { zeta, c1 } = oneTerm(shape, biot);
      return [
        [`${key}_zeta1`, zeta],
        [`${key}_C1`, c1],
      ];
    }),
  );
}

/** Finite volumes at steps of a second, long enough for every case; seconds. */
function volumesTimeS(
  body: HeatBody,
  material: HeatMaterial,
  checkCase: CheckCase,
): number | undefined {
  const temperatures = nums(checkCase, 'T0_C', 'Toven_C', 'target_C');
  if (!temperatures) return undefined;
  const [start, oven, target] = temperatures;
  const curve = heatFlow(body, material, start, oven, 1, 40_000);
  return timeToReachS(curve.innermost, 1, target) ?? undefined;
}

function solidTime(checkCase: CheckCase, material: HeatMaterial): Record<string, unknown> {
  const shape = shapeOf(checkCase.input['geometry']);
  const given = nums(checkCase, 'L_or_r0_m', 'T0_C', 'Toven_C', 'target_C');
  if (!shape || !given) return {};
  const [size, start, oven, target] = given;
  const fraction = num(checkCase, 'x*') ?? 0;
  const remaining = (oven - target) / (oven - start);
  const inMiddle = fraction === 0;
  const body = { shape, innerM: 0, thicknessM: size, coreJPerM2K: 0 };
  const seconds = inMiddle ? volumesTimeS(body, material, checkCase) : undefined;
  const termS = oneTermTimeS(shape, material, size, remaining, fraction);
  const lumpedM = lumpedLengthM(shape, size);
  const corner = (of: readonly [number, number, number]): number | undefined =>
    inMiddle
      ? volumesTimeS(body, materialOf(of[0], material.densityKgM3, of[1], of[2]), checkCase)
      : undefined;
  const [quick, slow] = [corner(CORNERS.quick), corner(CORNERS.slow)];
  return {
    time_s: seconds,
    time_min: seconds && seconds / 60,
    one_term_time_s: termS,
    Bi: biotNumber(material, size),
    Fo: fourierNumber(material, size, termS),
    alpha_m2_s: diffusivity(material),
    lumped_estimate_s: -lumpedTimeConstantS(material, lumpedM) * Math.log(remaining),
    Bi_lumped: biotNumber(material, lumpedM),
    range_min_over_property_corners: quick && slow ? [quick / 60, slow / 60] : undefined,
  };
}

function shapeOf(name: unknown): HeatShape | undefined {
  if (name === 'slab' || name === 'sphere') return name;
  return typeof name === 'string' && name.startsWith('cyl') ? 'cylinder' : undefined;
}

/** A shell on a ball of foil that warms as one: heat per area ρ·c·r/3. */
function shellOnCore(checkCase: CheckCase, material: HeatMaterial): Record<string, unknown> {
  const core = nums(checkCase, 'core_radius_m', 'core_rho', 'core_cp', 'shell_thickness_m');
  if (!core) return {};
  const [radius, rho, cp, thickness] = core;
  const body: HeatBody = {
    shape: 'sphere',
    innerM: radius,
    thicknessM: thickness,
    coreJPerM2K: (rho * cp * radius) / 3,
  };
  const seconds = volumesTimeS(body, material, checkCase);
  return { time_s: seconds, time_min: seconds && seconds / 60 };
}

function semiInfinite(checkCase: CheckCase, material: HeatMaterial): Record<string, unknown> {
  const given = nums(checkCase, 'x_m', 't_s', 'T0_C', 'T_surroundings_C');
  if (!given) return {};
  const [depth, time, start, around] = given;
  const { fixedSurface, convecting } = deepClay(material, depth, time);
  return {
    alpha: diffusivity(material),
    fixed_surface_T_C: start + (around - start) * fixedSurface,
    convective_T_C: start + (around - start) * convecting,
  };
}

/** The lumped body, and beside it the middle of a slab of that half thickness by the series. */
function evenly(checkCase: CheckCase, material: HeatMaterial): Record<string, unknown> {
  const given = nums(checkCase, 't_s', 'Lc', 'T0_C', 'Toven_C');
  if (!given) return {};
  const [time, length, start, oven] = given;
  const tau = lumpedTimeConstantS(material, length);
  const at = (remaining: number): number => oven + (start - oven) * remaining;
  return {
    tau_s: tau,
    T_C: at(Math.exp(-time / tau)),
    exact_series_centre_T_C: at(slabMiddle(material, length, time)),
  };
}
