import type { Thing } from './shapeSchema.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { monotoneCubic } from '../geometry/monotoneCubic.ts';
import { aboutAxis, turn } from '../geometry/quat.ts';
import { mirrored, unit, Z_AXIS } from '../geometry/vec3.ts';
import type { Provenance } from './provenance.ts';
import type { Animal, Flesh } from './animal.ts';
import { toRad } from '../units/angles.ts';
import type { BodyPlan, BoneSpec, DegreeOfFreedom, FreedomName, Joint } from './bodyPlan.ts';
import { planFor } from './planFor.ts';
import { girthAlong, pointBy } from './sizing.ts';

/** A bone with its life length: the plan's, the animal's or the user's, and where it comes from. */
export interface Bone extends BoneSpec {
  readonly lifeLengthMm: number;
  readonly range: readonly [number, number];
  readonly provenance: Provenance;
  /** How sure a length of the user's is, with 95 %; null where nobody said. */
  readonly plusMinusMm: number | null;
  /** The day on which it was taken over; null for the library's. */
  readonly takenOn: string | null;
  readonly flesh: readonly Flesh[];
}

/** The one measured skeleton, at life size, in the rest stance. Parents stand before children. */
export interface Skeleton {
  /** The plan as this animal has it. */
  readonly plan: BodyPlan;
  readonly animal: Animal;
  readonly bones: readonly Bone[];
  readonly byId: ReadonlyMap<string, Bone>;
  /** Bulk of muscles by id where the user changed it, a factor on the volume. */
  readonly bulk: Readonly<Record<string, number>>;
  /** Things of the user's own on its skin. */
  readonly things: readonly Thing[];
}

/** A length the user put in place of the library's. */
export interface OwnLength {
  readonly mm: number;
  readonly provenance: Provenance;
  readonly plusMinusMm?: number | null;
  readonly on?: string | null;
}

/**
 * Builds the life-size skeleton: the animal's lengths with the user's in their place. Throws only
 * where plan and animal do not fit each other, which the registry's tests exclude.
 */
export function buildSkeleton(
  general: BodyPlan,
  animal: Animal,
  own: Readonly<Record<string, OwnLength>> = {},
): Skeleton {
  const plan = planFor(general, animal);
  const bones = plan.bones.map((spec): Bone => {
    const library = animal.lengths[spec.key];
    if (library === undefined) throw new Error(`${animal.id} has no length for ${spec.key}`);
    const { mm, provenance } = own[spec.key] ?? library;
    const drawn = animal.rest?.[spec.key];
    const sideways = spec.side === 'right' ? mirrored : (v: Vec3): Vec3 => v;
    return {
      ...spec,
      at: animal.seats?.[spec.key] ?? spec.at,
      joint: turnedJoint(spec.joint, turnOf(plan, animal, spec.key)),
      rest: drawn === undefined ? spec.rest : sideways(unit(drawn)),
      lifeLengthMm: mm,
      range: library.range,
      provenance,
      plusMinusMm: own[spec.key]?.plusMinusMm ?? null,
      takenOn: own[spec.key]?.on ?? null,
      flesh: (animal.flesh[spec.key] ?? []).map((flesh) =>
        mirrorFlesh(fleshOfLink(plan, animal, spec, flesh), sideways),
      ),
    };
  });
  const byId = new Map(bones.map((bone) => [bone.id, bone]));
  return { plan, animal, bones, byId, bulk: {}, things: [] };
}

const turnOf = (plan: BodyPlan, animal: Animal, key: string): number =>
  animal.axesTurnedDeg?.[plan.parts.find((part) => part.keys.includes(key))?.id ?? ''] ?? 0;

/** The axes of a joint turned about z by degrees; this is the same on both sides. */
export function turnedJoint(joint: Joint, deg: number): Joint {
  if (deg === 0) return joint;
  const q = aboutAxis(Z_AXIS, toRad(deg));
  const freedoms = Object.fromEntries(
    (Object.entries(joint.freedoms) as [FreedomName, DegreeOfFreedom][]).map(([name, freedom]) => [
      name,
      { ...freedom, axis: turn(q, freedom.axis) },
    ]),
  );
  return { ...joint, freedoms };
}

/** The flesh of one link of many: as thick as the column is there. */
function fleshOfLink(plan: BodyPlan, { linkGirths }: Animal, { id, key }: BoneSpec, flesh: Flesh) {
  const girths = linkGirths?.[key];
  if (girths === undefined) return flesh;
  const links = plan.bones.filter((bone) => bone.key === key);
  const girth = monotoneCubic(
    girths.map((_, i) => i / (girths.length - 1)),
    girths,
  );
  const link = links.findIndex((bone) => bone.id === id);
  return girthAlong(flesh, (at) => girth((link + at) / links.length));
}

function mirrorFlesh(flesh: Flesh, sideways: (v: Vec3) => Vec3): Flesh {
  if ('sleeve' in flesh) {
    const [, , left] = sideways(Z_AXIS);
    const stations = flesh.stations.map((station) =>
      station.side === undefined || left > 0 ? station : { ...station, side: -station.side },
    );
    return { ...flesh, stations };
  }
  return { ...flesh, points: flesh.points.map((point) => pointBy(point, 1, sideways)) };
}
