import type { Vec3 } from '../geometry/vec3.ts';

/** A wire as a section needs it. */
export interface WireLine {
  readonly id: string;
  readonly diameterMm: number;
  readonly points: readonly Vec3[];
}

/** The wires of an armature as lines, for sections. */
export const wireLines = (
  wires: readonly {
    readonly id: string;
    readonly diameterMm: number;
    readonly laid: readonly Vec3[];
  }[],
): readonly WireLine[] =>
  wires.map(({ id, diameterMm, laid }) => ({ id, diameterMm, points: laid }));
