import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import type { Vec3 } from '../geometry/vec3.ts';
import { settledStance } from '../posing/settledStance.ts';
import { skinSurface, type SkinSurface } from '../surface/skinSurface.ts';

/** An animal at life size in its usual stance, with its skin. */
export interface Form {
  readonly posed: PosedSkeleton;
  readonly skin: SkinSurface;
}

const CELLS = 40_000;

/** Stands an animal of the library up. */
export function formOf(id: string): Form {
  const animal = animalById(id)!;
  const skeleton = buildSkeleton(planById(animal.planId)!, animal);
  const presetId = animal.usualStance ?? skeleton.plan.stances[0]!.id;
  const posed = settledStance(skeleton, { presetId, anglesDeg: {}, lifted: null }, 1);
  return { posed, skin: skinSurface(posed, CELLS) };
}

/** From the least to the greatest x, y and z of the skin over some bones, by key. */
export function extent({ posed, skin }: Form, ...keys: readonly string[]): readonly [Vec3, Vec3] {
  const own = skin.parts.map(({ boneId }) => keys.includes(posedBone(posed, boneId).bone.key));
  const [low, high] = [
    [Infinity, Infinity, Infinity],
    [-Infinity, -Infinity, -Infinity],
  ] as [[number, number, number], [number, number, number]];
  skin.mesh.owner.forEach((part, i) => {
    if (!own[part]) return;
    for (const k of [0, 1, 2] as const) {
      const v = skin.mesh.positions[3 * i + k]!;
      low[k] = Math.min(low[k], v);
      high[k] = Math.max(high[k], v);
    }
  });
  if (!(low[0] < high[0])) throw new Error(`no skin lies on ${keys.join()}`);
  return [low, high];
}

/** How long, high or wide the skin over some bones is, mm. */
export const size = (form: Form, k: 0 | 1 | 2, ...keys: readonly string[]): number => {
  const [low, high] = extent(form, ...keys);
  return high[k] - low[k];
};
/** The greatest and the least height of the skin over some bones, mm. */
export const top = (form: Form, ...keys: readonly string[]): number => extent(form, ...keys)[1][1];
export const bottom = (form: Form, ...keys: readonly string[]): number =>
  extent(form, ...keys)[0][1];
export const startOf = ({ posed }: Form, id: string): Vec3 => posedBone(posed, id).start;
export const endOf = ({ posed }: Form, id: string): Vec3 => posedBone(posed, id).end;
/** Height of the withers over the ground, mm. */
export const withers = (form: Form): number => top(form, 'thoracic') - bottom(form, 'foreDigits');
