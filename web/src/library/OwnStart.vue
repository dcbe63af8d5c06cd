<script setup lang="ts">
import * as say from './words.ts';
import { problemSentence, STARTERS, type Starter } from '@keen-sinew/core';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { textOf } from '../files/textOf.ts';
import ActionButton from '../kit/ActionButton.vue';
import { FilePicker } from '../kit/heavy.ts';
import HintText from '../kit/HintText.vue';
import { useCreatureStore } from '../stores/creatureStore.ts';
import { OWN } from './subjects.ts';

/** Ways to an animal of one's own: a start from several, or a file. */
const emit = defineEmits<{ taken: [ref: string] }>();
const router = useRouter();
const store = useCreatureStore();
function begin(starter: Starter): void {
  void router.push(`/library/own/${store.begin(starter.creature('new'))}`);
}

const problem = ref<string | null>(null);
async function takeIn([file]: readonly File[]): Promise<void> {
  if (!file) return;
  const text = await textOf(file);
  const taken = text.ok ? store.takeIn(text.value) : { sentence: problemSentence(text.problem) };
  problem.value = 'sentence' in taken ? say.wasNotTakenIn(file.name, taken.sentence) : null;
  if ('id' in taken) emit('taken', OWN + taken.id);
}
</script>

<template>
  <h2 class="start">{{ say.beginCreature }}</h2>
  <HintText v-if="store.creatures.length === 0">
    {{ say.noneOfYourOwn }}
  </HintText>
  <ul class="starters">
    <li v-for="starter in STARTERS" :key="starter.name">
      <ActionButton :title="starter.why" @click="begin(starter)">
        {{ starter.name }}
      </ActionButton>
    </li>
  </ul>
  <FilePicker :label="say.animalFile" accept=".json,application/json" @take="takeIn">
    {{ say.takeInAnimalFrom }}
  </FilePicker>
  <HintText v-if="problem" alarm>{{ problem }}</HintText>
  <HintText v-if="store.problem" alarm>{{ store.problem }}</HintText>
  <HintText v-if="store.unreadable > 0" alarm>
    {{ say.ofYourOwnAnimals(store.unreadable) }}
  </HintText>
</template>

<style scoped>
.start {
  font-weight: 400;
  font-style: italic;
  font-size: 15px;
  color: var(--soft);
  border-bottom: 1px solid var(--line);
}
.starters {
  list-style: none;
  margin: 0 0 10px;
  padding: 0;
}
</style>
