<script setup lang="ts">
import * as say from './words.ts';
import { CAUTIONS, type CautionId } from '@keen-sinew/core';
import { TriangleAlert } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import ActionButton from '../kit/ActionButton.vue';

/**
 * Cautions beside the work that they belong to. Those that were told before, at an earlier step, are a
 * small sign that opens them.
 */
const props = defineProps<{
  ids: readonly CautionId[];
  /** Those of them that stand here for the first time; all where not said. */
  first?: readonly CautionId[];
  large?: boolean;
}>();
const open = ref(false);
const again = computed(() => props.ids.filter((id) => !(props.first ?? props.ids).includes(id)));
const shown = computed(() =>
  open.value ? props.ids : props.ids.filter((id) => !again.value.includes(id)),
);
</script>

<template>
  <ul v-if="shown.length > 0" class="cautions" :class="{ large }" :aria-label="say.cautions">
    <li v-for="id in shown" :key="id">
      <TriangleAlert :size="large ? 22 : 15" aria-hidden="true" />
      <span>{{ CAUTIONS[id] }}</span>
    </li>
  </ul>
  <ActionButton
    v-if="again.length > 0"
    kind="plain"
    class="sign"
    :class="{ large }"
    :aria-expanded="open"
    @click="open = !open"
  >
    <TriangleAlert :size="large ? 22 : 14" aria-hidden="true" />
    {{
      open ? 'less' : again.length === 1 ? say.cautionAsBefore : say.cautionsAsBefore(again.length)
    }}
  </ActionButton>
</template>

<style scoped>
.cautions {
  list-style: none;
  margin: 8px 4px;
  padding: 0;
  font-size: 13.5px;
  line-height: 1.3;
  color: var(--ochre);
}
li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 4px;
  margin-bottom: 5px;
}
.large {
  font-size: 20px;
}
.large li {
  grid-template-columns: 30px 1fr;
  margin-bottom: 10px;
}
.sign {
  gap: 5px;
  margin: 2px 4px;
  font-size: 13px;
  color: var(--ochre);
}
.sign.large {
  min-height: 64px;
  font-size: 18px;
}
</style>
