import { bodyWork } from './bodyJob.ts';
import { heatWork } from './heatJob.ts';
import { shapeWork } from './shapeJob.ts';

/** Every kind of slow work by its name, so that a worker is told a name and data. */
export const JOB_KINDS = { body: bodyWork, shape: shapeWork, heat: heatWork } as const;
export type JobName = keyof typeof JOB_KINDS;
