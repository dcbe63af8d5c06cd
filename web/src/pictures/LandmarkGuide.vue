<script setup lang="ts">
import * as say from './words.ts';
import { boneEnds, landmarkDrawing, type Picture } from '@keen-sinew/core';
import { computed, nextTick, ref, watch } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceRow from '../kit/ChoiceRow.vue';
import SwitchField from '../kit/SwitchField.vue';
import SheetBoard from '../sheet/SheetBoard.vue';
import LandmarkFiles from './LandmarkFiles.vue';
import type { PictureDesk, SideWanted } from './usePictureDesk.ts';

/** Landmarks one after the other: which is next, where it is, what it is used for, and the list. */
const props = defineProps<{ desk: PictureDesk; picture: Picture }>();
const { plan } = usePiecePlan();
const skeleton = computed(() => plan.value.measure.skeleton);
const current = computed(() => props.desk.current.value);
const drawing = computed(() => current.value && landmarkDrawing(skeleton.value, current.value));
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
</script>

<template>
  <ChoiceRow
    :label="say.sidesToPlace"
    :value="desk.sides.value"
    :options="SIDES"
    @set="desk.setSides($event as SideWanted)"
  />
  <div v-if="current && drawing" class="guide" aria-live="polite">
    <div class="where">
      <SheetBoard
        still
        :rows="[[{ ...drawing, title: '' }]]"
        :target="null"
        :label="say.whereItIs(current.name)"
      />
    </div>
    <p class="next">
      {{ desk.isPlaced(current.id) ? say.placed : say.clickOn }}: <b>{{ current.name }}</b>
    </p>
    <p class="acts">
      <ActionButton v-if="!desk.isPlaced(current.id)" @click="desk.skip()">
        {{ say.skipIt }}
      </ActionButton>
      <ActionButton v-else @click="desk.erase()">
        {{ say.takeAway }}
      </ActionButton>
      <ActionButton @click="desk.goNext()">{{ say.next }}</ActionButton>
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
      <ActionButton
        kind="row"
        :class="[entry.side, { placed: desk.isPlaced(entry.id) }]"
        :aria-current="entry.id === current?.id ? 'true' : undefined"
        @click="desk.choose(entry.id)"
      >
        <span>{{ entry.name }}</span>
        <small>
          {{ useOf(entry.id) }}{{ clicksOf(entry.id) > 1 ? say.clicks(clicksOf(entry.id)) : '' }}
        </small>
      </ActionButton>
    </li>
  </ol>
  <LandmarkFiles :desk="desk" :picture="picture" />
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
  border-left: 4px solid transparent;
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
small {
  color: var(--soft);
  font-size: 12.5px;
  text-align: right;
}
</style>
