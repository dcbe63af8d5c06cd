import type { Vec3 } from '../geometry/vec3.ts';

/** Near side is the animal's left, far side its right; the midline belongs to both. */
export type Side = 'left' | 'right' | 'mid';

/** The three ways a joint can turn. What each does to a joint is said in its {@link DegreeOfFreedom}. */
export const FREEDOMS = ['flexion', 'abduction', 'rotation'] as const;
export type FreedomName = (typeof FREEDOMS)[number];

/** One axis of a joint: zero in the plan's rest stance, right-handed about `axis`. */
export interface DegreeOfFreedom {
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
  readonly freedoms: Readonly<Partial<Record<FreedomName, DegreeOfFreedom>>>;
}

/** A bone of a body plan, already one-sided (`femur.L`, `femur.R`) or of the midline. */
export interface BoneSpec {
  readonly id: string;
  /** The bone without its side: the key under which life lengths are kept (`femur`). */
  readonly key: string;
  readonly name: string;
  /** The same without its side, for what is said of both. */
  readonly plainName: string;
  readonly side: Side;
  /** Id of its mirror image; its own on the midline. */
  readonly image: string;
  readonly parent: string | null;
  /** Where on the parent it starts, 0 at the parent's start and 1 at its end. */
  readonly at: number;
  /** Direction in the rest stance, unit, animal's axes. */
  readonly rest: Vec3;
  readonly joint: Joint;
  /** From where to where the life length is measured, in words. */
  readonly measured: string;
  /** What is seen at its far end, where no other bone begins: "tip of the snout". */
  readonly tip?: string;
  /** An animal that gives it no length does not have it: ears, horns, some fins. */
  readonly optional?: boolean;
}

/** One joint of a plan, by the bone it moves, and one of its freedoms. */
export interface JointRef {
  readonly bone: string;
  readonly freedom: FreedomName;
}

/**
 * How a body is held where it meets the ground: a `foot` stands and hides the peg of its limb's
 * wire; a `rest` lies on the ground (a serpent's belly); a `rod` comes up from the base and carries
 * a body that swims or flies.
 */
export const CONTACT_KINDS = ['foot', 'rest', 'rod'] as const;
export type ContactKind = (typeof CONTACT_KINDS)[number];

/** A place where the animal meets the ground: the far end of a bone, padded by its flesh. */
export interface ContactSpec {
  readonly id: string;
  /** The foot without its side. */
  readonly key: string;
  readonly name: string;
  readonly side: Side;
  /** Id of its mirror image; its own on the midline. */
  readonly image: string;
  readonly kind: ContactKind;
  readonly bone: string;
  /**
   * Joints that reach for the ground: two flexions move a foot in the side elevation, a single one
   * only brings it up or down (a sprawling limb), none leaves it as it lies.
   */
  readonly reach: readonly JointRef[];
  /** The bone that turns back by as much as the reach has turned, so that the foot keeps its tilt. */
  readonly level: string | null;
}

/** A pair of limbs that one wire can run through, from left end to right end. */
export interface LimbPairSpec {
  readonly id: string;
  readonly name: string;
  /** What the wire goes over: "hip" or "shoulder". */
  readonly over: string;
  readonly left: LimbSpec;
  /** The mirror image of the left one. */
  readonly right: LimbSpec;
}

/** One limb of a pair. */
export interface LimbSpec {
  /** From the trunk outwards. */
  readonly bones: readonly string[];
  /** The foot it ends in, or null where the limb meets no ground: the wire then ends in its tip. */
  readonly contact: string | null;
}

/** A size of the whole body, as a zoologist measures it, that must follow from the bones. */
export type SizeSpec = {
  readonly id: string;
  readonly name: string;
  /** From where to where, in words. */
  readonly measured: string;
} & (
  | {
      /** Sum of bones in a line, as if straightened. */
      readonly kind: 'chain';
      readonly bones: readonly string[];
    }
  | {
      /** Ground to the skin over the start of a bone, in the first stance. */
      readonly kind: 'height';
      readonly bone: string;
    }
  | {
      /** Ground to the highest skin, in the first stance. */
      readonly kind: 'top';
    }
  | {
      /** Widest distance between the far ends of left bones and their right images, in a stance. */
      readonly kind: 'span';
      readonly stance: string;
      readonly bonesLeft: readonly string[];
    }
);

/** What a part of a body is: parts of one kind can stand for each other in a composed creature. */
export const PART_KINDS = ['trunk', 'head', 'tail', 'limbs', 'wings', 'fins', 'feelers'] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** A part of the body that can be named, compared, and lent to a composed creature. */
export interface PartSpec {
  readonly id: string;
  readonly name: string;
  readonly kind: PartKind;
  /** Its bones, by key, the one nearest to the trunk first. */
  readonly keys: readonly string[];
}

/** Where the belly of a muscle lies and how large it is at rest, as shares of the flesh there. */
export interface MuscleBelly {
  /** From the line between origin and insertion towards the skin; rest axes, left side. */
  readonly lies: Vec3;
  /** Its thickness, as a share of the way from that line to the skin. */
  readonly thick: number;
  /** How many times wider than thick it is. */
  readonly wide: number;
  /** Laid on first (1), over the first (2), or last under the skin (3). */
  readonly layer: 1 | 2 | 3;
}

/** A bony landmark: where skin lies on bone, and neither muscle nor fat is built up over it. */
export interface BonySpec {
  readonly id: string;
  readonly name: string;
  readonly bone: string;
  readonly at: number;
  /** The way to the skin there; rest axes, left side. */
  readonly out: Vec3;
}

/** A muscle as a sculptor lays it: from an origin to an insertion, both on bones (left side). */
export interface MuscleSpec {
  readonly id: string;
  readonly name: string;
  readonly origin: { readonly bone: string; readonly at: number };
  readonly insertion: { readonly bone: string; readonly at: number };
  readonly belly: MuscleBelly;
  /** What it does to the form, in a few words. */
  readonly form: string;
}

/** A stance that a plan offers: joint angles in degrees from rest, and the feet that stay up. */
export interface StanceSpec {
  readonly id: string;
  readonly name: string;
  readonly anglesDeg: Readonly<Record<string, Readonly<Partial<Record<FreedomName, number>>>>>;
  readonly lifted: readonly string[];
  /** Limb pairs, by id, that lie folded on the body in this stance and carry no wire. */
  readonly folded?: readonly string[];
  /** Feet that an animal with limbs too short for it holds in the air instead. */
  readonly mayHang?: readonly string[];
  /** The body lies: it comes down on its lowest skin, and rods instead of feet hold it. */
  readonly lies?: boolean;
}

/** How a face, and what speaks with it, is held: an expression to start from, both sides alike. */
export interface ExpressionSpec {
  readonly id: 'calm' | 'alert' | 'threatening' | 'feeding';
  /** Degrees from rest by key of the bone. */
  readonly angles: Readonly<Record<string, Readonly<Partial<Record<FreedomName, number>>>>>;
  /** How far the lids are open, as a share of how the animal is told. */
  readonly lids: number;
}

/** A joint that goes to and fro with the stride: mean + swing · cos 2π·times·(moment − peakAt). */
export interface MoveSpec {
  readonly bone: string;
  readonly freedom: FreedomName;
  readonly meanDeg: number;
  readonly swingDeg: number;
  /** When in the stride it is farthest to the positive side, 0 to 1. */
  readonly peakAt: number;
  readonly times?: 1 | 2;
}

interface GaitCommon {
  readonly id: string;
  readonly name: string;
  readonly moves: readonly MoveSpec[];
  /** Limb pairs, by id, that lie folded on the body meanwhile. */
  readonly folded?: readonly string[];
}

/** A gait on feet: each foot goes back along the ground while it is down, and forward through the air. */
export interface StepGaitSpec extends GaitCommon {
  readonly kind: 'steps';
  /** How long a foot is down, as a share of the stride. */
  readonly duty: number;
  /** When the left and the right foot of each pair fall, shares of the stride; feet by key. */
  readonly falls: Readonly<Record<string, readonly [left: number, right: number]>>;
  /** How far a foot goes back while down, over the distance from its hip or shoulder to the foot. */
  readonly sweep: number;
  /** Stride over the height of the hip, where that is known of the gait; it goes before `sweep`. */
  readonly stridePerHip?: number;
  /**
   * Bones of the limb, by key, that swing forward and back with their foot through so many degrees, whatever the
   * joints beyond them do: a shoulder blade on its ribs, the thigh of a bird.
   */
  readonly driven?: Readonly<Record<string, number>>;
  /**
   * Bones, by key, that keep their way to what carries the joint before them: each with that joint, whose flexion
   * they undo. A pterosaur's wing finger lies along its forearm however the wrist bends.
   */
  readonly held?: Readonly<Record<string, string>>;
  /** Height of the hip over that of the plan's first stance. */
  readonly height: number;
  /** How high a foot is lifted in mid-swing, over the same distance. */
  readonly lift: number;
  /** How far joints of the limb fold in mid-swing, degrees, by key of the bone. */
  readonly folds: Readonly<Record<string, number>>;
}

/** A gait without feet: a wave that runs along the body. */
export interface WaveGaitSpec extends GaitCommon {
  readonly kind: 'wave';
}

/** One moment of a movement that does not repeat. */
export interface KeyPose {
  readonly at: number;
  readonly anglesDeg: StanceSpec['anglesDeg'];
  readonly lifted: readonly string[];
}

/** A movement that does not repeat, through some poses: a take-off. */
export interface KeyedGaitSpec extends GaitCommon {
  readonly kind: 'keyed';
  readonly keys: readonly KeyPose[];
}

export type GaitSpec = StepGaitSpec | WaveGaitSpec | KeyedGaitSpec;

/** A region of the body that is built up in one way: its core, and its shell of clay. */
export interface RegionSpec {
  readonly id: string;
  readonly name: string;
  /** Bones whose flesh it is, by key. */
  readonly bones: readonly string[];
  /** `foil` round the wire under a shell of clay, or `solid` clay for slender parts. */
  readonly core: 'foil' | 'solid';
}

/** A whole body plan. Bones are listed parents first; the first stance is how it stands. */
export interface BodyPlan {
  readonly id: string;
  readonly name: string;
  readonly bones: readonly BoneSpec[];
  readonly contacts: readonly ContactSpec[];
  readonly limbPairs: readonly LimbPairSpec[];
  /** Bones of the spine wire in order, from the tail tip to the head. */
  readonly spine: readonly string[];
  /** Where the spine wire ends: how far along its first and last bone, and what is seen there. */
  readonly spineEnds: {
    readonly tail: { readonly reach: number; readonly name: string };
    readonly head: { readonly reach: number; readonly name: string };
  };
  /** Tail bones, along which only one strand of the spine runs on. */
  readonly tailBones: readonly string[];
  /** The parts of the body; each bone belongs to one. The first is the trunk with the root. */
  readonly parts: readonly PartSpec[];
  /** Cross-checks that follow from the bones. The first chain is the animal's length. */
  readonly sizes: readonly SizeSpec[];
  readonly muscles: readonly MuscleSpec[];
  readonly bonyLandmarks: readonly BonySpec[];
  readonly stances: readonly StanceSpec[];
  /** How it looks when it is calm, alert, threatening, feeding. */
  readonly expressions: readonly ExpressionSpec[];
  /** Ways it moves, the slowest first. */
  readonly gaits: readonly GaitSpec[];
  /** Regions of the body; each bone belongs to one. */
  readonly regions: readonly RegionSpec[];
  /** The bone, by key, whose feathers spread into a fan. */
  readonly fan?: string;
  /** A part of a body that ends in a wall: behind it, or at its middle beside it (a relief). */
  readonly wall?: WallSide;
}

/** Where the wall of a part of a body is: behind the cut of the neck, or at the animal's right. */
export type WallSide = 'behind' | 'beside';

/** The sides that show what lies on both: left (1) and right (−1), in a relief the left alone. */
export const sidesShown = ({ wall }: Pick<BodyPlan, 'wall'>): readonly (1 | -1)[] =>
  wall === 'beside' ? [1] : [1, -1];
