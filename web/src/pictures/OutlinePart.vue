<script setup lang="ts">
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
  change('Take the shape from the outline', (p) => ({
    ...p,
    measure: { ...p.measure, shape: traced.shape },
  }));
  const what = props.picture.view === 'side' ? 'depth' : 'width';
  told.value = `${traced.sections} sections took their ${what} from it: ${traced.bones.join(', ').toLowerCase()}. They stand in Mass, under Shape.`;
}
const back = (): void =>
  props.desk.put('Take back a point of the outline', ({ outline }) => ({
    outline: outline.slice(0, -1),
  }));
const clear = (): void => props.desk.put('Clear the outline', () => ({ outline: [] }));
</script>

<template>
  <p class="says">
    Traced round the animal, an outline from the side gives the depths of the body and one from
    above its widths, wherever both ends of a bone are placed.
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
          ? 'Stop tracing'
          : picture.outline.length > 0
            ? 'Go on tracing'
            : 'Trace the outline'
      }}
    </button>
    <template v-if="picture.outline.length > 0">
      <button type="button" class="quiet-button" @click="back">One point back</button>
      <button type="button" class="quiet-button" @click="clear">Clear</button>
      <button type="button" class="act" @click="takeOver">
        Take {{ picture.view === 'top' ? 'widths' : 'depths' }} from it
      </button>
    </template>
  </p>
  <p class="says" aria-live="polite">
    <template v-if="told">{{ told }}</template>
    <template v-else-if="picture.outline.length > 0">
      {{ picture.outline.length }} points; it closes by itself.
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
