import * as say from './words.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import type { MetalId } from '../piece/metalIds.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import type { WireSize } from '../units/gauges.ts';
import type { BendSchedule } from './bendSchedule.ts';
import type { Forming } from './formingBend.ts';
import type { Route } from './routes.ts';

/**
 * A length of wire that is no bend, and shifts the marks behind it: an end that is bound to another
 * wire, turns round the spine, a coil.
 */
export interface WireFeature {
  readonly kind: 'end' | 'turns' | 'coil';
  /** As it stands behind "first": "2 turns round the spine at the hips". */
  readonly name: string;
  /** Number of the bend after which it is made (0 before the first). */
  readonly afterBend: number;
  readonly atMm: number;
  readonly lengthMm: number;
}

/** What the hand does for it: "wind twice round the spine at the hips". */
export const featureText = ({ kind, name }: WireFeature): string =>
  `${kind === 'end' ? 'leave' : 'wind'} ${name}`;

/** A length that is no straight of the schedule: the feed to the next bend is longer by it. */
export const addsToFeed = ({ kind }: WireFeature): boolean => kind !== 'turns';

/** One bend as the bench needs it. Marks are from the named end. */
export interface PlannedBend {
  readonly number: number;
  /** The joint it lies at, in words. */
  readonly place: string;
  /** Index of the route point. */
  readonly routePoint: number;
  /** Its corner on the posed model, mm. */
  readonly at: Vec3;
  /** Straight wire from the last bend (or the end) to this mark, mm. */
  readonly feed: Working;
  /** Where the arc begins: the jaw of the pliers. */
  readonly mark: Working;
  /** The middle of the arc: the thumb, or the corner of a former. */
  readonly middle: Working;
  readonly turn: Working;
  readonly angle: Working;
  /** Undefined where the wire would spring back wholly. */
  readonly bendTo: Working | undefined;
  readonly forming: Forming | undefined;
}

/** A bend of less than this is none for a hand: the wire is left straight there. Common practice. */
export const LEAST_BEND_DEG = 2;

/** Whether a bend is so small that the wire is left straight there. */
export const isStraight = ({ angle }: Pick<PlannedBend, 'angle'>): boolean =>
  angle.value < LEAST_BEND_DEG;

/** How often, in words: once, twice, 3 times. */
export const times = (count: number): string =>
  count === 1 ? 'once' : count === 2 ? 'twice' : say.times(count);

/** Strands of their own that are twisted onto a wire. */
export interface MoreStrands {
  readonly id: string;
  readonly name: string;
  /** Beside the wire that it is twisted with, which says the rest. */
  readonly shortName: string;
  readonly count: number;
  readonly cut: Working;
  readonly lines: readonly Working[];
}

/**
 * What a wire is. `spine`: along the column; `limbs`: a pair over the girdle; `limb`: the other end
 * of a folded wire; `rod`: stiff, from the base; `iron`: the one that carries all; `fine`: thin, in a
 * digit or an ear.
 */
export type WireKind = 'spine' | 'limbs' | 'limb' | 'rod' | 'iron' | 'fine';

/** A bone that a wire runs through, and with how many strands. */
export interface CarriedBone {
  readonly boneId: string;
  readonly strands: number;
}

/** One wire of the armature, from its named end. */
export interface PlannedWire {
  readonly id: string;
  /** What it is whatever its letter: "spine", "limbs:hind-legs", "fine:ear.L". */
  readonly key: string;
  /** Under which its routes are kept, and which of them it is, from 0. */
  readonly routeKey: string;
  readonly part: number;
  readonly kind: WireKind;
  readonly name: string;
  /** The end marks are measured from: "tail end", "left hind foot". */
  readonly namedEnd: string;
  readonly metal: MetalId;
  readonly metalName: string;
  readonly densityKgM3: number;
  readonly diameterMm: number;
  readonly size: WireSize;
  readonly sizeText: string;
  readonly strands: number;
  /** How many such wires are cut: one a toe. */
  readonly count: number;
  readonly route: Route;
  /** Its way as it is laid, mm: the route, with the turns round the spine where they are. */
  readonly laid: readonly Vec3[];
  /** Strands on each leg of the route, this wire's and those twisted with it. */
  readonly strandsAt: readonly number[];
  readonly through: readonly CarriedBone[];
  /** The wire of which this is the other end, bent from there; it is not cut again. */
  readonly otherEndOf: string | null;
  /** Whether the user drew its route. */
  readonly own: boolean;
  readonly schedule: BendSchedule;
  readonly forming: Forming | undefined;
  readonly features: readonly WireFeature[];
  /** Every length that goes into the cut, each with its working; their sum is `cut`. */
  readonly lines: readonly Working[];
  readonly cut: Working;
  /** Shorter strands twisted onto the long one, if any. */
  readonly moreStrands: readonly MoreStrands[];
  readonly bends: readonly PlannedBend[];
  /** How far its far end is off when it is bent without the over-bend; undefined where it has no bend. */
  readonly leftOut: Working | undefined;
  readonly cover: Working;
  /** Clay wanted over it, mm. */
  readonly coverWantedMm: number;
  /** How much thicker it could be with the clay wanted over it, mm; below 0 it is too thick. */
  readonly spareMm: number;
  readonly snags: readonly Snag[];
}
