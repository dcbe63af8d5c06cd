import type { Workpiece } from '../workshop/workpiece.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import type { WireChoice } from '../piece/pieceSchema.ts';
import type { Working } from '../piece/working.ts';
import type { StancePlan } from '../stance/stancePlan.ts';
import { type BendSchedule } from './bendSchedule.ts';
import {
  type CarriedBone,
  type MoreStrands,
  type WireFeature,
  type WireKind,
} from './plannedWire.ts';
import type { RodKey } from '../piece/wireSchema.ts';
import type { DepthAt } from './clayDepth.ts';
import type { PegSeat } from './pegSeat.ts';
import type { Route } from './routes.ts';
import type { Winding } from './winding.ts';

/** What every wire of a piece is planned from. */
export interface WireSetting {
  readonly stance: StancePlan;
  readonly wire: Workpiece['wire'];
  readonly base: Workpiece['stance']['base'];
  /** Diameter of the finished trunk, round which the limb wires are wound, mm. */
  readonly ropeMm: number;
  /** The rod that the load asks for, mm. */
  readonly rodMm: number;
  /** What a peg goes into at a place along the animal, on ground of this height. */
  readonly seat: (x: number, groundMm: number) => PegSeat;
  /** How far it then reaches below that ground, mm. */
  readonly pegMm: (x: number, groundMm: number) => number;
  /** How deep a place lies under the clay, without the coat that is planted on it. */
  readonly clayDepth: DepthAt;
  /** What keeps the piece from turning about a rod of its own. */
  readonly rodKey: RodKey;
}

/** A wire before it has its letter: its way, and what it is made of. */
export interface WireDraft {
  readonly key: string;
  /** Under which its routes are kept, and which of them it is; its key and the first where not said. */
  readonly routeKey?: string;
  readonly part?: number;
  readonly kind: WireKind;
  readonly name: string;
  readonly namedEnd: string;
  readonly choice: WireChoice;
  readonly count?: number;
  readonly route: Route;
  readonly own?: boolean;
  /** Strands on each leg of the route; one everywhere where not said. */
  readonly strandsAt?: readonly number[];
  /** Thickness on each leg where other wires lie beside this one, mm; its own rope where not said. */
  readonly thickAt?: (leg: number) => number;
  /** Clay wanted over it, mm, where that is not the piece's usual cover. */
  readonly coverMm?: number;
  readonly through: readonly CarriedBone[];
  readonly otherEndOf?: string;
  /** The bones that it follows: they say how sure its length is. */
  readonly along: readonly Bone[];
  /** Its turns round the spine. */
  readonly winding?: Winding | null;
  readonly features?: (schedule: BendSchedule) => readonly WireFeature[];
  readonly lines: (id: string, schedule: BendSchedule) => readonly Working[];
  readonly more?: (id: string, schedule: BendSchedule) => readonly MoreStrands[];
}
