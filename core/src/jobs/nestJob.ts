import type { Workpiece } from '../workshop/workpiece.ts';
import type { FeatherPlan } from '../skin/feathers/featherPlan.ts';
import { cutFeathers, type NestQuestion, type Nesting } from '../skin/feathers/nestQuestion.ts';
import type { Job } from './job.ts';

/** Laying the feathers that are cut onto the sheets at hand; null where none is cut. */
export function nestJob(
  plan: FeatherPlan,
  { sheets, gapMm }: Workpiece['skin']['feathers'],
): Job<NestQuestion, Nesting> | null {
  const feathers = cutFeathers(plan).map(({ vane: _vane, ...feather }) => feather);
  if (feathers.length === 0) return null;
  const input = { feathers, sheets, gapMm };
  return { name: 'nest', key: JSON.stringify(input), input, twoSteps: false };
}
