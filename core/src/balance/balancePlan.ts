import type { PlacedMass } from '../body/supports.ts';
import { type Vec3 } from '../geometry/vec3.ts';
import type { Counterweight } from '../piece/pieceSchema.ts';
import type { StageResult } from '../piece/stageResult.ts';
import type { Footfall } from '../stance/stancePlan.ts';
import { type WeightPlace } from './counterweight.ts';
import { type Footing } from './footing.ts';
import { type HangingPoint } from './hangingPoint.ts';
import { type Bearing } from './bearing.ts';
import { type SmallBase } from '../posing/smallestBase.ts';
import { type TipDirection } from './tipRose.ts';

/** Whether and how the stance stands by itself, and what would help. */
export interface BalancePlan extends StageResult {
  /** Of the piece with its weight, mm. */
  readonly massCentre: Vec3;
  /** From the body's cells, or still from thin sections. */
  readonly exact: boolean;
  /** Grams of the whole piece. */
  readonly grams: number;
  readonly standing: readonly Footfall[];
  readonly footing: Footing;
  readonly rose: readonly TipDirection[];
  /** Weights of the piece where the stance has them, without the wires; see `wireMasses`. */
  readonly flesh: readonly PlacedMass[];
  /** Bones whose flesh lies on the ground. */
  readonly resting: ReadonlySet<string>;
  /** What feet and rods bear, and which share each. */
  readonly bearing: Bearing;
  readonly weight: Counterweight | null;
  /** Radius of the largest ball that fits where the weight is, mm. */
  readonly weightRoomMm: number;
  /** Where a weight would bring the centre inside; empty where none is needed. */
  readonly places: readonly WeightPlace[];
  readonly bases: readonly SmallBase[];
  /** The smallest board of the chosen thickness. */
  readonly base: SmallBase;
  readonly hook: HangingPoint | undefined;
}
