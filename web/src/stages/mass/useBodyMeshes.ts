import type { ShapeMeshes } from '@keen-sinew/core';
import { computed, type ComputedRef } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';

/**
 * The meshes of the last shape that was worked out; its skin is the surface that the drawings are made of, as
 * soon as that is finely known, so that what is turned, saved and printed is one.
 */
export function useBodyMeshes(): ComputedRef<ShapeMeshes | null> {
  const { plan, work } = usePiecePlan();
  return computed(() => {
    const meshes = work.shape.answer.value?.value.meshes ?? null;
    const isFine = work.surface.answer.value?.fine === true;
    const skin = isFine ? plan.value.surface?.skin.mesh : undefined;
    if (meshes === null || skin === undefined || skin.indices.length === 0) return meshes;
    // Where no fibre is stuck on, skin and clay are one surface.
    return { ...meshes, skin, clay: meshes.clay === meshes.skin ? skin : meshes.clay };
  });
}
