<script setup lang="ts">
import * as say from './words.ts';
import {
  landmarksCsv,
  landmarksOf,
  landmarksTps,
  problemSentence,
  readLandmarks,
  type Picture,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { downloadText } from '../files/download.ts';
import { textOf } from '../files/textOf.ts';
import ActionButton from '../kit/ActionButton.vue';
import { FilePicker } from '../kit/heavy.ts';
import HintText from '../kit/HintText.vue';
import type { PictureDesk } from './usePictureDesk.ts';

/** Landmarks out to a file of shapes or a table, and in from either. */
const props = defineProps<{ desk: PictureDesk; picture: Picture }>();
const { piece, plan } = usePiecePlan();
const skeleton = computed(() => plan.value.measure.skeleton);
const problem = ref<string | null>(null);

async function readFile([chosen]: readonly File[]): Promise<void> {
  if (chosen === undefined) return;
  const text = await textOf(chosen);
  const read = text.ok
    ? readLandmarks(chosen.name, text.value, props.picture, landmarksOf(skeleton.value))
    : text;
  problem.value = read.ok ? null : problemSentence(read.problem);
  if (read.ok)
    props.desk.put(say.takeLandmarksFrom(chosen.name), (of) => ({
      landmarks: {
        ...of.landmarks,
        ...Object.fromEntries(
          Object.entries(read.value).map(([id, [u, v]]) => [id, [[u, v] as [number, number]]]),
        ),
      },
    }));
}
const stem = computed(() => `${piece.value.id}-${props.picture.id}`);
const writeTps = (): void =>
  downloadText(
    `${stem.value}.tps`,
    landmarksTps(props.picture, landmarksOf(skeleton.value), skeleton.value),
    'text/plain',
  );
const writeCsv = (): void =>
  downloadText(
    `${piece.value.id}-landmarks.csv`,
    landmarksCsv(piece.value.references.pictures, landmarksOf(skeleton.value)),
    'text/csv',
  );
</script>

<template>
  <p class="acts">
    <ActionButton @click="writeTps">{{ say.saveAsTps }}</ActionButton>
    <ActionButton @click="writeCsv">{{ say.allAsCsv }}</ActionButton>
    <FilePicker :label="say.landmarkFile" accept=".tps,.csv,text/plain,text/csv" @take="readFile">
      {{ say.readTpsOrCsv }}
    </FilePicker>
  </p>
  <HintText v-if="problem" alarm>{{ problem }}</HintText>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 6px;
  margin: 2px 0 4px;
}
</style>
