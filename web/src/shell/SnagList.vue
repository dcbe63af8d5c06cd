<script setup lang="ts">
import * as say from './words.ts';
import { snagSentence, type Snag } from '@keen-sinew/core';
import { NModal } from 'naive-ui';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import GradeMark from './GradeMark.vue';
import { STAGE_NAMES } from './stageNames.ts';

/** Everything that is wrong now, worst first, each with the way to its place. */
defineProps<{ show: boolean; snags: readonly Snag[] }>();
const emit = defineEmits<{ 'update:show': [show: boolean]; pick: [snag: Snag] }>();
const { system } = useUnits();
const sentence = (snag: Snag) => snagSentence(snag, system.value);
</script>

<template>
  <NModal :show="show" @update:show="emit('update:show', $event)">
    <section class="list" role="dialog" :aria-label="say.everythingThatIsWrong">
      <h2>{{ say.wrongNow }}</h2>
      <ol>
        <li v-for="(snag, i) in snags" :key="i">
          <GradeMark :grade="snag.grade">
            {{ snag.grade === 'fix' ? say.toFix2 : say.toWatch2 }},
            {{ STAGE_NAMES[snag.stage].name }}
          </GradeMark>
          <p>{{ sentence(snag) }}</p>
          <ActionButton @click="emit('pick', snag)">
            {{ say.showMe }}
          </ActionButton>
        </li>
      </ol>
      <ActionButton @click="emit('update:show', false)">
        {{ say.close }}
      </ActionButton>
    </section>
  </NModal>
</template>

<style scoped>
.list {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 20px 26px;
  width: min(720px, 92vw);
  max-height: 80vh;
  overflow: auto;
}
.list ol {
  padding: 0;
  list-style: none;
}
.list li {
  border-top: 1px dotted var(--line);
  padding: 10px 0;
}
.list p {
  margin: 4px 0;
}
</style>
