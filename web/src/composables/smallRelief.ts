import { reliefOf, simplified, type PagePoint, type Plan } from '@keen-sinew/core';
import type { SmallRelief } from '../stores/benchStorage.ts';

/** What is finer than this share of the length is not seen in a small picture. */
const FINEST = 1 / 400;

/** The form of a piece from its side as one path of a few kilobytes; null while it is worked out. */
export function smallRelief(plan: Plan): SmallRelief | null {
  const relief = reliefOf(plan, 'side');
  if (relief === undefined) return null;
  const [, long] = plan.stance.summary;
  const finest = Math.max(long?.value ?? 0, plan.stance.heightAsPosed.value) * FINEST;
  const lines = [...relief.outline.map((loop) => [...loop, loop[0]!]), ...relief.inner]
    .map((line) => simplified(line, finest))
    .filter((line) => line.length > 1);
  const [xs, ys] = [
    lines.flatMap((of) => of.map(([x]) => x)),
    lines.flatMap((of) => of.map(([, y]) => -y)),
  ];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const size = [Math.max(...xs) - left, Math.max(...ys) - top];
  const at = ([x, y]: PagePoint): string => `${x.toFixed(1)} ${(-y).toFixed(1)}`;
  return {
    path: lines.map((line) => `M${line.map(at).join('L')}`).join(''),
    viewBox: [left, top, ...size].map((mm) => mm.toFixed(1)).join(' '),
  };
}
