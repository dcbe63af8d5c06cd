import type { ContactSpec, MoveSpec, StepGaitSpec } from '../anatomy/bodyPlan.ts';
import type { JointAngles } from '../anatomy/pose.ts';

/** When a foot falls: as the gait has it; a foot it does not know goes with the first pair. */
export function fallOf(gait: StepGaitSpec, contact: ContactSpec): number {
  const [left, right] = gait.falls[contact.key] ?? Object.values(gait.falls)[0] ?? [0, 0.5];
  return contact.side === 'right' ? right : left;
}

/** Joint angles of what goes to and fro with the stride, degrees. */
export function movedAngles(moves: readonly MoveSpec[], moment: number): JointAngles {
  const angles: Record<string, JointAngles[string]> = {};
  for (const { bone, freedom, meanDeg, swingDeg, peakAt, times = 1 } of moves) {
    const deg = meanDeg + swingDeg * Math.cos(2 * Math.PI * times * (moment - peakAt));
    angles[bone] = { ...angles[bone], [freedom]: (angles[bone]?.[freedom] ?? 0) + deg };
  }
  return angles;
}
