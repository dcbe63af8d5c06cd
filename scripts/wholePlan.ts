import { done, planPiece, type Plan, type Workpiece } from '../core/src/index.ts';

/** A piece planned with its body, its form, its layers and its heat. */
export function wholePlan(piece: Workpiece): Plan {
  const { body, surface, shape } = planPiece(piece).jobs;
  const answers = { body: done(body), surface: done(surface), shape: done(shape), heat: null };
  const { heat } = planPiece(piece, answers).jobs;
  return planPiece(piece, { ...answers, heat: heat && done(heat) });
}
