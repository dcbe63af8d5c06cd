import { planMeasure } from '../measure/planMeasure.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import { planStance } from '../stance/planStance.ts';
import { planWire } from '../wire/planWire.ts';
import { bodyShape, wireLines, type BodyShape } from './bodyShape.ts';
import { regionBuilds } from './buildUp.ts';
import { shapeKey } from './shapeKey.ts';

/** The shape of a whole piece, from its decisions: what a worker is asked. Progress from 0 to 1. */
export function shapeRun(
  piece: Piece,
  fine: boolean,
  onProgress?: (done: number) => void,
): BodyShape {
  const measure = planMeasure(piece.measure, piece.stance, piece.wire.allowancesMm.nutAndWashers);
  const stance = planStance(piece.stance, measure);
  const wire = planWire(piece.wire, piece.stance.base, stance);
  return bodyShape(
    shapeKey(piece),
    stance,
    regionBuilds(measure.skeleton, piece.mass),
    piece.mass,
    piece.skin,
    wireLines(wire.wires),
    fine,
    onProgress,
  );
}
