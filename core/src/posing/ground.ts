import type { Piece } from '../piece/pieceSchema.ts';
import { toRad } from '../units/angles.ts';

/** What a piece stands on, mm of the model; x is forward, 0 under the root of the spine. */
export type Ground = Piece['stance']['ground'];

export const FLAT: Ground = Object.freeze({ kind: 'flat' });

/**
 * Height of the ground in mm at a place along the animal. A slope rises towards the head, or with a
 * negative angle towards the tail, from the base on; a log or branch lies across, with its highest
 * line at `atMm`; a post is level on top; a rock goes straight between its points and is level beyond them.
 */
export function groundHeight(ground: Ground, x: number): number {
  switch (ground.kind) {
    case 'flat':
      return 0;
    case 'slope': {
      const along = ground.deg >= 0 ? x - ground.fromMm : ground.fromMm - x;
      return Math.max(0, Math.tan(toRad(Math.abs(ground.deg))) * along);
    }
    case 'step':
      return x >= ground.fromMm ? ground.riseMm : 0;
    case 'log': {
      const r = ground.diameterMm / 2;
      const off = x - ground.atMm;
      return Math.abs(off) < r ? Math.max(0, ground.topMm - r + Math.sqrt(r * r - off * off)) : 0;
    }
    case 'post':
      return Math.abs(x - ground.atMm) < ground.diameterMm / 2 ? ground.topMm : 0;
    case 'rock':
      return onLine(ground.points, x);
  }
}

/**
 * How deep a point lies in the ground, mm, negative above it. A log that is carried, or lies on its base, is round
 * all about: what hangs beside or under it is not in it.
 */
export function depthInGround(
  ground: Ground,
  [x, y, z]: readonly [number, number, number],
): number {
  if (ground.kind === 'post') {
    const aside = Math.hypot(x - ground.atMm, z) - ground.diameterMm / 2;
    return Math.max(Math.min(-aside, ground.topMm - y), -y);
  }
  if (ground.kind !== 'log') return groundHeight(ground, x) - y;
  const r = ground.diameterMm / 2;
  const inLog = r - Math.hypot(x - ground.atMm, y - (ground.topMm - r));
  return Math.max(inLog, -y);
}

function onLine(points: readonly (readonly [number, number])[], x: number): number {
  const [first, last] = [points[0], points.at(-1)];
  if (first === undefined || last === undefined) return 0;
  if (x <= first[0]) return first[1];
  if (x >= last[0]) return last[1];
  const next = points.findIndex(([at]) => at > x);
  const [a, b] = [points[next - 1]!, points[next]!];
  return a[1] + ((b[1] - a[1]) * (x - a[0])) / (b[0] - a[0]);
}

/** Ground as a line from one end to the other, points `[x, y]` in mm, for drawings. */
export function groundLine(
  ground: Ground,
  fromX: number,
  toX: number,
): readonly (readonly [number, number])[] {
  const steps = 96;
  const corners =
    ground.kind === 'step'
      ? [ground.fromMm - 1e-6, ground.fromMm]
      : ground.kind === 'slope'
        ? [ground.fromMm]
        : ground.kind === 'post'
          ? [-1, 1].flatMap((side) => {
              const edge = ground.atMm + (side * ground.diameterMm) / 2;
              return [edge - 1e-6, edge, edge + 1e-6];
            })
          : ground.kind === 'rock'
            ? ground.points.map(([x]) => x)
            : [];
  const even = Array.from({ length: steps + 1 }, (_, i) => fromX + ((toX - fromX) * i) / steps);
  return [...even, ...corners]
    .filter((x) => x >= fromX && x <= toX)
    .toSorted((a, b) => a - b)
    .map((x) => [x, groundHeight(ground, x)]);
}
