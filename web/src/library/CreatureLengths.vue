<script setup lang="ts">
import * as say from './words.ts';
import { LIFE_LENGTH_LIMITS, parseLength, type Creature, type Skeleton } from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import QuantityField from '../kit/QuantityField.vue';

/** Every bone of an own animal with its length, to be changed one by one. */
const props = defineProps<{ creature: Creature; skeleton: Skeleton }>();
const emit = defineEmits<{ change: [part: Partial<Creature>] }>();
const { system, text } = useUnits();
const bones = computed(() => {
  const all = new Map(props.skeleton.bones.map((bone) => [bone.key, bone] as const));
  return [...all.values()];
});

function setLength(key: string, mm: number | null): void {
  const { [key]: _old, ...others } = props.creature.lengthsMm;
  emit('change', { lengthsMm: mm === null ? others : { ...others, [key]: mm } });
}
const isOwn = (key: string): boolean => props.creature.lengthsMm[key] !== undefined;
</script>

<template>
  <ul>
    <li v-for="bone in bones" :key="bone.key">
      <span>{{ bone.plainName }}</span>
      <ActionButton
        v-if="isOwn(bone.key)"
        :title="say.takeBackLibrarysLength(bone.name)"
        @click="setLength(bone.key, null)"
      >
        {{ say.back }}
      </ActionButton>
      <i v-else />
      <QuantityField
        small
        :label="say.lengthOf3(bone.plainName)"
        :shown="text(bone.lifeLengthMm, 'mm')"
        :parse="(typed) => parseLength(typed, bone.name, LIFE_LENGTH_LIMITS, system)"
        @set="setLength(bone.key, $event)"
      />
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 1fr 44px 100px;
  gap: 6px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px dotted var(--line);
  font-size: 14px;
}
</style>
