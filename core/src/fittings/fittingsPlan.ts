import type { SetKind, ThingKind } from '../anatomy/thingKinds.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { StageResult } from '../piece/stageResult.ts';
import type { Working } from '../piece/working.ts';
import type { FittingKind } from './fittingKinds.ts';
import type { FittingMaterial } from './fittingMaterials.ts';
import type { FittingSize } from './fittingSizes.ts';

/** How a part comes to be: on the armature, of a stuff and set in, or drawn into the clay because it is too fine for it. */
export type FittingMade = 'grown' | 'set' | 'drawn';

/** One piece of a part on the posed model. */
export interface FittingPiece {
  readonly boneId: string;
  readonly side: 1 | 0 | -1;
  readonly root: Vec3;
  readonly tip: Vec3;
  readonly volumeMm3: number;
}

/** A part that is made apart and set in. */
export interface Fitting {
  readonly id: string;
  readonly name: string;
  readonly thing: ThingKind | SetKind;
  readonly kind: FittingKind;
  /** Set on the skin by the user, and no part of the library's animal. */
  readonly isOwn: boolean;
  /** The bone that it sits on, or the left one of two. */
  readonly boneId: string;
  readonly count: number;
  /** Of these on the left, on the right and on the midline. */
  readonly sides: { readonly left: number; readonly right: number; readonly middle: number };
  /** To make more than are needed: small parts break and roll away. */
  readonly spare: number;
  readonly toMake: Working;
  readonly material: FittingMaterial;
  readonly made: FittingMade;
  /** In life, with its usual range. */
  readonly life: Working;
  /** On the model, along the curve of the longest, or across a ball. */
  readonly length: Working;
  /** Along the curve of the shortest, where pieces differ; null where all are alike. */
  readonly shortest: Working | null;
  /** At its thickest, of the longest; null for a ball. */
  readonly thick: Working | null;
  /** Straight from base to tip, and the height of the curve over that; null where it is straight. */
  readonly chord: Working | null;
  readonly sagitta: Working | null;
  /** Length over thickness; null for a ball. */
  readonly slender: Working | null;
  /** How deep it is set in: a socket, or a pin; null for what grows or is drawn. */
  readonly seat: Working | null;
  /** Of all with the spares; null for what is drawn or grows. */
  readonly grams: Working | null;
  /** Of those on the piece beyond the clay of the body, g. */
  readonly placedG: number;
  /** Whether a wire goes inside, and why or why not. */
  readonly wired: boolean;
  readonly why: string;
  /** For eyes: the size to buy, and how much larger half a millimetre more looks. */
  readonly sold: Working | null;
  readonly larger: Working | null;
  /** Pieces by size, the longest first; one by its kind where the drawing does not show it. */
  readonly sizes: readonly FittingSize[];
  /** Where its pieces are on the model; none where the drawing does not show it. */
  readonly pieces: readonly FittingPiece[];
}

/** A part of the body that is made apart and joined later. */
export interface BodyPart {
  readonly boneId: string;
  readonly name: string;
  /** All bones that go with it, on its own side. */
  readonly boneIds: readonly string[];
  readonly count: number;
  /** Along its bones, mm of the model. */
  readonly length: Working;
}

/** The eyes of the first pair as they are to be set. */
export interface EyePlan {
  readonly ball: Working;
  /** Seen between the lids, across. */
  readonly seen: Working;
  /** How deep the ball lies in its socket, and how wide that is. */
  readonly depth: Working;
  readonly socket: Working;
  /** Between the middles of both, from the front; null in a relief. */
  readonly between: Working | null;
  /** From the tip of the head along it. */
  readonly fromTip: Working;
  readonly upperLid: Working;
  readonly lowerLid: Working;
  readonly pupil: Working | null;
  readonly catchLight: Working;
  /** Places of the further pairs of an animal with many eyes. */
  readonly others: readonly Working[];
}

/** Everything made apart. */
export interface FittingsPlan extends StageResult {
  readonly fittings: readonly Fitting[];
  readonly bodyParts: readonly BodyPart[];
  readonly eyes: EyePlan | null;
}
