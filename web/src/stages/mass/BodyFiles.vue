<script setup lang="ts">
import * as say from './words.ts';
import {
  eyeballs,
  glbOf,
  joinedMeshes,
  skinApart,
  stlOf,
  type TriangleMesh,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { downloadBlob } from '../../files/download.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import { useBodyMeshes } from './useBodyMeshes.ts';

/** Body and core as files for printers and other programs, at model size in millimetres. */
const { piece, plan, work } = usePiecePlan();
const lastShape = computed(() => work.shape.answer.value?.value ?? null);
const bodyMeshes = useBodyMeshes();
/** Only the meshes of what is shown now. */
const meshes = computed(() =>
  plan.value.mass?.shape && lastShape.value === plan.value.mass.shape.shape
    ? bodyMeshes.value
    : null,
);
const hasCore = computed(() => (meshes.value?.core.indices.length ?? 0) > 0);
/** Claws, tines and plumes as they stand out of this skin. */
const apart = computed(() => plan.value.surface?.apart ?? []);
const COLOURS = {
  skin: [0.8, 0.72, 0.57],
  core: [0.67, 0.7, 0.71],
  horn: [0.45, 0.38, 0.3],
  eye: [0.1, 0.09, 0.08],
} as const;
const eyes = computed(() => eyeballs(plan.value.stance.posed));
/** The skin with its horns by themselves, where it is the finished form's. */
const parted = computed(() => {
  const { surface, stance } = plan.value;
  const skin = meshes.value?.skin;
  return surface !== null && skin === surface.skin.mesh
    ? skinApart(surface.skin, stance.posed, (key) => key.startsWith('horn'))
    : null;
});

/** The three parts of a colour like #8d765b, 0 to 1. */
const rgbOf = (hex: string): readonly [number, number, number] => {
  const part = (at: number): number => Number.parseInt(hex.slice(at, at + 2), 16) / 255;
  return [part(1), part(3), part(5)];
};

function saveStl(mesh: TriangleMesh, what: string): void {
  const bytes = stlOf(mesh, `${piece.value.name}, ${what}`);
  downloadBlob(
    `${piece.value.id}-${what}.stl`,
    new Blob([bytes as BlobPart], { type: 'model/stl' }),
  );
}
function saveGlb(): void {
  if (meshes.value === null) return;
  const bytes = glbOf(
    [
      { name: 'body', mesh: parted.value?.rest ?? meshes.value.skin, colour: COLOURS.skin },
      ...(parted.value !== null && parted.value.taken.indices.length > 0
        ? [{ name: 'horns', mesh: parted.value.taken, colour: COLOURS.horn }]
        : []),
      ...eyes.value.map((mesh, i) => ({ name: say.eyeNumber(i + 1), mesh, colour: COLOURS.eye })),
      { name: say.finsAndMembranes, mesh: meshes.value.plates, colour: COLOURS.skin },
      ...apart.value.map((mesh, i) => ({
        ...{ name: say.standsOut(i + 1), mesh },
        colour: mesh.hex === undefined ? COLOURS.skin : rgbOf(mesh.hex),
      })),
      { name: 'core', mesh: meshes.value.core, colour: COLOURS.core },
    ],
    piece.value.name,
  );
  downloadBlob(
    `${piece.value.id}.glb`,
    new Blob([bytes as BlobPart], { type: 'model/gltf-binary' }),
  );
}
</script>

<template>
  <HintText v-if="meshes === null">{{ say.meshesAreBeingWorked }}</HintText>
  <p v-else class="ways">
    <ActionButton @click="saveStl(joinedMeshes([meshes.skin, meshes.plates, ...apart]), 'body')">
      {{ say.bodyStl }}
    </ActionButton>
    <ActionButton v-if="eyes.length > 0" @click="saveStl(joinedMeshes(eyes), 'eyes')">
      {{ say.eyesStl }}
    </ActionButton>
    <ActionButton v-if="hasCore" @click="saveStl(meshes.core, 'core')">
      {{ say.coreStl }}
    </ActionButton>
    <ActionButton @click="saveGlb">{{ say.bothGltf }}</ActionButton>
  </p>
  <HintText>
    {{ say.closedSurfacesAtModels }}
  </HintText>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  margin: 4px;
}
</style>
