import { heatRun, type HeatRequest, type HeatRun } from '@keen-sinew/core';
import { expose } from 'comlink';

/** The heat flow of a request, away from the page. */
const heatWorker = {
  heat: (request: HeatRequest): HeatRun => heatRun(request),
};

export type HeatWorker = typeof heatWorker;
expose(heatWorker);
