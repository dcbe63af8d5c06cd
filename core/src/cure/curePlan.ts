import { type ClayFigures } from '../mass/clayFigures.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { type Working } from '../piece/working.ts';
import { type BakeStage } from './bakeStages.ts';
import { type ClayKind, type HeatCase, type HeatRequest } from './heatRequest.ts';
import type { HeatResult, HeatRun } from './heatRun.ts';

/** The packet's rule for one kind of clay on the piece. */
export interface PacketRule {
  readonly kind: ClayKind;
  readonly thickness: Working;
  readonly time: Working;
}

/** What Cure hands on. */
export interface CurePlan extends StageResult {
  readonly figures: ClayFigures;
  /** Figures of another clay for the shells, if there is one. */
  readonly shellFigures: ClayFigures | null;
  readonly cases: readonly HeatCase[];
  /** What the heat calculation is to answer; null for clays that need no oven. */
  readonly request: HeatRequest | null;
  /** Its answer, if it is the one to this request. */
  readonly run: HeatRun | null;
  /** The bakes in order, each with minutes of its own. */
  readonly stages: readonly BakeStage[];
  /** Dial, and the oven's true temperature; null without an oven. */
  readonly dial: Working | null;
  readonly oven: Working | null;
  /** What the packet's rule gives for shell, solid parts and parts made apart: a minimum. */
  readonly packets: readonly PacketRule[];
  /** What the physics gives, once it is worked out. */
  readonly heat: readonly { readonly result: HeatResult; readonly working: Working }[];
  readonly bakes: Working;
  /** Diameter of an eye on the model. */
  readonly eye: Working;
}
