<script setup lang="ts">
import { readingsOf, type Bone } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';

/** The bones to measure, with what was read of each. */
const props = defineProps<{
  bones: readonly Bone[];
  chosenId: string;
  each: number;
  readings: Readonly<Record<string, readonly number[]>>;
}>();
const emit = defineEmits<{ choose: [boneId: string] }>();
const { text } = useUnits();
const readingsFor = (id: string): readonly number[] => props.readings[id] ?? [];
const isDone = (id: string): boolean => readingsFor(id).length >= props.each;
</script>

<template>
  <ol>
    <li v-for="entry in bones" :key="entry.id">
      <ActionButton
        kind="row"
        :class="{ done: isDone(entry.id) }"
        :aria-current="entry.id === chosenId ? 'true' : undefined"
        @click="emit('choose', entry.id)"
      >
        <span>{{ entry.name }}</span>
        <small class="number">
          {{
            readingsFor(entry.id).length === 0
              ? ''
              : text(readingsOf(readingsFor(entry.id))!.value, 'mm')
          }}
          {{ readingsFor(entry.id).length }}/{{ each }}
        </small>
      </ActionButton>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
ol button {
  border-left: 4px solid transparent;
}
ol .done {
  border-left-color: var(--verdigris);
}
small {
  color: var(--soft);
  white-space: nowrap;
}
</style>
