import type { BendSchedule } from './bendSchedule.ts';
import type { Route } from './routes.ts';

/**
 * Length of wire in mm from its named end up to a point of its route, without features: up to the
 * middle of the bend there, or, where the route runs straight through, by its share of the leg.
 */
export function developedUntil(schedule: BendSchedule, route: Route, point: number): number {
  if (point <= 0) return 0;
  if (point >= route.points.length - 1) return schedule.developedMm;
  const at = schedule.bends.find((bend) => bend.vertex === point);
  if (at !== undefined) return at.markMm + at.arcMm / 2;
  const after = schedule.bends.find((bend) => bend.vertex > point);
  const before = schedule.bends.findLast((bend) => bend.vertex < point);
  const [fromMm, toMm] = [
    before === undefined ? 0 : before.markMm + before.arcMm / 2,
    after === undefined ? schedule.developedMm : after.markMm + after.arcMm / 2,
  ];
  const [from, to] = [before?.vertex ?? 0, after?.vertex ?? route.points.length - 1];
  const leg = (a: number, b: number): number => {
    let sum = 0;
    for (let i = a; i < b; i++) {
      const [p, q] = [route.points[i]!.at, route.points[i + 1]!.at];
      sum += Math.hypot(q[0] - p[0], q[1] - p[1], q[2] - p[2]);
    }
    return sum;
  };
  const whole = leg(from, to);
  return whole === 0 ? fromMm : fromMm + ((toMm - fromMm) * leg(from, point)) / whole;
}
