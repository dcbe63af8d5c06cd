import type { AnimalLie } from './lieMark.ts';
import type { AnimalMarking } from './marking.ts';
import type { FeatherRow } from './plumage.ts';
import type { ScaleCounts } from './scaleCounts.ts';
import type { SkinPlate } from './skinPlate.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { Provenance } from './provenance.ts';
import type { CoatZone, RoughSize } from './coat.ts';
import type { GaitSpec } from './bodyPlan.ts';
import type { Face } from './face.ts';
import type { ThingKind } from './thingKinds.ts';

/**
 * A section of a sleeve at a place of its bone, life mm: from the bone's line to the skin above and below it
 * (in limbs: before and behind it), and half its width. `widest` tells where it is widest (−1 at its lower
 * edge, 0 halfway, 1 at its upper edge); the exponents how square it is over and under that line, 2 being an
 * ellipse; `side` how far its middle lies off the bone, away from the animal's right.
 */
export interface SleeveStation {
  /** Fraction of the bone; it may lie a little beyond its ends. */
  readonly at: number;
  readonly above: number;
  readonly below: number;
  readonly halfWidth: number;
  readonly widest?: number;
  readonly squareAbove?: number;
  readonly squareBelow?: number;
  readonly side?: number;
}

/**
 * What of a sleeve lies on one bone. A sleeve is flesh along a chain of bones: the stations of all bones that
 * bear the same name of a sleeve, in their order, are its sections.
 */
export interface FleshSleeve {
  readonly sleeve: string;
  /** Place of this bone along the sleeve, from 0. */
  readonly order: number;
  /** What `above` is: towards the back of the column, or the front of a limb. */
  readonly faces: 'back' | 'front';
  readonly stations: readonly SleeveStation[];
}

/** A point of a curve: a place of its bone moved off it (rest axes, left side), and the radius there, life mm. */
export interface CurvePoint {
  readonly at: number;
  readonly offset?: Vec3;
  readonly radius: number;
}

/**
 * A round solid along a curve of its own that one bone carries, from root to tip: a toe, a tine, a tusk, a
 * beard.
 */
export interface FleshCurve {
  readonly curve: string;
  readonly points: readonly CurvePoint[];
  /** How it looks where it is a thing of its own and no flesh: a claw, a tooth, a plume, a spine. */
  readonly apart?: ApartLook;
}

/** The look of what stands out of the skin by itself, however thin. */
export interface ApartLook {
  /** Its colour where that differs from the skin's. */
  readonly hex?: string;
  /** Its breadth for its height; 1, round, where not said. */
  readonly breadth?: number;
  /** On a bone of the midline: once on either side. */
  readonly bothSides?: boolean;
  /** One of a row of teeth. */
  readonly isTooth?: true;
}

export type Flesh = FleshSleeve | FleshCurve;

/** Whether flesh is a thing of its own that stands out of the body. */
export const isApart = (flesh: Flesh): flesh is FleshCurve & { readonly apart: ApartLook } =>
  'curve' in flesh && flesh.apart !== undefined;

/**
 * A section of flesh that the user shaped, square to its bone, life mm: half a depth and half a width, where it is
 * widest (−1 at its lower edge, 1 at its upper), the exponents of the superellipses over and under that line (2 an
 * ellipse, more is squarer), and how far its middle lies off the bone, towards the back and away from the animal's
 * right.
 */
export interface FleshStation {
  readonly at: number;
  readonly halfDepth: number;
  readonly halfWidth: number;
  readonly squareness: number;
  readonly squareBelow: number;
  readonly widest: number;
  readonly up: number;
  readonly side: number;
}

/**
 * Lines in a blade, each from the one of its edges to the other: shafts of feathers, rays, veins, folds. Where
 * on the outline they begin and end, from the first of them to the last: a whole number is one of its points.
 */
export interface BladeRibs {
  readonly many: number;
  readonly from: readonly [first: number, last: number];
  readonly to: readonly [first: number, last: number];
}

/**
 * A thin blade between bones: a flight feather's row, a membrane, a fin, an insect's wing. Its
 * outline runs through points on bones (by key, of the left side or the midline), each at a fraction
 * of its bone and moved off it by an offset in rest axes, life mm; smoothly, but where a point is a corner. It
 * folds as the bones do.
 */
export interface Blade {
  readonly id: string;
  readonly name: string;
  /** False for a blade on the midline, which has no mirror image. */
  readonly paired: boolean;
  readonly outline: readonly {
    readonly bone: string;
    readonly at: number;
    readonly offset?: Vec3;
    readonly corner?: true;
  }[];
  readonly ribs?: readonly BladeRibs[];
  readonly thickness: RoughSize;
  /** The zone of the coat that it shows, where that is not the zone of its first bone. */
  readonly zone?: string;
}

/** Which of the curves that stand out by themselves are the pieces of a feature: how their names begin, on which bones. */
export interface Drawn {
  readonly curves: readonly string[];
  readonly on: readonly string[];
}

/** Something made apart and set in: an eye, a claw, a horn, a beak, an antenna. */
export interface Feature {
  readonly id: string;
  readonly name: string;
  readonly kind: ThingKind;
  /** Its pieces where they are drawn; hidden ones, as fangs in a shut mouth, are counted alone. */
  readonly drawn?: Drawn;
  /** The bone it sits on, by key. */
  readonly bone: string;
  readonly count: number;
  /** Its length, along the curve where it has one. */
  readonly size: RoughSize;
}

/** A count that zoologists give: teeth, vertebrae of a region, feathers of a tract, rows of scales. */
export interface Count {
  readonly name: string;
  readonly range: readonly [number, number];
  readonly provenance: Provenance;
  /** How it is made up, or where it is counted. */
  readonly note?: string;
}

/** An animal: numbers on a body plan, each with its provenance. */
export interface Animal {
  readonly id: string;
  readonly name: string;
  readonly latin: string;
  readonly planId: string;
  /** Partings, ridges, whorls and lines of its coat that are not those of every coat. */
  readonly lie?: readonly AnimalLie[];
  /** What is marked on it beside its zones. */
  readonly markings?: readonly AnimalMarking[];
  /** Rows of scales that are counted. */
  readonly scaleCounts?: readonly ScaleCounts[];
  /** Flight and tail feathers, row by row. */
  readonly plumage?: readonly FeatherRow[];
  /** Colour of a nestling's down, sRGB, from memory; as its feathers where not said. */
  readonly downHex?: string;
  /** Large plates with places of their own. */
  readonly plates?: readonly SkinPlate[];
  /** The stance of its plan that a new piece begins with; the first where not said. */
  readonly usualStance?: string;
  /** Its gaits, where they are others than those of its plan, the slowest first. */
  readonly gaits?: readonly GaitSpec[];
  /** What it stands on, where the plan leaves that open: balls of the feet, or tips of the digits. */
  readonly walksOn?: 'balls' | 'tips';
  /** Life lengths by bone key; left and right share one. An optional bone without one is absent. */
  readonly lengths: Readonly<Record<string, RoughSize>>;
  /** What of wrist with metacarpus and of ankle with metatarsus is the short bones; handbooks give the long bone alone. */
  readonly shortBones?: { readonly carpus: RoughSize; readonly tarsus: RoughSize };
  /** Rest directions that differ from the plan's, by bone key, left side; made unit when used. */
  readonly rest?: Readonly<Record<string, Vec3>>;
  /** Where on its parent a bone starts, by key, where that differs from the plan's: a tusk, a fin. */
  readonly seats?: Readonly<Record<string, number>>;
  /**
   * Degrees by which the joint axes of a part are turned in the side elevation, where the animal
   * holds its body otherwise than the plan: the wings of an owl that sits upright.
   */
  readonly axesTurnedDeg?: Readonly<Record<string, number>>;
  readonly flesh: Readonly<Record<string, readonly Flesh[]>>;
  /**
   * Where many links of a column share one key: factors on their girth at even steps from the first link to
   * the last.
   */
  readonly linkGirths?: Readonly<Record<string, readonly number[]>>;
  readonly blades?: readonly Blade[];
  readonly features?: readonly Feature[];
  readonly counts?: readonly Count[];
  /** The coat, zone by zone; every patch of skin belongs to one. */
  readonly coat: readonly CoatZone[];
  /** What is seen on its head; nothing where not said. */
  readonly face?: Face;
  /** Diameter of the eyeball in life. */
  readonly eye: RoughSize;
  /** Grams in a millilitre inside the outline, coat and all; 1 where not said. */
  readonly density?: { readonly gPerMl: number; readonly why: string };
  /** The sexes where they differ much in size: a factor on every length. */
  readonly sexes?: readonly { readonly name: string; readonly size: number }[];
  /** Cross-checks that must follow from the bones: published or remembered whole-body ranges. */
  readonly ranges: {
    readonly massKg?: readonly [number, number];
    /** By size of the plan, life mm. */
    readonly sizes: Readonly<Record<string, readonly [number, number]>>;
  };
  /** What makers most often get wrong about this animal. */
  readonly commonMistake: string;
}
