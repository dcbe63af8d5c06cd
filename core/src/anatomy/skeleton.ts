import type { Vec3 } from '../geometry/vec3.ts';
import { mirrored, ORIGIN, unit } from '../geometry/vec3.ts';
import type { Provenance } from '../piece/provenance.ts';
import type { Animal, Flesh } from './animal.ts';
import type { BodyPlan, BoneSpec } from './bodyPlan.ts';

/** A bone with its life length: the plan's, the animal's or the user's, and where it comes from. */
export interface Bone extends BoneSpec {
  readonly lifeLengthMm: number;
  readonly range: readonly [number, number];
  readonly provenance: Provenance;
  readonly flesh: readonly Flesh[];
}

/** The one measured skeleton, at life size, in the rest stance. Parents stand before children. */
export interface Skeleton {
  readonly plan: BodyPlan;
  readonly animal: Animal;
  readonly bones: readonly Bone[];
  readonly byId: ReadonlyMap<string, Bone>;
}

/** A length the user put in place of the library's. */
export interface OwnLength {
  readonly mm: number;
  readonly provenance: Provenance;
}

/**
 * Builds the life-size skeleton: the animal's lengths with the user's in their place. Throws only
 * where plan and animal do not fit each other, which the registry's tests exclude.
 */
export function buildSkeleton(
  plan: BodyPlan,
  animal: Animal,
  own: Readonly<Record<string, OwnLength>> = {},
): Skeleton {
  const bones = plan.bones.map((spec): Bone => {
    const library = animal.lengths[spec.key];
    if (library === undefined) throw new Error(`${animal.id} has no length for ${spec.key}`);
    const { mm, provenance } = own[spec.key] ?? library;
    const drawn = animal.rest?.[spec.key];
    const sideways = spec.side === 'right' ? mirrored : (v: Vec3): Vec3 => v;
    return {
      ...spec,
      rest: drawn === undefined ? spec.rest : sideways(unit(drawn)),
      lifeLengthMm: mm,
      range: library.range,
      provenance,
      flesh: (animal.flesh[spec.key] ?? []).map((one) => mirrorFlesh(one, sideways)),
    };
  });
  return { plan, animal, bones, byId: new Map(bones.map((bone) => [bone.id, bone])) };
}

function mirrorFlesh(flesh: Flesh, sideways: (v: Vec3) => Vec3): Flesh {
  if ('radii' in flesh) return { ...flesh, offset: sideways(flesh.offset ?? ORIGIN) };
  return {
    ...flesh,
    offsetFrom: sideways(flesh.offsetFrom ?? ORIGIN),
    offsetTo: sideways(flesh.offsetTo ?? ORIGIN),
  };
}
