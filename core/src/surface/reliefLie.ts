import { dot, type Vec3 } from '../geometry/vec3.ts';
import type { DepthBuffer } from './depthBuffer.ts';
import { hundredth } from './maskOutlines.ts';
import type { ViewFrame } from './reliefViews.ts';
import type { SkinSurface } from './skinSurface.ts';

/** Where hair is seen to grow and how it lies: on the page, mm; its way as long as foreshortening leaves of 1. */
export interface SeenLie {
  readonly at: readonly [number, number];
  readonly way: readonly [number, number];
  /** Its zone, by its place in the coat. */
  readonly zone: number;
  /** Whether it grows on the animal's left, its right, or between. */
  readonly side: 'left' | 'right' | 'mid';
}

/** Pixels from one place to the next. */
const STEP = 5;
/** Hair that points more at the viewer than this is a dot. */
const LEAST_WAY = 0.2;

/** The lie of the coat at even steps over what is seen, each place moved a little off its row. */
export function reliefLie(
  { seen, wide, high, low, pixelMm }: DepthBuffer,
  { mesh, flow, zone, parts }: SkinSurface,
  { right, up }: ViewFrame,
): readonly SeenLie[] {
  const lie: SeenLie[] = [];
  for (let j = STEP; j < high - STEP; j += STEP)
    for (let i = STEP; i < wide - STEP; i += STEP) {
      // The golden ratio along rows, and its square across them, leave no two places in line.
      const x = i + Math.floor(STEP * (((i + j) * 0.618034) % 1));
      const y = j + Math.floor(STEP * ((i * 0.381966 + j) % 1));
      const t = seen[x + wide * y]!;
      if (t < 0) continue;
      const corner = mesh.indices[3 * t]!;
      const way: Vec3 = [flow[3 * corner]!, flow[3 * corner + 1]!, flow[3 * corner + 2]!];
      const [dx, dy] = [dot(right, way), dot(up, way)];
      if (dx * dx + dy * dy < LEAST_WAY * LEAST_WAY) continue;
      lie.push({
        at: [hundredth(low[0] + x * pixelMm), hundredth(low[1] + y * pixelMm)],
        way: [hundredth(dx), hundredth(dy)],
        zone: zone[corner]!,
        side: parts[mesh.owner[corner]!]!.side,
      });
    }
  return lie;
}
