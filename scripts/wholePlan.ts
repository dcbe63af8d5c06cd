import { done, NO_ANSWERS, planPiece, type Plan, type Workpiece } from '../core/src/index.ts';

/** A piece planned with its body, its form, its layers, its markings, its coat and its heat. */
export function wholePlan(piece: Workpiece): Plan {
  const { body, surface, shape, markings } = planPiece(piece).jobs;
  const answers = {
    ...NO_ANSWERS,
    ...{ body: done(body), surface: done(surface), shape: done(shape) },
    markings: markings && done(markings),
  };
  const { heat, coat, paint } = planPiece(piece, answers).jobs;
  return planPiece(piece, {
    ...answers,
    heat: heat && done(heat),
    coat: coat && done(coat),
    paint: paint && done(paint),
  });
}
