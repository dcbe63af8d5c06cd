<script setup lang="ts">
import * as say from './words.ts';
import {
  boneEnds,
  landmarkDrawing,
  landmarksCsv,
  landmarksOf,
  landmarksTps,
  problemSentence,
  readLandmarks,
  type Picture,
} from '@keen-sinew/core';
import { computed, nextTick, ref, watch } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import PickRow from '../controls/PickRow.vue';
import SwitchField from '../controls/SwitchField.vue';
import { downloadText } from '../files/download.ts';
import SheetBoard from '../sheet/SheetBoard.vue';
import type { PictureDesk, SideWanted } from './usePictureDesk.ts';

/** Landmarks one after the other: which is next, where it is, what it is used for, and the list. */
const props = defineProps<{ desk: PictureDesk; picture: Picture }>();
const { piece, plan } = usePiecePlan();
const skeleton = computed(() => plan.value.measure.skeleton);
const current = computed(() => props.desk.current.value);
const drawing = computed(() => current.value && landmarkDrawing(skeleton.value, current.value));
const problem = ref<string | null>(null);
const file = ref<HTMLInputElement | null>(null);
const list = ref<HTMLElement | null>(null);
const SIDES = [
  { label: say.bothSides, value: 'both' },
  { label: say.left, value: 'left' },
  { label: say.right, value: 'right' },
];
const placedCount = computed(
  () => props.desk.wanted.value.filter(({ id }) => props.desk.isPlaced(id)).length,
);

/** Bones that begin or end at a landmark: what it is placed for. */
function useOf(id: string): string {
  const bones = [...boneEnds(skeleton.value)]
    .filter(([, { start, end }]) => start === id || end === id)
    .map(([bone]) => skeleton.value.byId.get(bone)!.plainName);
  return bones.length === 0 ? say.orientationOnly : bones.join(', ').toLowerCase();
}
const clicksOf = (id: string): number => props.picture.landmarks[id]?.length ?? 0;

watch(
  () => current.value?.id,
  (id) =>
    void nextTick(() =>
      list.value?.querySelector(`[data-landmark="${id ?? ''}"]`)?.scrollIntoView?.({
        block: 'nearest',
      }),
    ),
);

async function readFile(): Promise<void> {
  const chosen = file.value?.files?.[0];
  if (chosen === undefined) return;
  const read = readLandmarks(
    chosen.name,
    await chosen.text(),
    props.picture,
    landmarksOf(skeleton.value),
  );
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
  file.value!.value = '';
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
  <PickRow
    :label="say.sidesToPlace"
    :value="desk.sides.value"
    :options="SIDES"
    @set="desk.setSides($event as SideWanted)"
  />
  <div v-if="current && drawing" class="guide" aria-live="polite">
    <div class="where">
      <SheetBoard
        :rows="[[{ ...drawing, title: '' }]]"
        :target="null"
        :label="say.whereItIs(current.name)"
      />
    </div>
    <p class="next">
      {{ desk.isPlaced(current.id) ? say.placed : say.clickOn }}: <b>{{ current.name }}</b>
    </p>
    <p class="acts">
      <button
        v-if="!desk.isPlaced(current.id)"
        type="button"
        class="quiet-button"
        @click="desk.skip()"
      >
        {{ say.skipIt }}
      </button>
      <button v-else type="button" class="quiet-button" @click="desk.erase()">
        {{ say.takeAway }}
      </button>
      <button type="button" class="quiet-button" @click="desk.goNext()">{{ say.next }}</button>
      <label class="again">
        <SwitchField
          :label="say.clickAgainForMean"
          :value="desk.again.value"
          @set="desk.setAgain($event)"
        />
        {{ say.againForMean }}
      </label>
    </p>
  </div>
  <p v-else class="next">{{ say.everyLandmarkAskedFor }}</p>
  <p class="count">{{ say.ofPlaced(placedCount, desk.wanted.value.length) }}</p>
  <ol ref="list">
    <li v-for="entry in desk.wanted.value" :key="entry.id" :data-landmark="entry.id">
      <button
        type="button"
        :class="[entry.side, { placed: desk.isPlaced(entry.id) }]"
        :aria-current="entry.id === current?.id ? 'true' : undefined"
        @click="desk.choose(entry.id)"
      >
        <span>{{ entry.name }}</span>
        <small>
          {{ useOf(entry.id) }}{{ clicksOf(entry.id) > 1 ? say.clicks(clicksOf(entry.id)) : '' }}
        </small>
      </button>
    </li>
  </ol>
  <p class="acts">
    <button type="button" class="quiet-button" @click="writeTps">{{ say.saveAsTps }}</button>
    <button type="button" class="quiet-button" @click="writeCsv">{{ say.allAsCsv }}</button>
    <button type="button" class="quiet-button" @click="file?.click()">
      {{ say.readTpsOrCsv }}
    </button>
    <input
      ref="file"
      class="visually-hidden"
      type="file"
      tabindex="-1"
      :aria-label="say.landmarkFile"
      accept=".tps,.csv,text/plain,text/csv"
      @change="readFile"
    />
  </p>
  <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
</template>

<style scoped>
.guide {
  margin-top: 8px;
  border: 1px solid var(--line);
  background: var(--sheet);
  padding: 4px 8px 0;
}
.where {
  height: 104px;
  display: flex;
}
.next {
  margin: 4px 0 0;
  font-size: 16px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 6px;
  margin: 2px 0 4px;
}
.again {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 13.5px;
  margin-left: auto;
}
.count {
  margin: 8px 0 2px;
  font-size: 13.5px;
  color: var(--soft);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 260px;
  overflow-y: auto;
  border-block: 1px solid var(--line);
}
li button {
  width: 100%;
  display: flex;
  justify-content: space-between;
  gap: 8px;
  align-items: baseline;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--line);
  border-left: 4px solid transparent;
  padding: 3px 6px;
  cursor: pointer;
  font-size: 14px;
}
li .placed {
  border-left-color: var(--verdigris);
}
li .left.placed {
  border-left-color: var(--rust);
}
li .right.placed {
  border-left-color: var(--slate);
}
li button[aria-current='true'] {
  background: var(--verdigris-wash);
}
small {
  color: var(--soft);
  font-size: 12.5px;
  text-align: right;
}
.problem {
  margin: 0;
  color: var(--rust);
  font-size: 13.5px;
}
</style>
