import { type Metal } from '../wire/metals.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import { type JointLoad } from './jointLoads.ts';

/** One of the wires at a joint. */
export interface Bearer {
  readonly wire: PlannedWire;
  readonly metal: Metal;
  readonly strands: number;
  readonly yieldNmm: number;
}

/** The wire that runs through a bone, at the joint where the bone starts. */
export interface WiredJoint {
  readonly boneId: string;
  readonly wire: PlannedWire;
  readonly metal: Metal;
  readonly strands: number;
  /** All wires that run through it, the strongest first, with the moment at which each yields. */
  readonly bearers: readonly Bearer[];
  readonly load: JointLoad;
  /** Moment at which the wire there yields, N·mm. */
  readonly yieldNmm: number;
  /** Depth of the bone's line below the skin where it is least, at its joint and its middle, mm. */
  readonly depthMm: number;
  /** Held by the hand there when the piece is turned over: only what hangs on it counts. */
  readonly isTrunk: boolean;
  /** Shares of the yield moment: as posed, and turned over. */
  readonly posedShare: number;
  readonly turnedShare: number;
}
