import type { FleshCurve } from '../animal.ts';
import { curve } from './shapes.ts';

/**
 * Four toes that meet the ground: the middle two longer and side by side, the outer ones
 * behind them; `wide` is the radius of one at its knuckle, life mm. General knowledge of dogs and cats.
 */
export const pawToes = (wide: number): readonly FleshCurve[] =>
  [-1.55, -0.52, 0.52, 1.55].map((beside, i) => {
    const isOuter = Math.abs(beside) > 1;
    const [root, knuckle, tip] = isOuter ? [0.1, 0.42, 0.72] : [0.25, 0.65, 0.96];
    return curve(
      `toe ${i + 2}`,
      [root, 0.85 * wide, [0, 2, beside * 0.8 * wide]],
      [knuckle, wide, [0, 1, beside * wide]],
      [tip, 0.72 * wide, [0, -3, beside * wide]],
    );
  });
