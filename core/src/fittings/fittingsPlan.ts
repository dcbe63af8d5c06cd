import type { StageResult } from '../piece/stageResult.ts';
import type { Working } from '../piece/working.ts';
import type { FittingKind } from './fittingKinds.ts';

/** A part that is made apart and set in. */
export interface Fitting {
  readonly id: string;
  readonly name: string;
  readonly kind: FittingKind;
  /** The bone that it sits on, or the left one of two. */
  readonly boneId: string;
  readonly count: number;
  /** To make more than are needed: small parts break and roll away. */
  readonly spare: number;
  /** In life, with its usual range. */
  readonly life: Working;
  /** On the model, along its curve, or across a ball. */
  readonly length: Working;
  /** At its base; null for a ball. */
  readonly thick: Working | null;
  /** Straight from base to tip, and the height of the curve over that; null where it is straight. */
  readonly chord: Working | null;
  readonly sagitta: Working | null;
  /** Length over thickness; null for a ball. */
  readonly slender: Working | null;
  /** Of all with the spares; null for what is not of clay, or too thin for it. */
  readonly grams: Working | null;
  /** Whether a wire goes inside, and why or why not. */
  readonly wired: boolean;
  readonly why: string;
  /** It grows on the armature and is not set in. */
  readonly onArmature: boolean;
  /** What it is of where it is not of clay. */
  readonly isClay: boolean;
  /** For eyes: the size to buy, and how much larger half a millimetre more looks. */
  readonly sold: Working | null;
  readonly larger: Working | null;
}

/** Everything made apart. */
export interface FittingsPlan extends StageResult {
  readonly fittings: readonly Fitting[];
}
