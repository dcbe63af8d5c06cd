import type { Vec3 } from '../../../geometry/vec3.ts';
import type { BonySpec, MuscleBelly, MuscleSpec, SizeSpec } from '../../bodyPlan.ts';

/** A length along bones in a line. */
export const chain = (
  id: string,
  name: string,
  bones: readonly string[],
  measured: string,
): SizeSpec => ({ id, name, kind: 'chain', bones, measured });

/** A height of the skin over the start of a bone, standing. */
export const heightOver = (id: string, name: string, bone: string, measured: string): SizeSpec => ({
  id,
  name,
  kind: 'height',
  bone,
  measured,
});

/** A distance from a left end to its right image, in a stance. */
export const span = (
  id: string,
  name: string,
  stance: string,
  bonesLeft: readonly string[],
  measured: string,
): SizeSpec => ({ id, name, kind: 'span', stance, bonesLeft, measured });

/** A muscle from a place on one bone to a place on another, and what it does to the form. */
export const muscle = (
  id: string,
  name: string,
  [from, fromAt]: readonly [bone: string, at: number],
  [to, toAt]: readonly [bone: string, at: number],
  belly: MuscleBelly,
  form: string,
): MuscleSpec => ({
  id,
  name,
  origin: { bone: from, at: fromAt },
  insertion: { bone: to, at: toAt },
  belly,
  form,
});

/** Where a muscle's belly lies: which way, how thick, how much wider, and in which layer. */
export const belly = (
  lies: Vec3,
  thick: number,
  wide: number,
  layer: MuscleBelly['layer'],
): MuscleBelly => ({ lies, thick, wide, layer });

/** A place where skin lies on bone, and which way out it is seen. */
export const bonyLandmarks = (
  id: string,
  name: string,
  [bone, at]: readonly [bone: string, at: number],
  out: Vec3,
): BonySpec => ({ id, name, bone, at, out });
