import { X_AXIS, Y_AXIS, Z_AXIS, type Vec3 } from '../../../geometry/vec3.ts';
import type { DegreeOfFreedom, Joint } from '../../bodyPlan.ts';
import type { BoneDraft } from './bilateral.ts';

/*
 * Limits are wide working ranges from the rest stance, from memory of living animals: a guide for
 * sculpture, not a clinical range. Axes are given for the left side, right-handed.
 */

export const BACKWARD_Z: Vec3 = [0, 0, -1];
export const DOWN: Vec3 = [0, -1, 0];

/** One axis of a joint, with its limits and what a positive angle does. */
export const freedom = (
  axis: Vec3,
  minDeg: number,
  maxDeg: number,
  positive: string,
): DegreeOfFreedom => ({
  axis,
  minDeg,
  maxDeg,
  positive,
});

/** Swings a limb in the side elevation. */
export const swing = (minDeg: number, maxDeg: number): DegreeOfFreedom =>
  freedom(Z_AXIS, minDeg, maxDeg, 'swings the far end forward');

/** Lifts a hanging left limb from the midline: about +x it turns towards −z. */
export const outward = (minDeg: number, maxDeg: number): DegreeOfFreedom =>
  freedom(X_AXIS, minDeg, maxDeg, 'swings the limb outward');

/** Raises the tip of a left limb that lies out to the side: about +x it turns from −z to +y. */
export const raise = (minDeg: number, maxDeg: number): DegreeOfFreedom =>
  freedom(X_AXIS, minDeg, maxDeg, 'raises the limb');

/** Sweeps a limb that lies out to the left forward: about −y it turns towards +x. */
export const sweep = (minDeg: number, maxDeg: number): DegreeOfFreedom =>
  freedom(DOWN, minDeg, maxDeg, 'sweeps the far end forward');

export const joint = (name: string, freedoms: Joint['freedoms']): Joint => ({ name, freedoms });

/** A joint that does not move. */
export const fixed = (name: string): Joint => joint(`${name} (does not move)`, {});

/** A joint of the column that runs forward (`head`) or back (`tail`): raises, bends, twists. */
export function column(
  name: string,
  to: 'head' | 'tail',
  upDeg: number,
  sideDeg: number,
  what: string,
): Joint {
  const axis = to === 'head' ? Z_AXIS : BACKWARD_Z;
  const sideways = to === 'head' ? Y_AXIS : DOWN;
  return joint(name, {
    flexion: freedom(axis, -upDeg, upDeg, `raises the ${what}`),
    abduction: freedom(sideways, -sideDeg, sideDeg, `bends the ${what} to the left`),
    rotation: freedom(X_AXIS, -20, 20, `rolls the ${what} to the right`),
  });
}

/** The joint of the root bone: the whole body turns on it. */
export const wholeBody = (what: string): Joint =>
  joint(`Whole ${what}`, {
    flexion: freedom(Z_AXIS, -45, 45, `raises the front of the ${what}`),
    abduction: freedom(Y_AXIS, -45, 45, `turns the ${what} to the left`),
    rotation: freedom(X_AXIS, -30, 30, `rolls the ${what} to the right`),
  });

/** A bone, once for the left side or the midline. */
export const bone = (
  key: string,
  name: string,
  parent: string | null,
  rest: Vec3,
  itsJoint: Joint,
  measured: string,
  more: Pick<BoneDraft, 'at' | 'tip' | 'id' | 'optional'> = {},
): BoneDraft => ({ key, name, parent, rest, joint: itsJoint, measured, ...more });
