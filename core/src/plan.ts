import { planBench, type BenchPlan } from './bench/planBench.ts';
import type { BodyGrid } from './body/bodyGrid.ts';
import { planColour, type ColourPlan } from './colour/planColour.ts';
import { bindingHeatSnags } from './cure/bindingHeat.ts';
import type { HeatRun } from './cure/heatRun.ts';
import { planCure, type CurePlan } from './cure/planCure.ts';
import type { BodyShape } from './mass/bodyShape.ts';
import { regionBuilds, type RegionBuild } from './mass/buildUp.ts';
import { planMass, type MassPlan } from './mass/planMass.ts';
import { shapeKey } from './mass/shapeKey.ts';
import { planReferences, type ReferencesPlan } from './measure/pictures/planReferences.ts';
import { measureWorkings, planMeasure, type MeasurePlan } from './measure/planMeasure.ts';
import type { Piece } from './piece/pieceSchema.ts';
import { worstFirst, type Snag } from './piece/snag.ts';
import type { Working } from './piece/working.ts';
import { planSkin, type SkinPlan } from './skin/planSkin.ts';
import { planBalance, type BalancePlan } from './balance/planBalance.ts';
import { planStrength, type StrengthPlan } from './strength/planStrength.ts';
import { planStance, stanceWorkings, type StancePlan } from './stance/planStance.ts';
import { planWire, wireWorkings, type WirePlan } from './wire/planWire.ts';

/** The whole plan of a piece: each stage's numbers, their workings, and what is wrong. */
export interface Plan {
  /** The decisions that it was made from. */
  readonly piece: Piece;
  readonly measure: MeasurePlan;
  /** What pictures, tape and caliper say; taken over into Measure only when the user does so. */
  readonly references: ReferencesPlan;
  readonly stance: StancePlan;
  readonly balance: BalancePlan;
  readonly wire: WirePlan;
  /** How each region is built; known before its volume is. */
  readonly builds: readonly RegionBuild[];
  readonly mass: MassPlan | null;
  readonly strength: StrengthPlan;
  readonly cure: CurePlan;
  readonly skin: SkinPlan;
  readonly colour: ColourPlan | null;
  readonly bench: BenchPlan | null;
  readonly workings: readonly Working[];
  readonly snags: readonly Snag[];
}

/**
 * The main road: decisions in, whole plan out. Measure gives the skeleton (and what
 * its pictures and readings would make of it), Stance poses it, Wire makes its armature, Mass its
 * foil and clay; their weight tells the balance, and whether the bare wires bear it; Cure its bakes,
 * Skin its coat, Colour its paint, Bench the steps; the sheets are drawn from the result.
 *
 * Three things take longer and are worked out apart and handed in: the body's grid (`bodyGrid`, from
 * the skeleton alone), the heat flow (`heatRun`, answering `cure.request`), and the shape of the posed
 * model in its layers (`bodyShape`). While the body is null, so is what is read from it; while heat or
 * shape are null, or answer an older request, Cure shows the packet's rule alone and Mass no cards.
 * Everything else stands.
 */
export function planPiece(
  piece: Piece,
  body: BodyGrid | null,
  heat: HeatRun | null = null,
  shape: BodyShape | null = null,
): Plan {
  const measure = planMeasure(piece.measure, piece.stance, piece.wire.allowancesMm.nutAndWashers);
  const references = planReferences(piece.references, measure);
  const stance = planStance(piece.stance, measure);
  const wire = planWire(piece.wire, piece.stance.base, stance);
  const posedShape = shape?.key === shapeKey(piece) ? shape : null;
  const mass = planMass(piece.mass, piece.skin, measure, stance, wire, body, posedShape);
  const balance = planBalance(piece.stance, measure, stance, wire, mass);
  const strength = planStrength(piece.wire, stance, wire, balance);
  const cure = planCure(piece.cure, piece.mass, measure, mass, heat);
  const bound = bindingHeatSnags(piece.wire.binder.kind, wire, cure);
  const skin = planSkin(piece.skin, measure);
  const colour = planColour(piece.colour, measure, skin, body);
  const bench = planBench(piece, measure, wire, mass, cure, skin, colour);
  return {
    piece,
    measure,
    references,
    stance,
    balance,
    wire,
    builds: regionBuilds(measure.skeleton, piece.mass),
    mass,
    strength,
    cure,
    skin,
    colour,
    bench,
    workings: [
      ...measureWorkings(measure),
      ...references.workings,
      ...stanceWorkings(stance),
      ...balance.workings,
      ...wireWorkings(wire),
      ...strength.workings,
      ...(mass?.workings ?? []),
      ...cure.workings,
      ...skin.workings,
      ...(colour?.workings ?? []),
      ...(bench?.workings ?? []),
    ],
    snags: worstFirst([
      ...[measure, references, stance, balance, wire, strength, mass, cure, skin, bench].flatMap(
        (entry) => entry?.snags ?? [],
      ),
      ...bound,
    ]),
  };
}
