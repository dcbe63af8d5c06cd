<script setup lang="ts" generic="T extends Turntable">
import * as say from './words.ts';
import { useElementSize } from '@vueuse/core';
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import ActionButton from '../kit/ActionButton.vue';
import type { Turntable } from './Turntable.ts';

/** A thing in space beside the elevations; its renderer is loaded when it is first shown. */
const props = defineProps<{ label: string; load: (box: HTMLElement) => Promise<T> }>();
const emit = defineEmits<{ ready: [view: T] }>();
const box = ref<HTMLElement | null>(null);
const view = shallowRef<Turntable | null>(null);
const problem = ref<string | null>(null);
const { width, height } = useElementSize(box);
const TURN_DEG = 15;
let gone = false;

onMounted(async () => {
  try {
    if (box.value === null) return;
    const made = await props.load(box.value);
    if (gone) return made.destroy();
    view.value = made;
    emit('ready', made);
  } catch (error) {
    problem.value = say.thisBrowserCannotDraw((error as Error).message);
  }
});
onBeforeUnmount(() => {
  gone = true;
  view.value?.destroy();
});
watch([width, height], () => view.value?.resize());
</script>

<template>
  <figure class="space">
    <div ref="box" class="box" role="img" :aria-label="label" />
    <figcaption>
      <ActionButton @click="view?.turn(-TURN_DEG)">
        {{ say.turnLeft }}
      </ActionButton>
      <ActionButton @click="view?.turn(TURN_DEG)">
        {{ say.turnRight }}
      </ActionButton>
      <slot />
    </figcaption>
    <p v-if="problem" role="alert">{{ problem }}</p>
  </figure>
</template>

<style scoped>
.space {
  margin: 0;
  flex: 1;
  min-width: 0;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.box {
  flex: 1;
  min-height: 0;
  overflow: hidden;
  border: 1px solid var(--line);
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  justify-content: center;
  align-items: center;
  padding-top: 6px;
}
</style>
