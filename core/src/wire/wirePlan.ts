import type { RodKey } from '../piece/wireSchema.ts';
import type { StageResult } from '../piece/stageResult.ts';
import { type BasePlan } from './baseHoles.ts';
import { type BindingPlan } from './bindings.ts';
import { type PlacedCoil } from './coilDraft.ts';
import type { FinePart } from './fineDrafts.ts';
import { type HingePlan } from './hinges.ts';
import type { PlannedWire } from './plannedWire.ts';
import { type StockPlan } from './planStock.ts';
import { type Shaft } from './shafts.ts';

/** What Wire hands on: every wire with its bends, how they are bound, the base, and the stock. */
export interface WirePlan extends StageResult {
  /** The rod that is used, or would be: the user's, else what the load asks for, mm. */
  readonly rodMm: number;
  readonly wires: readonly PlannedWire[];
  /** Limbs without a wire, by name: folded on the body in this stance, or made without one. */
  readonly unwired: readonly string[];
  /** Digits, ears, antennae and the like, with their wire or why they have none. */
  readonly fine: readonly FinePart[];
  /** Straight wires inside parts that are made apart: claws, plumes. */
  readonly shafts: readonly Shaft[];
  readonly bindings: BindingPlan;
  /** The coil of the trunk, where the scheme has one. */
  readonly coil: PlacedCoil | null;
  readonly hinges: HingePlan;
  readonly base: BasePlan;
  readonly stock: StockPlan;
  /** What keeps the piece from turning about a rod. */
  readonly rodKey: RodKey;
  /** It hangs from a hook. */
  readonly hangs: boolean;
}
