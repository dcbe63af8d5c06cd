<script setup lang="ts">
import * as tell from './roomWords.ts';
import { problemSentence, type Parsed } from '@keen-sinew/core';
import { NInput } from 'naive-ui';
import { ref } from 'vue';
import HintText from '../../kit/HintText.vue';

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
    <NInput
      v-model:value="typed"
      class="digits"
      size="large"
      placeholder="0.00"
      autofocus
      :status="problem ? 'error' : undefined"
      :input-props="{
        'aria-label': label,
        'aria-invalid': problem ? 'true' : undefined,
        inputmode: 'decimal',
        autocomplete: 'off',
      }"
      @keydown.enter.prevent="enter"
    />
    <HintText>{{ tell.digitsThenEnterEmpty }}</HintText>
    <HintText v-if="problem" alarm>{{ problem }}</HintText>
  </div>
</template>

<style scoped>
.digits {
  height: 64px;
  font: 600 40px/1 var(--font-number);
  text-align: right;
}
</style>
