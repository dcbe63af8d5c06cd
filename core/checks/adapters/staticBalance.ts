import type { Point2 } from '../../src/geometry/hull.ts';
import { footing, tipAngleDeg, tippingPushN } from '../../src/balance/footing.ts';
import { num, nums, type Adapter } from '../checkFile.ts';

/** Margins and tip angles of contacts, and the push that starts a tip. Plan (x, y) is (x, z). */
export const staticBalance: Adapter = (one) => {
  const contacts = one.input['contacts'];
  const centre = one.input['com_xy'];
  const height = num(one, 'com_height');
  if (Array.isArray(contacts) && Array.isArray(centre) && height !== undefined) {
    const stands = footing(contacts as Point2[], centre as unknown as Point2, height);
    return {
      hull_ccw: stands.hull,
      edge_margins: stands.edgeMarginsMm,
      margin: stands.marginMm,
      tip_angle_deg: stands.tipDeg,
      stable: stands.stable,
    };
  }
  const push = nums(one, 'm_g', 'margin_mm', 'h_mm', 'push_height_mm', 'g');
  if (!push) return {};
  const [mass, margin, h, pushHeight, gravity] = push;
  return {
    tip_angle_deg: tipAngleDeg(margin, h),
    push_N: tippingPushN(mass, margin, pushHeight, gravity),
  };
};
