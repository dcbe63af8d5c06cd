import type { Marking } from '../anatomy/marking.ts';
import { ontoBladePlane, type BladePattern } from '../body/bladePattern.ts';
import { insideLoop } from '../geometry/contours.ts';
import { greatest, least } from '../geometry/extremes.ts';
import type { Point2 } from '../geometry/hull.ts';
import { distance, type Vec3 } from '../geometry/vec3.ts';
import type { BladeSkin } from '../surface/bladeSkin.ts';
import { bladeField, type FlatBlade } from './bladeFields.ts';
import { covered, edgeOver } from './markParts.ts';

/** A blade in space as one laid flat, and the way of a point of space onto it; life mm. */
interface OntoBlade {
  readonly flat: FlatBlade;
  readonly onto: (p: Vec3) => Point2;
}

const laid = new WeakMap<BladeSkin, OntoBlade>();

/** A blade of a stance as a flat one: its root at the origin, its farthest point on the x axis. */
export function ontoBlade(blade: BladeSkin, sizeFactor: number): OntoBlade {
  const known = laid.get(blade);
  if (known !== undefined) return known;
  const { outline, ribs } = blade;
  const onPlane = ontoBladePlane(outline);
  const onto = (p: Vec3): Point2 => {
    const [x, y] = onPlane(p);
    return [x / sizeFactor, y / sizeFactor];
  };
  const flat: FlatBlade = {
    outline: outline.map(onto),
    ribs: ribs.map(([a, b]) => [onto(a), onto(b)] as const),
    longMm: greatest(outline.map((p) => distance(p, outline[0]!))) / sizeFactor,
  };
  const made = { flat, onto };
  laid.set(blade, made);
  return made;
}

/** A blade's pattern in life mm as markings read it. */
export const flatOfPattern = ({ outline, ribs }: BladePattern, sizeFactor: number): FlatBlade => {
  const life = ([x, y]: Point2): Point2 => [x / sizeFactor, y / sizeFactor];
  return {
    outline: outline.map(life),
    ribs: ribs.map(([a, b]) => [life(a), life(b)] as const),
    longMm: greatest(outline.map(([x, y]) => Math.hypot(x, y))) / sizeFactor,
  };
};

/** The finest that is told apart on a blade, as a share of its length. */
const FINEST = 1 / 300;

/** What each part covers of a point of a blade laid flat, life mm; on feathered ones also what `feathers` tells. */
export function bladeCover(
  blade: BladeSkin,
  sizeFactor: number,
  markings: readonly Marking[],
  feathers: Float32Array,
): (p: Point2) => Float32Array {
  const { flat } = ontoBlade(blade, sizeFactor);
  return coverOfFlat(blade.bladeId, flat, markings, feathers, FINEST * flat.longMm);
}

/** The same of a flat one by the name of its blade; `leastMm` is the finest that is told apart. */
export function coverOfFlat(
  bladeId: string,
  flat: FlatBlade,
  markings: readonly Marking[],
  feathers: Float32Array,
  leastMm: number,
): (p: Point2) => Float32Array {
  const fields = markings.map((marking) => ({
    marking,
    field: marking.part === bladeId ? bladeField(marking, flat) : undefined,
    over: edgeOver(marking, leastMm),
  }));
  return (p) => {
    const cover = Float32Array.from(feathers);
    let n = 0;
    for (const { marking, field, over } of fields) {
      field?.(p).forEach((out, c) => (cover[n + c] = covered(out, over)));
      n += marking.colours.length;
    }
    return cover;
  };
}

/** Points along the longer side of a blade that its areas are told from. */
const SAMPLES = 60;

/** Even points within a blade laid flat, life mm; one in its middle where it is too thin for any. */
export function samplesOn(blade: BladeSkin, sizeFactor: number): readonly Point2[] {
  const { outline } = ontoBlade(blade, sizeFactor).flat;
  const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
  const [x0, x1] = [least(xs), greatest(xs)];
  const [y0, y1] = [least(ys), greatest(ys)];
  const step = Math.max(x1 - x0, y1 - y0) / SAMPLES;
  const inside: Point2[] = [];
  if (step > 0)
    for (let y = y0 + step / 2; y < y1; y += step)
      for (let x = x0 + step / 2; x < x1; x += step)
        if (insideLoop(outline, [x, y])) inside.push([x, y]);
  return inside.length > 0 ? inside : [[(x0 + x1) / 2, (y0 + y1) / 2]];
}
