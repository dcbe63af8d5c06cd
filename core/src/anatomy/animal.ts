import type { Vec3 } from '../geometry/vec3.ts';
import type { CoatZone, RoughSize } from './coat.ts';

/**
 * Flesh on part of a bone as a round cone, life mm. `from` and `to` are fractions of the bone (they
 * may lie outside 0 to 1); the offsets move the centres off the bone, in the rest stance's axes
 * (left side), so that a belly hangs below its column.
 */
export interface FleshCone {
  readonly from: number;
  readonly to: number;
  readonly radiusFrom: number;
  readonly radiusTo: number;
  readonly offsetFrom?: Vec3;
  readonly offsetTo?: Vec3;
}

/**
 * Flesh as an ellipsoid section, life mm: a chest that is deeper than wide, a flat skull. Its centre
 * lies at a fraction of the bone, moved off it by the offset (rest stance's axes, left side); its
 * half lengths run along the bone, towards the back, and to the side.
 */
export interface FleshEllipsoid {
  readonly at: number;
  readonly radii: Vec3;
  readonly offset?: Vec3;
}

export type Flesh = FleshCone | FleshEllipsoid;

/** An animal: numbers on a body plan, each with its provenance. */
export interface Animal {
  readonly id: string;
  readonly name: string;
  readonly latin: string;
  readonly planId: string;
  /** Life lengths by bone key; left and right share one. */
  readonly lengths: Readonly<Record<string, RoughSize>>;
  /** Rest directions that differ from the plan's, by bone key, left side; made unit when used. */
  readonly rest?: Readonly<Record<string, Vec3>>;
  readonly flesh: Readonly<Record<string, readonly Flesh[]>>;
  /** The coat, zone by zone; every patch of skin belongs to one. */
  readonly coat: readonly CoatZone[];
  /** Diameter of the eyeball in life. */
  readonly eye: RoughSize;
  /** Cross-checks that must follow from the bones: published or remembered whole-body ranges. */
  readonly ranges: {
    readonly massKg: readonly [number, number];
    readonly shoulderHeightMm: readonly [number, number];
    readonly headBodyMm: readonly [number, number];
    readonly tailMm: readonly [number, number];
  };
  /** What makers most often get wrong about this animal. */
  readonly commonMistake: string;
}
