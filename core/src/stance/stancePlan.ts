import { type PosedSkeleton } from '../anatomy/pose.ts';
import type { ContactSpec, FreedomName } from '../anatomy/bodyPlan.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import { type GaitPlan } from './planGait.ts';
import { type Ground } from '../posing/ground.ts';
import { type PosedBlade } from '../body/blades.ts';
import { type SkinPart } from '../body/skin.ts';
import { type Wall } from '../body/wall.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { Piece } from '../piece/pieceSchema.ts';
import type { StageResult } from '../piece/stageResult.ts';
import type { Perch } from './perch.ts';
import { type Working } from '../piece/working.ts';

/** A foot in the stance, mm of the model. */
export interface Footfall {
  readonly contact: ContactSpec;
  /** The far end of the foot's last limb bone, in the middle of its padding. */
  readonly ball: Vec3;
  readonly gapMm: number;
  /** Height of the ground under it. */
  readonly groundMm: number;
  /** Meant to be on the ground. */
  readonly down: boolean;
  readonly touches: boolean;
  readonly working: Working;
}

/** How far a joint is turned in one of its freedoms. */
export interface JointAngle {
  readonly bone: Bone;
  readonly freedom: FreedomName;
  readonly angle: Working;
}

/** What Stance hands on: the posed model and its footfalls. */
export interface StancePlan extends StageResult {
  readonly posed: PosedSkeleton;
  /** The flesh, posed. */
  readonly skin: readonly SkinPart[];
  /** Feathers, membranes and fins, posed. */
  readonly blades: readonly PosedBlade[];
  readonly feet: readonly Footfall[];
  /** Limb pairs, by id, that lie folded on the body. */
  readonly folded: readonly string[];
  readonly ground: Ground;
  /** How the piece is held. */
  readonly hold: Piece['stance']['hold'];
  /** The log, branch, post or rock that feet stand on and are pegged into; null where there is none. */
  readonly perch: Perch | null;
  /** The tilt that the piece on its base must survive, degrees. */
  readonly tiltDeg: number;
  /** The wall that a part of a body hangs on; null where it stands, hangs free, or is whole. */
  readonly wall: Wall | null;
  /** How far each eye turns to look where the stance says; none where it looks out of its lids. */
  readonly eyes: readonly Working[];
  /** The gait whose moment it is; null for a stance. */
  readonly gait: GaitPlan | null;
  /** Every joint angle as it stands, degrees: the planted preset with the user's over it. */
  readonly angles: readonly JointAngle[];
  readonly heightAsPosed: Working;
  readonly summary: readonly Working[];
}
