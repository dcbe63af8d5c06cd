import type { Side } from '../anatomy/bodyPlan.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { eachTriangle } from '../geometry/triangleMesh.ts';
import type { FormSurface } from '../surface/formSurface.ts';

/** A limb, or a part of the body on the midline. */
export interface Limb {
  readonly id: string;
  /** As the plan calls it. */
  readonly name: string;
  readonly side: Side;
}

/** Skin of a zone on one limb, mm² of the model. */
export interface LimbArea {
  readonly limb: Limb;
  /** Its place in the coat. */
  readonly zone: number;
  readonly mm2: number;
}

/** The skin of each zone by limb in a stance, without wings' blades: the triangles of the surface, each by its corners. */
export function limbAreas(surface: FormSurface, { plan, byId }: Skeleton): readonly LimbArea[] {
  const { mesh, parts, zone } = surface.skin;
  const limbs = parts.map(({ boneId }): Limb => {
    const bone = byId.get(boneId);
    const part = plan.parts.find(({ keys }) => keys.includes(bone?.key ?? ''));
    const side = bone?.side ?? 'mid';
    return { id: `${part?.id ?? 'body'}.${side}`, name: part?.name ?? plan.name, side };
  });
  const sums = new Map<string, LimbArea & { mm2: number }>();
  eachTriangle(mesh, (area, corners) => {
    for (const corner of corners) {
      const limb = limbs[mesh.owner[corner]!]!;
      const key = `${limb.id} ${zone[corner]!}`;
      const sum = sums.get(key);
      if (sum === undefined) sums.set(key, { limb, zone: zone[corner]!, mm2: area / 3 });
      else sum.mm2 += area / 3;
    }
  });
  return [...sums.values()];
}
