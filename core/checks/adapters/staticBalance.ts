import type { Point2 } from '../../src/geometry/hull.ts';
import { weightNeededG } from '../../src/balance/counterweight.ts';
import { reactions } from '../../src/posing/reactions.ts';
import { footing, tipAngleDeg, tippingPushN } from '../../src/balance/footing.ts';
import { num, nums, type Adapter, type CheckCase } from '../checkFile.ts';

/** The side of an edge on which a piece stands, as an outline: far larger than any piece, mm. */
const FAR_MM = 10_000;

/** What a counterweight must weigh so that the common centre lies a margin inside an edge. */
function counterweight(checkCase: CheckCase): Readonly<Record<string, unknown>> | undefined {
  const parts = checkCase.input['parts'] as readonly (readonly [number, Point2])[] | undefined;
  const numbers = nums(checkCase, 'edge_x', 'margin', 'weight_x');
  if (parts === undefined || !numbers) return undefined;
  const [edge, margin, weightX] = numbers;
  const grams = parts.reduce((sum, [mass]) => sum + mass, 0);
  const centre = parts.reduce((sum, [mass, at]) => sum + mass * at[0], 0) / grams;
  const inside: readonly Point2[] = [
    [edge - FAR_MM, -FAR_MM],
    [edge, -FAR_MM],
    [edge, FAR_MM],
    [edge - FAR_MM, FAR_MM],
  ];
  const needed = weightNeededG(inside, [centre, 0], grams, [weightX, 0], margin);
  if (needed === undefined) return {};
  return {
    com_x_before: centre,
    mass_needed_g: needed,
    com_x_after: (grams * centre + needed * weightX) / (grams + needed),
  };
}

/** What each support carries. */
function carried(checkCase: CheckCase): Readonly<Record<string, unknown>> | undefined {
  const supports = checkCase.input['P'] as readonly Point2[] | undefined;
  const centre = checkCase.input['com'] as unknown as Point2 | undefined;
  const weight = num(checkCase, 'W_g');
  if (supports === undefined || centre === undefined || weight === undefined) return undefined;
  const { held, loose } = reactions(supports, centre, weight);
  return {
    R_g: held,
    all_nonnegative: held.every((entry) => entry >= -1e-9),
    R_bilateral_g: held,
    R_contact_only_g: loose,
  };
}

/**
 * Margins and tip angles of contacts, the push that starts a tip, counterweights and reactions. Plan
 * (x, y) is (x, z).
 */
export const staticBalance: Adapter = (entry) => {
  const found = counterweight(entry) ?? carried(entry);
  if (found !== undefined) return found;
  const contacts = entry.input['contacts'];
  const centre = entry.input['com_xy'];
  const height = num(entry, 'com_height');
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
  const push = nums(entry, 'm_g', 'margin_mm', 'h_mm', 'push_height_mm', 'g');
  if (!push) return {};
  const [mass, margin, h, pushHeight, gravity] = push;
  return {
    tip_angle_deg: tipAngleDeg(margin, h),
    push_N: tippingPushN(mass, margin, pushHeight, gravity),
  };
};
