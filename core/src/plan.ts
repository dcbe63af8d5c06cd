import type { BodyGrid } from './body/bodyGrid.ts';
import { planMeasure, type MeasurePlan } from './measure/planMeasure.ts';
import type { Piece } from './piece/pieceSchema.ts';
import { worstFirst, type Snag } from './piece/snag.ts';
import type { Working } from './piece/working.ts';
import { planBalance, type BalancePlan } from './stance/planBalance.ts';
import { planStance, type StancePlan } from './stance/planStance.ts';
import { planWire, wireWorkings, type WirePlan } from './wire/planWire.ts';

/** The whole plan of a piece: each stage's numbers, their workings, and what is wrong. */
export interface Plan {
  readonly measure: MeasurePlan;
  readonly stance: StancePlan;
  readonly balance: BalancePlan | null;
  readonly wire: WirePlan;
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
}

/**
 * The main road: decisions in, whole plan out. Measure gives the skeleton, Stance poses it, the
 * body tells its balance, Wire its armature; the sheets are drawn from the result. The body's grid
 * takes longest and depends on the skeleton alone: it is worked out apart (`bodyGrid`) and handed
 * in; while it is null, the balance is null too and everything else stands.
 */
export function planPiece(piece: Piece, body: BodyGrid | null): Plan {
  const measure = planMeasure(piece.measure, piece.stance);
  const stance = planStance(piece.stance, measure);
  const balance = planBalance(measure, stance, body);
  const wire = planWire(piece.wire, piece.stance.base, stance);
  return {
    measure,
    stance,
    balance,
    wire,
    workings: [
      measure.scale,
      ...measure.summary,
      ...measure.rows.flatMap((row) => [row.life, row.model]),
      ...stance.summary,
      ...stance.feet.map((foot) => foot.working),
      ...stance.angles,
      ...(balance?.workings ?? []),
      ...wireWorkings(wire),
    ],
    snags: worstFirst([
      ...measure.snags,
      ...stance.snags,
      ...(balance?.snags ?? []),
      ...wire.snags,
    ]),
  };
}
