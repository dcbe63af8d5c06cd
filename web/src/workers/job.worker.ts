import { JOB_KINDS, type JobKind, type JobName, type Told } from '@keen-sinew/core';
import { expose } from 'comlink';

/** Slow work of every kind, away from the page: coarse at once, or fine. */
const jobWorker = {
  run(name: JobName, input: unknown, fine: boolean, told: Told): unknown {
    const kind = JOB_KINDS[name] as JobKind<unknown, unknown>;
    return (fine ? kind.run : (kind.coarse ?? kind.run))(input, told);
  },
};

export type JobWorker = typeof jobWorker;
expose(jobWorker);
