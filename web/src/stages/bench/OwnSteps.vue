<script setup lang="ts">
import * as say from './words.ts';
import { freeId, OWN_STEP, type BenchPlan } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import OwnStepFields from './OwnStepFields.vue';
import { withOwnStep } from './stepChanges.ts';

/** Steps of the maker's own: put in, changed one at a time, taken out. */
const props = defineProps<{ bench: BenchPlan }>();
const { piece, change } = usePiecePlan();
const openId = ref<string | null>(null);
const own = computed(() => piece.value.bench.own);
const open = computed(() => own.value.find(({ id }) => id === openId.value));

function add(): void {
  const id = freeId(
    'own',
    own.value.map((of) => of.id.replace(OWN_STEP, 'own-')),
  ).replace('own-', OWN_STEP);
  openId.value = id;
  const after = props.bench.next?.needs.at(-1) ?? null;
  change(say.addOwnStep, (p) =>
    withOwnStep(p, id, {
      ...{ id, title: say.newStep, sentence: '', work: 'look', minutes: null },
      after: after?.startsWith(OWN_STEP) === true ? null : after,
    }),
  );
}
const undoMoves = (): void =>
  change(say.planOrder, (p) => ({ ...p, bench: { ...p.bench, moved: [] } }));
</script>

<template>
  <HintText>{{ say.dragHint }}</HintText>
  <p v-for="step in own" :key="step.id" class="own">
    <span>{{ step.title }}</span>
    <ActionButton
      :aria-expanded="openId === step.id"
      @click="openId = openId === step.id ? null : step.id"
    >
      {{ say.changeIt }}<span class="visually-hidden">: {{ step.title }}</span>
    </ActionButton>
  </p>
  <OwnStepFields v-if="open" :key="open.id" :own="open" :steps="bench.steps" />
  <p class="acts">
    <ActionButton @click="add">{{ say.addStep }}</ActionButton>
    <ActionButton v-if="piece.bench.moved.length > 0" @click="undoMoves">
      {{ say.planOrder }}
    </ActionButton>
  </p>
</template>

<style scoped>
.own,
.acts {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 4px;
}
.own span:first-child {
  flex: 1;
}
</style>
