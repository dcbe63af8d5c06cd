import { type Vec3 } from '../geometry/vec3.ts';

/** The turns of a wire round the spine, where they lie on the posed model. mm. */
export interface Winding {
  readonly turns: number;
  /** From the axis of the spine to that of the wire: half of both diameters. */
  readonly radiusMm: number;
  /** From turn to turn: the wires touch. */
  readonly pitchMm: number;
  /** Wire in all turns, along its centre. */
  readonly lengthMm: number;
  /** Where it comes onto the spine and where it leaves it, both on its upper side. */
  readonly enter: Vec3;
  readonly leave: Vec3;
  /** Its direction at both. */
  readonly tangent: Vec3;
}
