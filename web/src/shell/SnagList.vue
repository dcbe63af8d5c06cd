<script setup lang="ts">
import * as say from './words.ts';
import { snagSentence, type Snag } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import DialogBox from '../kit/DialogBox.vue';
import GradeMark from './GradeMark.vue';
import { STAGE_NAMES } from './stageNames.ts';

/** Everything that is wrong now, worst first, each with the way to its place. */
defineProps<{ show: boolean; snags: readonly Snag[]; accepted: readonly Snag[] }>();
const emit = defineEmits<{
  'update:show': [show: boolean];
  pick: [snag: Snag];
  accept: [snag: Snag];
  recall: [snag: Snag];
}>();
const { system } = useUnits();
const sentence = (snag: Snag) => snagSentence(snag, system.value);
</script>

<template>
  <DialogBox
    :show="show"
    :label="say.everythingThatIsWrong"
    :width-px="720"
    @update:show="emit('update:show', $event)"
  >
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
        <ActionButton :title="say.iKnowTitle" @click="emit('accept', snag)">
          {{ say.iKnow }}
        </ActionButton>
      </li>
    </ol>
    <p v-if="snags.length === 0">{{ say.nothingToFixAnd }}</p>
    <template v-if="accepted.length > 0">
      <h2 class="known">{{ say.knownToYou }}</h2>
      <ol class="known">
        <li v-for="(snag, i) in accepted" :key="i">
          <p>{{ sentence(snag) }}</p>
          <ActionButton @click="emit('pick', snag)">{{ say.showMe }}</ActionButton>
          <ActionButton @click="emit('recall', snag)">{{ say.tellAgain }}</ActionButton>
        </li>
      </ol>
    </template>
  </DialogBox>
</template>

<style scoped>
ol {
  padding: 0;
  list-style: none;
}
li {
  border-top: 1px dotted var(--line);
  padding: 10px 0;
}
p {
  margin: 4px 0;
}
.known {
  color: var(--soft);
}
h2.known {
  margin-top: 18px;
  font-size: 18px;
}
</style>
