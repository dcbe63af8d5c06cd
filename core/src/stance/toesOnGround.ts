import type { ContactSpec } from '../anatomy/bodyPlan.ts';
import { posedBone, type JointAngles } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { settledStance, type StanceChoice } from '../posing/settledStance.ts';
import { endRadius } from '../anatomy/fleshRadius.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { groundHeight, type Ground } from '../posing/ground.ts';

const STEP_DEG = 2;

/**
 * The angles with the toes of every planted foot laid on the ground: each toe turns, within its
 * limits, until its tip lies on it. Round a branch that is a curl, so perching toes wrap as far as
 * they are long. `choice.ground` is in mm of the model.
 */
export function toesOnGround(
  skeleton: Skeleton,
  given: JointAngles,
  choice: StanceChoice & { readonly ground: Ground },
  feet: readonly ContactSpec[],
  sizeFactor: number,
): JointAngles {
  let angles = given;
  for (const foot of feet)
    for (const toe of skeleton.bones.filter(({ parent }) => parent === foot.bone))
      angles = laid(skeleton, angles, choice, toe, sizeFactor);
  return angles;
}

function laid(
  skeleton: Skeleton,
  angles: JointAngles,
  choice: StanceChoice & { readonly ground: Ground },
  toe: Bone,
  sizeFactor: number,
): JointAngles {
  const { flexion } = toe.joint.freedoms;
  if (flexion === undefined) return angles;
  const at = (deg: number): JointAngles => ({
    ...angles,
    [toe.id]: { ...angles[toe.id], flexion: deg },
  });
  const [flesh] = toe.flesh;
  const pad = flesh === undefined ? 0 : endRadius(flesh) * sizeFactor;
  const miss = (deg: number): number => {
    const posed = settledStance(skeleton, { ...choice, anglesDeg: at(deg) }, sizeFactor);
    return Math.abs(offGround(choice.ground, posedBone(posed, toe.id).end, pad));
  };
  const now = angles[toe.id]?.flexion ?? 0;
  const count = Math.floor((flexion.maxDeg - flexion.minDeg) / STEP_DEG);
  const tried = Array.from({ length: count + 1 }, (_, i) => flexion.minDeg + i * STEP_DEG);
  // Among places on the ground the one nearest to how the toe lay.
  const cost = (deg: number): number => miss(deg) + 0.002 * pad * Math.abs(deg - now);
  let best = tried.reduce((a, b) => (cost(b) < cost(a) ? b : a), now);
  for (let step = STEP_DEG / 2; step > 0.01; step /= 2)
    for (const deg of [best - step, best + step])
      if (deg >= flexion.minDeg && deg <= flexion.maxDeg && miss(deg) < miss(best)) best = deg;
  return at(best);
}

/** How far the skin round a point is from the ground, mm; round a log, from its bark. */
function offGround(ground: Ground, [x, y]: Vec3, padMm: number): number {
  if (ground.kind !== 'log') return y - padMm - groundHeight(ground, x);
  const r = ground.diameterMm / 2;
  const fromLog = Math.hypot(x - ground.atMm, y - (ground.topMm - r)) - r;
  // Beside a log that lies on the base a toe may also come down to the base.
  return Math.min(fromLog, ground.topMm <= ground.diameterMm ? y : Infinity) - padMm;
}
