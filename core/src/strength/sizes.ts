import type { Workpiece } from '../workshop/workpiece.ts';
import { metalsOf, type Metal } from '../wire/metals.ts';
import type { PlannedWire } from '../wire/plannedWire.ts';
import { ropeDiameterMm } from '../wire/twist.ts';
import type { WiredJoint } from './wiredJoint.ts';
import { diameterForMoment } from '../wire/sections.ts';

/** A wire is thick enough when it yields at this many times its load as posed: common practice. */
export const WANTED_FACTOR = 1.5;

/** The thinnest wire that holds, the thickest that the clay covers, and what would help. */
export interface WireSizes {
  readonly leastMm: number;
  /** The joint that asks for it. */
  readonly at: WiredJoint | undefined;
  readonly mostMm: number;
  /** Thickness of the wire where its cover is thinnest, mm, and the same in diameters of it. */
  readonly there: { readonly ropeMm: number; readonly inWires: number };
  /** A metal of which a wire that fits would hold; undefined where there is none. */
  readonly stiffer: Metal | undefined;
  /** Strands of this wire that would hold. */
  readonly strands: number;
}

/** The thinnest wire of a metal that holds at a joint, mm. */
export const neededMm = (joint: WiredJoint, metal: Metal): number =>
  diameterForMoment(
    Math.max(WANTED_FACTOR * joint.load.stanceNmm, joint.isTrunk ? 0 : joint.load.handlingNmm),
    metal.yieldMPa[2],
    joint.strands,
  );

/** Sizes of one wire, as one diameter all along. mm. */
export function wireSizes(
  wire: PlannedWire,
  joints: readonly WiredJoint[],
  ownMetals: Workpiece['wire']['ownMetals'],
): WireSizes {
  const own = joints.filter((joint) => joint.wire.id === wire.id);
  const at = own.reduce<WiredJoint | undefined>(
    (worst, wiredJoint) =>
      worst === undefined || neededMm(wiredJoint, wiredJoint.metal) > neededMm(worst, worst.metal)
        ? wiredJoint
        : worst,
    undefined,
  );
  const leastMm = at === undefined ? 0 : neededMm(at, at.metal);
  // The cover is that of the rope where there are several strands.
  const ropeMm = wire.cover.inputs.find(({ symbol }) => symbol === 'd')?.value ?? wire.diameterMm;
  const strandsThere = ropeMm > wire.diameterMm + 1e-9 ? wire.strands : 1;
  const inWires = ropeDiameterMm(strandsThere, 1);
  const mostMm = Math.max(0, (ropeMm + wire.spareMm) / inWires);
  const stiffer = metalsOf(ownMetals).find(
    (metal) => at !== undefined && metal.id !== wire.metal && neededMm(at, metal) <= mostMm,
  );
  return {
    leastMm,
    at,
    mostMm,
    there: { ropeMm, inWires },
    stiffer,
    strands: at === undefined ? 1 : Math.ceil(at.strands * (leastMm / wire.diameterMm) ** 3),
  };
}
