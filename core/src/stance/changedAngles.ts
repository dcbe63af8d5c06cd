import { FREEDOMS } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';

/** Turns smaller than this are none, degrees. */
const NONE_DEG = 1e-6;

const rounded = (deg: number): number => Math.round(deg * 1000) / 1000;

/**
 * The user's own angles with every angle that differs between two stances put in, degrees to a
 * thousandth; angles that need no change stay as they were.
 */
export function changedAngles(
  own: JointAngles,
  before: JointAngles,
  after: JointAngles,
): JointAngles {
  const changes = Object.entries(after).flatMap(([id, angles]) => {
    const moved = FREEDOMS.filter(
      (name) => Math.abs((angles[name] ?? 0) - (before[id]?.[name] ?? 0)) > NONE_DEG,
    );
    if (moved.length === 0) return [];
    const set = Object.fromEntries(moved.map((name) => [name, rounded(angles[name] ?? 0)]));
    return [[id, { ...own[id], ...set }] as const];
  });
  return { ...own, ...Object.fromEntries(changes) };
}
