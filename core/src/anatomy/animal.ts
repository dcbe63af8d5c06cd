import type { Vec3 } from '../geometry/vec3.ts';
import type { Provenance } from '../piece/provenance.ts';

/** A life length with its usual range and where it comes from, in mm. */
export interface LifeLength {
  readonly mm: number;
  readonly range: readonly [number, number];
  readonly provenance: Provenance;
}

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

/** An animal: numbers on a body plan, each with its provenance. */
export interface Animal {
  readonly id: string;
  readonly name: string;
  readonly latin: string;
  readonly planId: string;
  /** Life lengths by bone key; left and right share one. */
  readonly lengths: Readonly<Record<string, LifeLength>>;
  /** Rest directions that differ from the plan's, by bone key, left side; made unit when used. */
  readonly rest?: Readonly<Record<string, Vec3>>;
  readonly flesh: Readonly<Record<string, readonly FleshCone[]>>;
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
