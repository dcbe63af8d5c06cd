<script setup lang="ts">
import * as say from './words.ts';
import type { LogKind, StepPlan } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { keepLogPicture } from '../stages/bench/log/logPicture.ts';
import { newEntry, withEntry } from '../stages/bench/stepChanges.ts';

/** A note or a picture at a step in two touches: what is usual is a button, words of one’s own are a line. */
const props = defineProps<{ step: StepPlan }>();
const { piece, change } = usePiecePlan();
const isOpen = ref(false);
const words = ref('');
const told = ref<string | null>(null);
const camera = ref<HTMLInputElement | null>(null);
const mine = computed(() => piece.value.bench.log.filter(({ step }) => step === props.step.id));

function write(kind: LogKind, text: string, picture: string | null = null): void {
  change(say.logAt(props.step.title), (p) =>
    withEntry(p, newEntry(p, { kind, step: props.step.id, words: text.trim(), picture })),
  );
  [isOpen.value, words.value, told.value] = [false, '', say.isLogged];
}
function own(): void {
  if (words.value.trim() !== '') write('note', words.value);
}
async function take(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const [file] = field.files ?? [];
  field.value = '';
  if (file === undefined) return;
  told.value = say.pictureIsKept;
  const kept = await keepLogPicture(piece.value.id, file);
  if ('sentence' in kept) told.value = kept.sentence;
  else write('note', '', kept.id);
}
</script>

<template>
  <div class="log">
    <button type="button" class="act" :aria-expanded="isOpen" @click="isOpen = !isOpen">
      {{ say.note }}
    </button>
    <button type="button" class="act" @click="camera?.click()">{{ say.picture }}</button>
    <input
      ref="camera"
      hidden
      type="file"
      accept="image/*"
      capture="environment"
      tabindex="-1"
      :aria-label="say.pictureOf(step.title)"
      @change="take"
    />
    <span role="status">{{ told ?? (mine.length > 0 ? say.entriesHere(mine.length) : '') }}</span>
  </div>
  <div v-if="isOpen" class="log presets">
    <button
      v-for="preset in say.PRESETS"
      :key="preset.words"
      type="button"
      class="act"
      @click="write(preset.kind, preset.words)"
    >
      {{ preset.words }}
    </button>
    <input
      v-model="words"
      type="text"
      maxlength="1000"
      :aria-label="say.yourWords"
      :placeholder="say.yourWords"
      @keydown.enter.stop.prevent="own"
    />
    <button type="button" class="act" @click="own">{{ say.keepNote }}</button>
  </div>
</template>

<style scoped>
.log {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  font-size: 18px;
}
.act {
  min-height: 64px;
  padding: 0 22px;
  border: 1.5px solid var(--ink);
  border-radius: var(--radius);
  background: none;
  font-size: 18px;
  cursor: pointer;
}
.presets {
  flex-basis: 100%;
}
input[type='text'] {
  flex: 1;
  min-width: 220px;
  min-height: 64px;
  padding: 0 14px;
  border: 1.5px solid var(--ink);
  border-radius: var(--radius);
  background: none;
  font: inherit;
  user-select: text;
}
</style>
