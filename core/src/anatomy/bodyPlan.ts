import type { Vec3 } from '../geometry/vec3.ts';

/** Near side is the animal's left, far side its right; the midline belongs to both. */
export type Side = 'left' | 'right' | 'mid';

/** The three ways a joint can turn. What each does to a joint is said in its {@link Freedom}. */
export const FREEDOMS = ['flexion', 'abduction', 'rotation'] as const;
export type FreedomName = (typeof FREEDOMS)[number];

/** One axis of a joint: zero in the plan's rest stance, right-handed about `axis`. */
export interface Freedom {
  /** Unit axis in the rest stance, in the animal's axes; given for the left side. */
  readonly axis: Vec3;
  readonly minDeg: number;
  readonly maxDeg: number;
  /** What a positive angle does, in words: "swings the limb forward". */
  readonly positive: string;
}

/** The joint at the near (proximal) end of a bone. */
export interface Joint {
  readonly name: string;
  readonly freedoms: Readonly<Partial<Record<FreedomName, Freedom>>>;
}

/** A bone of a body plan, already one-sided (`femur.L`, `femur.R`) or of the midline. */
export interface BoneSpec {
  readonly id: string;
  /** The bone without its side: the key under which life lengths are kept (`femur`). */
  readonly key: string;
  readonly name: string;
  readonly side: Side;
  readonly parent: string | null;
  /** Where on the parent it starts, 0 at the parent's start and 1 at its end. */
  readonly at: number;
  /** Direction in the rest stance, unit, animal's axes. */
  readonly rest: Vec3;
  readonly joint: Joint;
  /** From where to where the life length is measured, in words. */
  readonly measured: string;
}

/** A place where the animal meets the ground: the far end of a bone, padded by its flesh. */
export interface ContactSpec {
  readonly id: string;
  readonly name: string;
  readonly side: Side;
  readonly bone: string;
  /** The two joints that reach for the ground, and the one that keeps the foot level. */
  readonly reach: readonly [string, string];
  readonly level: string;
}

/** A pair of limbs that one wire can run through, from left foot to right foot. */
export interface LimbPairSpec {
  readonly id: string;
  readonly name: string;
  /** The girdle the wire goes over: "hip" or "shoulder". */
  readonly over: string;
  /** Left limb bones from the trunk to the foot; the right ones mirror them. */
  readonly bonesLeft: readonly string[];
  readonly contactLeft: string;
}

/** A stance that a plan offers: joint angles in degrees from rest, and the feet that stay up. */
export interface StanceSpec {
  readonly id: string;
  readonly name: string;
  readonly anglesDeg: Readonly<Record<string, Readonly<Partial<Record<FreedomName, number>>>>>;
  readonly lifted: readonly string[];
}

/** A region of the body that is built up in one way: its core, and its shell of clay. */
export interface RegionSpec {
  readonly id: string;
  readonly name: string;
  /** Bones whose flesh it is, by key. */
  readonly bones: readonly string[];
  /** `foil` round the wire under a shell of clay, or `solid` clay for slender parts. */
  readonly core: 'foil' | 'solid';
}

/** A whole body plan. Bones are listed parents first. */
export interface BodyPlan {
  readonly id: string;
  readonly name: string;
  readonly bones: readonly BoneSpec[];
  readonly contacts: readonly ContactSpec[];
  readonly limbPairs: readonly LimbPairSpec[];
  /** Bones of the spine wire in order, from the tail tip to the head. */
  readonly spine: readonly string[];
  /** How far the spine wire runs along its first and last bone, as a fraction from the body. */
  readonly spineReach: { readonly tail: number; readonly head: number };
  /** Tail bones, along which only one strand of the spine runs on. */
  readonly tailBones: readonly string[];
  /** Midline bones whose lengths add up to the total length, nose to tail tip. */
  readonly lengthBones: readonly string[];
  /** The bone whose start is the withers: the shoulder height is measured at the skin over it. */
  readonly withersBone: string;
  readonly stances: readonly StanceSpec[];
  /** Regions of the body; each bone belongs to one. */
  readonly regions: readonly RegionSpec[];
}
