import { zoneOf } from '../anatomy/coat.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { posedBlades, type PosedBlade } from '../body/blades.ts';
import { skinParts } from '../body/skin.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { add, cross, dot, length, scale, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { outlineNormal } from '../geometry/triangleMesh.ts';
import type { Flat } from './relief.ts';

/** Samples along the longer side of a blade. */
const SAMPLES = 40;
/** A face lies bare where there is no flesh so far off it, as a share of the blade's longer side. */
const BESIDE = 0.02;

/** A blade as it shows in a stance. */
export interface BladeSkin extends Flat {
  readonly bladeId: string;
  /** The bone that it hangs on. */
  readonly boneId: string;
  /** What of its two faces lies bare, mm² of the model: a folded wing shows what it shows. */
  readonly areaMm2: number;
}

/** Feathers, membranes and fins of a stance, each with its zone of the coat and the skin that it shows. */
export function bladeSkins(posed: PosedSkeleton): readonly BladeSkin[] {
  const { coat } = posed.skeleton.animal;
  const flesh = skinParts(posed);
  return posedBlades(posed).map((posedBlade): BladeSkin => {
    const { blade, boneId, outline, ribs } = posedBlade;
    const key = posed.byId.get(boneId)?.bone.key ?? '';
    const own = coat.findIndex(({ id }) => id === blade.zone);
    const found = zoneOf(coat, key, 'side');
    const zone = own >= 0 ? own : found === undefined ? coat.length : coat.indexOf(found);
    return {
      ...{ bladeId: blade.id, boneId, outline, ribs, zone },
      areaMm2: bareArea(posedBlade, (p) => skinDistance(flesh, p) > 0),
    };
  });
}

/** Area of both faces of a blade where they are bare, by samples over its outline laid flat. */
function bareArea({ outline }: PosedBlade, isFree: (p: Vec3) => boolean): number {
  const { middle, normal } = outlineNormal(outline);
  if (length(normal) === 0) return 0;
  const out = unit(normal);
  const u = unit(sub(outline[0]!, middle));
  const [across, along] = [cross(out, u), u];
  const flat = outline.map((p) => {
    const off = sub(p, middle);
    return [dot(off, along), dot(off, across)] as const;
  });
  const [xs, ys] = [flat.map(([x]) => x), flat.map(([, y]) => y)];
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const step = Math.max(x1 - x0, y1 - y0) / SAMPLES;
  const off = scale(out, BESIDE * SAMPLES * step);
  let faces = 0;
  for (let y = y0 + step / 2; y < y1; y += step)
    for (let x = x0 + step / 2; x < x1; x += step) {
      if (windings(flat, x, y) === 0) continue;
      const p = add(middle, add(scale(along, x), scale(across, y)));
      if (isFree(add(p, off))) faces++;
      if (isFree(sub(p, off))) faces++;
    }
  return faces * step * step;
}

/** How often an outline runs round a point. */
function windings(flat: readonly (readonly [number, number])[], x: number, y: number): number {
  let count = 0;
  flat.forEach(([ax, ay], i) => {
    const [bx, by] = flat[(i + 1) % flat.length]!;
    if (ay <= y === by <= y) return;
    if (ax + ((bx - ax) * (y - ay)) / (by - ay) > x) count += by > ay ? 1 : -1;
  });
  return count;
}
