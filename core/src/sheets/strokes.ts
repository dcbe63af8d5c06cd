import { toRad } from '../units/angles.ts';
import type { PagePoint } from './drawing.ts';

/** How strokes vary: share of the length, and degrees, either way. */
export interface Varied {
  readonly length: number;
  readonly deg: number;
}

/**
 * One stroke of hair as a closed outline at true length and width, mm: widest near its root, a
 * point at its tip. It starts at `root` and runs along `headingRad`, varied by `random`.
 */
export function strokeOutline(
  root: PagePoint,
  headingRad: number,
  lengthMm: number,
  widthMm: number,
  random: () => number,
  vary: Varied,
): readonly PagePoint[] {
  const long = lengthMm * (1 + vary.length * (2 * random() - 1));
  const heading = headingRad + toRad(vary.deg * (2 * random() - 1));
  const [c, s] = [Math.cos(heading), Math.sin(heading)];
  const at = (along: number, across: number): PagePoint => [
    root[0] + along * c - across * s,
    root[1] + along * s + across * c,
  ];
  const half = widthMm / 2;
  return [at(0, 0), at(0.3 * long, half), at(long, 0), at(0.3 * long, -half)];
}
