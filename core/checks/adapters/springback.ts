import {
  angleToBendTo,
  formingRadiusMm,
  releasedRadiusMm,
  roundWireRatio,
  sheetPolynomial,
  sheetRatio,
  springbackX,
} from '../../src/wire/springback.ts';
import { num, nums, type Adapter, type CheckCase } from '../checkFile.ts';

/** Springback of sheet and round wire: ratios, released and forming radii, over-bend. */
export const springback: Adapter = (entry) => {
  const x = num(entry, 'x');
  if (x !== undefined)
    return { 'rect_Ri/Rf': sheetRatio(x), 'round_wire_Ri/Rf': roundWireRatio(x) };
  if (Array.isArray(entry.input['x'])) return atLimit(entry, entry.input['x'] as number[]);
  const sheet = nums(entry, 'Ri_in', 'Y_psi', 'E_psi', 'T_in');
  if (sheet) {
    const [ri, y, e, t] = sheet;
    const at = springbackX(ri, y / e, t);
    return {
      x: at,
      'Ri/Rf': sheetRatio(at),
      Rf_in: releasedRadiusMm(ri, y / e, t, sheetRatio),
    };
  }
  const wire = nums(entry, 'd_mm', 'Y_MPa', 'E_MPa');
  return wire ? roundWire(entry, wire[0], wire[1] / wire[2]) : {};
};

function roundWire(checkCase: CheckCase, d: number, yieldOverE: number): Record<string, unknown> {
  const ri = num(checkCase, 'Ri_mm');
  const rf = num(checkCase, 'Rf_mm');
  if (rf !== undefined) {
    return {
      Ri_round_mm: formingRadiusMm(rf, yieldOverE, d),
      Ri_rect_mm: formingRadiusMm(rf, yieldOverE, d, sheetRatio),
    };
  }
  if (ri === undefined) return {};
  const x = springbackX(ri, yieldOverE, d);
  const released = releasedRadiusMm(ri, yieldOverE, d);
  return {
    x,
    'round_Ri/Rf': roundWireRatio(x),
    round_Rf_mm: released,
    'rect_Ri/Rf': sheetRatio(x),
    rect_Rf_mm: releasedRadiusMm(ri, yieldOverE, d, sheetRatio),
    held_angle_when_bent_90_round_deg: 90 * roundWireRatio(x),
    overbend_needed_for_90_round_deg: Number.isFinite(released)
      ? angleToBendTo(90, released, ri)
      : 'not reachable at this Ri',
  };
}

/** The polynomial and its slope at named places, and what the core makes of them. */
function atLimit(checkCase: CheckCase, xs: readonly number[]): Record<string, unknown> {
  const h = 1e-6;
  return Object.fromEntries(
    Object.keys(checkCase.expected).map((key) => {
      const place = /^(poly|slope)\(([\d.]+)\)$/.exec(key);
      const at = Number(place?.[2]);
      if (place?.[1] === 'poly') return [key, sheetPolynomial(at)];
      if (place) return [key, (sheetPolynomial(at + h) - sheetPolynomial(at - h)) / (2 * h)];
      if (!key.startsWith('correct Ri/Rf')) return [key, undefined];
      return [key, Math.max(...xs.flatMap((x) => [sheetRatio(x), roundWireRatio(x)]))];
    }),
  );
}
