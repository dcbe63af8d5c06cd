<script setup lang="ts">
import * as tell from './roomWords.ts';
import { problemSentence, type Parsed } from '@keen-sinew/core';
import { ref } from 'vue';

/** Listens for typed digits and Enter, as many calipers send them; an empty Enter goes on. */
const props = defineProps<{ label: string; parse: (typed: string) => Parsed<number> }>();
const emit = defineEmits<{ read: [mm: number]; next: [] }>();
const typed = ref('');
const problem = ref<string | null>(null);

function enter(): void {
  if (typed.value.trim() === '') {
    emit('next');
    return;
  }
  const read = props.parse(typed.value);
  problem.value = read.ok ? null : problemSentence(read.problem);
  if (!read.ok) return;
  typed.value = '';
  emit('read', read.value);
}
</script>

<template>
  <div class="caliper">
    <input
      v-model="typed"
      :aria-label="label"
      :aria-invalid="problem ? 'true' : undefined"
      inputmode="decimal"
      autocomplete="off"
      placeholder="0.00"
      autofocus
      @keydown.enter.prevent="enter"
    />
    <p class="hint">{{ tell.digitsThenEnterEmpty }}</p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
input {
  width: 100%;
  height: 64px;
  font: 600 40px/1 var(--font-number);
  text-align: right;
  padding: 0 12px;
  background: var(--paper);
  color: var(--ink);
  border: 1.5px solid var(--ink);
  border-radius: var(--radius);
}
.hint {
  margin: 4px 0 0;
  font-size: 13px;
  color: var(--soft);
  text-align: center;
}
.problem {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--rust);
}
</style>
