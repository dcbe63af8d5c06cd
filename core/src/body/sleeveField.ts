import type { Field } from './field.ts';
import { type SleeveRun } from './sleeve.ts';
import { domeLength, widestUp, type AxisSample } from './sleeveSection.ts';

/** Numbers of a sample, one after the other, for the inner loop. */
const STRIDE = 19;
/** Inside this share of a section the field is a safe depth instead of the first order. */
const CORE_SHARE = 0.5;

/** A run goes on over its open end by this share of its section, so that nothing lies between it and the next. */
const LAP_SHARE = 0.005;

function packed(samples: readonly AxisSample[]): Float64Array {
  const data = new Float64Array(samples.length * STRIDE);
  samples.forEach((sample, i) => {
    data.set(
      [
        ...sample.at,
        ...sample.along,
        ...sample.up,
        ...sample.across,
        widestUp(sample),
        sample.above - widestUp(sample),
        sample.below + widestUp(sample),
        sample.half,
        sample.squareAbove,
        sample.squareBelow,
        sample.side,
      ],
      i * STRIDE,
    );
  });
  return data;
}

/**
 * The signed field of a run of a sleeve: zero on its surface, near it the distance to first order. Every
 * crossing of the plane square to the axis is measured in the sections beside it, and the least is kept: where
 * the axis bends, a point may lie in two sections. Beyond an end that goes on in the next run it is the
 * distance to the section that closes the run, so that both runs together are the sleeve; beyond an end of
 * the sleeve, a dome.
 */
export function sleeveField({ samples, domes }: SleeveRun): Field {
  const data = packed(samples);
  const last = (samples.length - 1) * STRIDE;
  const domeFirst = domes[0] ? domeOf(samples[0]!) : 0;
  const domeLast = domes[1] ? domeOf(samples.at(-1)!) : 0;
  return (x, y, z) => {
    let best = Infinity;
    let before = ahead(data, 0, x, y, z);
    if (before < 0) best = beyond(data, 0, x, y, z, -before, domeFirst);
    for (let o = STRIDE; o <= last; o += STRIDE) {
      const here = ahead(data, o, x, y, z);
      if (before >= 0 && here < 0) {
        const d = between(data, o - STRIDE, o, before, here, x, y, z);
        if (d < best) best = d;
      }
      before = here;
    }
    if (before >= 0) {
      const d = beyond(data, last, x, y, z, before, domeLast);
      if (d < best) best = d;
    }
    return best;
  };
}

const domeOf = (sample: AxisSample): number => Math.max(domeLength(sample), 1e-6);

/** How far ahead of a sample's plane a point lies. */
const ahead = (data: Float64Array, o: number, x: number, y: number, z: number): number =>
  (x - data[o]!) * data[o + 3]! +
  (y - data[o + 1]!) * data[o + 4]! +
  (z - data[o + 2]!) * data[o + 5]!;

/**
 * The field between two samples from how far ahead of both planes a point lies: it runs straight from what the
 * one section says to what the other says, less where the skin rises or falls along the axis.
 */
function between(
  data: Float64Array,
  a: number,
  b: number,
  before: number,
  here: number,
  x: number,
  y: number,
  z: number,
): number {
  const long = before - here;
  const from = inSection(data, a, x, y, z);
  const rise = (inSection(data, b, x, y, z) - from) / long;
  return (from + rise * before) / Math.sqrt(1 + rise * rise);
}

/** The field in the section of a sample. */
function inSection(data: Float64Array, o: number, x: number, y: number, z: number): number {
  const dx = x - data[o]!;
  const dy = y - data[o + 1]!;
  const dz = z - data[o + 2]!;
  const v = dx * data[o + 6]! + dy * data[o + 7]! + dz * data[o + 8]! - data[o + 12]!;
  const w = dx * data[o + 9]! + dy * data[o + 10]! + dz * data[o + 11]! - data[o + 18]!;
  const over = v >= 0;
  return sectionField(
    v,
    w,
    over ? data[o + 13]! : data[o + 14]!,
    data[o + 15]!,
    over ? data[o + 16]! : data[o + 17]!,
  );
}

/**
 * Share of a superellipse that a point lies out, less one, over the slope: distance to first order. Inside no
 * more than the ways straight up and straight sideways, which flat sections want.
 */
function sectionField(v: number, w: number, high: number, wide: number, e: number): number {
  const p = Math.abs(v) / high;
  const q = Math.abs(w) / wide;
  if (e === 2) {
    const f = Math.sqrt(p * p + q * q);
    if (f < CORE_SHARE) return (f - 1) * Math.min(high, wide);
    const gp = p / high;
    const gq = q / wide;
    const d = ((f - 1) * f) / Math.sqrt(gp * gp + gq * gq);
    if (d >= 0) return d;
    const up = high * (Math.sqrt(1 - q * q) - p);
    const side = wide * (Math.sqrt(1 - p * p) - q);
    return Math.max(d, -up, -side);
  }
  const pe = p ** e;
  const qe = q ** e;
  const f = (pe + qe) ** (1 / e);
  if (f < CORE_SHARE) return (f - 1) * Math.min(high, wide);
  // (p/f)^(e − 1) is pᵉ/p over (pᵉ + qᵉ)/f: powers take long.
  const k = f / (pe + qe);
  const gp = p === 0 ? 0 : (k * pe) / (p * high);
  const gq = q === 0 ? 0 : (k * qe) / (q * wide);
  const d = (f - 1) / Math.sqrt(gp * gp + gq * gq);
  if (d >= 0) return d;
  const up = high * ((1 - qe) ** (1 / e) - p);
  const side = wide * ((1 - pe) ** (1 / e) - q);
  return Math.max(d, -up, -side);
}

/** Beyond an end: a dome of this length, or the distance to the section that closes the run. */
function beyond(
  data: Float64Array,
  o: number,
  x: number,
  y: number,
  z: number,
  off: number,
  dome: number,
): number {
  if (dome === 0) {
    const d = inSection(data, o, x, y, z);
    if (d > 0) return Math.sqrt(d * d + off * off);
    return off - LAP_SHARE * Math.min(data[o + 13]! + data[o + 14]!, data[o + 15]!);
  }
  const dx = x - data[o]!;
  const dy = y - data[o + 1]!;
  const dz = z - data[o + 2]!;
  const v = dx * data[o + 6]! + dy * data[o + 7]! + dz * data[o + 8]! - data[o + 12]!;
  const w = dx * data[o + 9]! + dy * data[o + 10]! + dz * data[o + 11]! - data[o + 18]!;
  const high = v >= 0 ? data[o + 13]! : data[o + 14]!;
  const e = v >= 0 ? data[o + 16]! : data[o + 17]!;
  const wide = data[o + 15]!;
  const p = Math.abs(v) / high;
  const m = Math.abs(w) / wide;
  const r = e === 2 ? Math.sqrt(p * p + m * m) : (p ** e + m ** e) ** (1 / e);
  const q = off / dome;
  const f = Math.sqrt(r * r + q * q);
  if (f < CORE_SHARE) return (f - 1) * Math.min(dome, high, wide);
  const gp = r === 0 ? 0 : (p / r) ** (e - 1) / high;
  const gm = r === 0 ? 0 : (m / r) ** (e - 1) / wide;
  const along = q / dome;
  return ((f - 1) * f) / Math.sqrt(r * r * (gp * gp + gm * gm) + along * along);
}
