import type { MetalId } from '../piece/metalIds.ts';
import type { Snag } from '../piece/snag.ts';
import type { Working } from '../piece/working.ts';
import type { BendSchedule } from './bendSchedule.ts';
import type { Forming } from './formingBend.ts';
import type { Route } from './routes.ts';

/** A length of wire that is no bend: turns round the spine. It shifts the marks behind it. */
export interface WireFeature {
  readonly name: string;
  /** Number of the bend after which it is made (0 before the first). */
  readonly afterBend: number;
  readonly atMm: number;
  readonly lengthMm: number;
}

/** One bend as the bench needs it. Marks are from the named end. */
export interface PlannedBend {
  readonly number: number;
  /** The joint it lies at, in words. */
  readonly place: string;
  /** Index of the route point. */
  readonly routePoint: number;
  /** Straight wire from the last bend (or the end) to this mark, mm. */
  readonly feed: Working;
  readonly mark: Working;
  readonly turn: Working;
  readonly angle: Working;
  /** Undefined where the wire would spring back wholly. */
  readonly bendTo: Working | undefined;
}

/** One wire of the armature, from its named end. */
export interface PlannedWire {
  readonly id: string;
  /** The spine; a pair of limbs wound round it; a straight rod lashed to it. */
  readonly kind: 'spine' | 'limbs' | 'rod';
  readonly name: string;
  /** The end marks are measured from: "tail end", "left hind foot". */
  readonly namedEnd: string;
  readonly metal: MetalId;
  readonly metalName: string;
  readonly diameterMm: number;
  readonly sizeText: string;
  readonly strands: number;
  readonly route: Route;
  readonly schedule: BendSchedule;
  readonly forming: Forming | undefined;
  readonly features: readonly WireFeature[];
  /** Every length that goes into the cut, each with its working; their sum is `cut`. */
  readonly lines: readonly Working[];
  readonly cut: Working;
  /** Shorter strands twisted onto the long one, if any. */
  readonly shortStrands: {
    readonly count: number;
    readonly cut: Working;
    readonly lines: readonly Working[];
  } | null;
  readonly bends: readonly PlannedBend[];
  readonly cover: Working;
  readonly snags: readonly Snag[];
}
