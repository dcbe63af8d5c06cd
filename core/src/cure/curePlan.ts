import type { OrderPlan } from '../bakes/planOrder.ts';
import type { ClayFigures } from '../mass/clayFigures.ts';
import type { StageResult } from '../piece/stageResult.ts';
import type { Working } from '../piece/working.ts';
import type { BakeStage, PacketRule } from './bakeStages.ts';
import type { HeatCase } from './heatCases.ts';
import type { HeatRequest } from './heatRequest.ts';
import type { HeatResult, HeatRun } from './heatRun.ts';
import type { MayGoIn } from './mayGoIn.ts';

/** What Cure hands on. */
export interface CurePlan extends StageResult {
  readonly figures: ClayFigures;
  /** Figures of another clay for the shells, if there is one. */
  readonly shellFigures: ClayFigures | null;
  /** Everything on the piece, in the fewest bakes that its rules allow. */
  readonly order: OrderPlan;
  readonly cases: readonly HeatCase[];
  /** What the heat calculation is to answer; null for clays that need no oven. */
  readonly request: HeatRequest | null;
  /** Its answer, if it is the one to this request. */
  readonly run: HeatRun | null;
  /** The bakes in order, each with minutes of its own. */
  readonly stages: readonly StagedBake[];
  /** Dial, and the oven's true temperature, of the bake of the surface; null without an oven. */
  readonly dial: Working | null;
  readonly oven: Working | null;
  /** What the packet's rule gives for each place: a minimum. */
  readonly packets: readonly PacketRule[];
  /** What the physics gives, once it is worked out. */
  readonly heat: readonly { readonly result: HeatResult; readonly working: Working }[];
  readonly bakes: Working;
  /** What may go into which bake. */
  readonly mayGoIn: readonly MayGoIn[];
  /** How everything that is set in is joined. */
  readonly joins: readonly Join[];
  /** What must slide over or into what, in the order in which it is tried. */
  readonly fits: readonly TestFit[];
  /** What parts of the body that are made apart weigh; none while the body is still worked out. */
  readonly partGrams: readonly Working[];
}

/** A bake with how what is in it lies, hangs or is propped, and what must be out of the oven. */
export interface StagedBake extends BakeStage {
  readonly supports: readonly string[];
  readonly out: readonly string[];
}

/** How a part made apart is joined to the body. */
export interface Join {
  readonly fittingId: string;
  readonly name: string;
  /** Before the last bake, or when no oven comes any more. */
  readonly when: 'before' | 'after';
  readonly how: string;
  /** How deep it is set in; null for a ball, whose socket Fittings tells. */
  readonly seat: Working | null;
  readonly pin: Working | null;
  readonly drill: Working | null;
  /** Whether a round pin would let it turn: its end is bent, or a second pin holds it. */
  readonly keyed: boolean;
  readonly fillet: Working | null;
}

/** A trial of two things that must slide. */
export interface TestFit {
  readonly id: string;
  readonly name: string;
  /** While the clay is soft, or when the part is baked. */
  readonly when: 'soft' | 'baked';
  readonly how: string;
  readonly inner: Working;
  readonly bore: Working;
  /** How far a hinge opens. */
  readonly stop: Working | null;
}
