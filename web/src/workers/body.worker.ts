import { bodyGrid, planMeasure, type BodyGrid, type Piece } from '@keen-sinew/core';
import { expose } from 'comlink';

/** The body of a piece's skeleton, away from the page. `onProgress` is told 0 to 1. */
const bodyWorker = {
  body(
    measure: Piece['measure'],
    stance: Piece['stance'],
    onProgress: (done: number) => void,
  ): BodyGrid {
    return bodyGrid(planMeasure(measure, stance).skeleton, undefined, onProgress);
  },
};

export type BodyWorker = typeof bodyWorker;
expose(bodyWorker);
