import type { Field } from './field.ts';
import { domeLength, widestUp, type AxisSample, type SleeveRun } from './sleeve.ts';

/** Numbers of a sample, one after the other, for the inner loop. */
const STRIDE = 19;
/** Inside this share of a section the field is a safe depth instead of the first order. */
const CORE_SHARE = 0.5;

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
 * crossing of the plane square to the axis is measured in the section there, and the least is kept: where
 * the axis bends, a point may lie in two sections. Beyond an end that goes on in the next run it is the
 * distance to the section that closes the run, so that both runs together are the sleeve; beyond an end of
 * the sleeve, a dome.
 */
export function sleeveField({ samples, domes }: SleeveRun): Field {
  const data = packed(samples);
  const count = samples.length;
  const caps = [domeOf(samples[0]!), domeOf(samples.at(-1)!)] as const;
  return (x, y, z) => {
    let best = Infinity;
    let before = ahead(data, 0, x, y, z);
    if (before < 0) best = beyond(data, 0, 0, x, y, z, -before, domes[0] ? caps[0] : 0);
    for (let i = 1; i < count; i++) {
      const here = ahead(data, i * STRIDE, x, y, z);
      if (before >= 0 && here < 0) {
        const d = inSection(data, (i - 1) * STRIDE, i * STRIDE, before / (before - here), x, y, z);
        if (d < best) best = d;
      }
      before = here;
    }
    if (before >= 0) {
      const last = (count - 1) * STRIDE;
      const d = beyond(data, last, last, x, y, z, before, domes[1] ? caps[1] : 0);
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

/** The field in the section between two samples, `t` of the way from one to the other. */
function inSection(
  data: Float64Array,
  a: number,
  b: number,
  t: number,
  x: number,
  y: number,
  z: number,
): number {
  const mix = (k: number): number => data[a + k]! + (data[b + k]! - data[a + k]!) * t;
  const [dx, dy, dz] = [x - mix(0), y - mix(1), z - mix(2)];
  const v = dx * mix(6) + dy * mix(7) + dz * mix(8) - mix(12);
  const w = dx * mix(9) + dy * mix(10) + dz * mix(11) - mix(18);
  const over = v >= 0;
  return sectionField(v, w, over ? mix(13) : mix(14), mix(15), over ? mix(16) : mix(17));
}

/** Share of a superellipse that a point lies out, less one, over the slope: distance to first order. */
function sectionField(v: number, w: number, high: number, wide: number, e: number): number {
  const [p, q] = [Math.abs(v) / high, Math.abs(w) / wide];
  const f = e === 2 ? Math.sqrt(p * p + q * q) : (p ** e + q ** e) ** (1 / e);
  if (f < CORE_SHARE) return (f - 1) * Math.min(high, wide);
  const [gp, gq] =
    e === 2 ? [p / f / high, q / f / wide] : [(p / f) ** (e - 1) / high, (q / f) ** (e - 1) / wide];
  return (f - 1) / Math.sqrt(gp * gp + gq * gq);
}

/** Beyond an end: a dome of this length, or the distance to the section that closes the run. */
function beyond(
  data: Float64Array,
  a: number,
  b: number,
  x: number,
  y: number,
  z: number,
  off: number,
  dome: number,
): number {
  const d = inSection(data, a, b, 0, x, y, z);
  if (dome === 0) return d <= 0 ? off : Math.sqrt(d * d + off * off);
  const [dx, dy, dz] = [x - data[a]!, y - data[a + 1]!, z - data[a + 2]!];
  const v = dx * data[a + 6]! + dy * data[a + 7]! + dz * data[a + 8]! - data[a + 12]!;
  const w = dx * data[a + 9]! + dy * data[a + 10]! + dz * data[a + 11]! - data[a + 18]!;
  const high = v >= 0 ? data[a + 13]! : data[a + 14]!;
  const e = v >= 0 ? data[a + 16]! : data[a + 17]!;
  const wide = data[a + 15]!;
  const r = (Math.abs(v / high) ** e + Math.abs(w / wide) ** e) ** (1 / e);
  const q = off / dome;
  const f = Math.hypot(r, q);
  if (f < CORE_SHARE) return (f - 1) * Math.min(dome, high, wide);
  const flat =
    r === 0
      ? 0
      : Math.hypot(
          (Math.abs(v / high) / r) ** (e - 1) / high,
          (Math.abs(w / wide) / r) ** (e - 1) / wide,
        );
  return ((f - 1) * f) / Math.hypot(r * flat, q / dome);
}
