import type { HeatRequest } from '../cure/heatRequest.ts';
import { heatRun, type HeatRun } from '../cure/heatRun.ts';
import type { Job, JobKind } from './job.ts';

/** The heat flow of every place of a request. */
export const heatWork: JobKind<HeatRequest, HeatRun> = { run: heatRun };

/** The heat that Cure asks for. */
export const heatJob = (request: HeatRequest): Job<HeatRequest, HeatRun> => ({
  ...heatWork,
  name: 'heat',
  key: request.key,
  input: request,
});
