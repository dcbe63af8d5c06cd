<script setup lang="ts">
import * as say from './words.ts';
import { tracedShape, type Picture } from '@keen-sinew/core';
import { ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import type { PictureDesk } from './usePictureDesk.ts';

/** The outline of the animal on a picture, and the sections of its body that follow from it. */
const props = defineProps<{ picture: Picture; desk: PictureDesk }>();
const { plan, change } = usePiecePlan();
const told = ref('');

function takeOver(): void {
  const { librarySkeleton } = plan.value.measure;
  const traced = tracedShape(librarySkeleton, plan.value.piece.measure.shape, props.picture);
  if (traced.problem !== null) {
    told.value = traced.problem;
    return;
  }
  change(say.takeShapeFromOutline, (p) => ({
    ...p,
    measure: { ...p.measure, shape: traced.shape },
  }));
  const what = props.picture.view === 'side' ? 'depth' : 'width';
  told.value = say.sectionsTookTheirFrom(
    traced.sections,
    what,
    traced.bones.join(', ').toLowerCase(),
  );
}
const back = (): void =>
  props.desk.put(say.takeBackPointOf, ({ outline }) => ({
    outline: outline.slice(0, -1),
  }));
const clear = (): void => props.desk.put(say.clearOutline, () => ({ outline: [] }));
</script>

<template>
  <p class="says">
    {{ say.tracedRoundAnimalOutline }}
  </p>
  <p class="acts">
    <button
      type="button"
      class="act"
      :aria-pressed="desk.tool.value === 'outline'"
      @click="desk.take('outline')"
    >
      {{
        desk.tool.value === 'outline'
          ? say.stopTracing
          : picture.outline.length > 0
            ? say.goOnTracing
            : say.traceOutline
      }}
    </button>
    <template v-if="picture.outline.length > 0">
      <button type="button" class="quiet-button" @click="back">{{ say.onePointBack }}</button>
      <button type="button" class="quiet-button" @click="clear">{{ say.clear }}</button>
      <button type="button" class="act" @click="takeOver">
        {{ say.takeFromIt(picture.view === 'top' ? 'widths' : 'depths') }}
      </button>
    </template>
  </p>
  <p class="says" aria-live="polite">
    <template v-if="told">{{ told }}</template>
    <template v-else-if="picture.outline.length > 0">
      {{ say.pointsItClosesBy(picture.outline.length) }}
    </template>
  </p>
</template>

<style scoped>
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  margin: 6px 4px;
}
.act {
  border: 1px solid var(--line);
  background: none;
  border-radius: var(--radius);
  padding: 5px 10px;
  cursor: pointer;
  font-size: 14px;
}
.act[aria-pressed='true'] {
  background: var(--ink);
  color: var(--sheet);
}
</style>
