<script setup lang="ts">
import * as say from './words.ts';
import { tracedShape, type Picture } from '@keen-sinew/core';
import { ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import ActionButton from '../kit/ActionButton.vue';
import HintText from '../kit/HintText.vue';
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
  <HintText>
    {{ say.tracedRoundAnimalOutline }}
  </HintText>
  <p class="acts">
    <ActionButton
      kind="line"
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
    </ActionButton>
    <template v-if="picture.outline.length > 0">
      <ActionButton @click="back">{{ say.onePointBack }}</ActionButton>
      <ActionButton @click="clear">{{ say.clear }}</ActionButton>
      <ActionButton kind="line" @click="takeOver">
        {{ say.takeFromIt(picture.view === 'top' ? 'widths' : 'depths') }}
      </ActionButton>
    </template>
  </p>
  <HintText aria-live="polite">
    <template v-if="told">{{ told }}</template>
    <template v-else-if="picture.outline.length > 0">
      {{ say.pointsItClosesBy(picture.outline.length) }}
    </template>
  </HintText>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  margin: 6px 4px;
}
</style>
