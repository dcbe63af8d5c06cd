import type { HeatRequest } from '../cure/heatRequest.ts';
import type { HeatRun } from '../cure/heatRun.ts';
import type { Job } from './job.ts';

/** The heat flow of every place that Cure asks about. */
export const heatJob = (request: HeatRequest): Job<HeatRequest, HeatRun> => ({
  name: 'heat',
  key: request.key,
  input: request,
  twoSteps: false,
});
