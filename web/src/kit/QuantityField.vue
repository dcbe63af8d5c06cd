<script setup lang="ts" generic="T">
import { problemSentence, type Parsed } from '@keen-sinew/core';
import { NInput } from 'naive-ui';
import { ref, watch } from 'vue';

/**
 * A typed value: shows `shown`, reads what is typed with `parse` on Enter or when left, and says in
 * a sentence what is wrong. Escape puts the shown value back.
 */
const props = defineProps<{
  label: string;
  shown: string;
  parse: (text: string) => Parsed<T>;
  small?: boolean;
  /** Words, not numbers: in the letter of the text. */
  words?: boolean;
  placeholder?: string;
  disabled?: boolean;
}>();
const emit = defineEmits<{ set: [value: T] }>();

const text = ref(props.shown);
const problem = ref<string | null>(null);
/** What was handed on last: Enter and leaving the field both ask, and it is set once. */
let handed: string | null = null;
watch(
  () => props.shown,
  (shown) => {
    text.value = shown;
    problem.value = null;
    handed = null;
  },
);

function take(): void {
  if (text.value === props.shown || text.value === handed) {
    problem.value = null;
    return;
  }
  const read = props.parse(text.value);
  if (!read.ok) {
    problem.value = problemSentence(read.problem);
    return;
  }
  problem.value = null;
  handed = text.value;
  emit('set', read.value);
}

function onKey(event: KeyboardEvent): void {
  if (event.key === 'Enter') take();
  else if (event.key === 'Escape') putBack();
}

function putBack(): void {
  text.value = props.shown;
  problem.value = null;
}
</script>

<template>
  <div class="field" :class="{ words }">
    <NInput
      v-model:value="text"
      :size="small ? 'small' : 'medium'"
      :status="problem ? 'error' : undefined"
      :placeholder="placeholder ?? ''"
      :disabled="disabled"
      :maxlength="2000"
      :input-props="{
        'aria-label': label,
        'aria-invalid': problem ? 'true' : undefined,
        spellcheck: false,
        autocomplete: 'off',
      }"
      @change="take"
      @keydown="onKey"
    />
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}
/* Numbers are set in their own letter, words in that of the text. */
.field:not(.words) :first-child {
  font-family: var(--font-number);
}
.problem {
  margin: 4px 0;
  color: var(--rust);
  font-size: 13px;
  text-align: left;
  white-space: normal;
}
</style>
