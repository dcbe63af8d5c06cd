import {
  bodyGrid,
  COARSE_CELLS,
  FINE_CELLS,
  planMeasure,
  shapeRun,
  type BodyGrid,
  type BodyShape,
  type Piece,
} from '@keen-sinew/core';
import { expose } from 'comlink';

type Told = (done: number) => void;

/** The body of a piece, away from the page: coarse at once, or fine. Progress is told from 0 to 1. */
const bodyWorker = {
  /** The body at rest and at life size, from its skeleton alone. */
  body(
    { measure, stance }: Pick<Piece, 'measure' | 'stance'>,
    fine: boolean,
    onProgress: Told,
  ): BodyGrid {
    const { skeleton } = planMeasure(measure, stance);
    return bodyGrid(skeleton, fine ? FINE_CELLS : COARSE_CELLS, onProgress);
  },
  /** The posed model in its layers. */
  shape: (piece: Piece, fine: boolean, onProgress: Told): BodyShape =>
    shapeRun(piece, fine, onProgress),
};

export type BodyWorker = typeof bodyWorker;
expose(bodyWorker);
