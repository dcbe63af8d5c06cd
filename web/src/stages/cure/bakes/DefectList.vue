<script setup lang="ts">
import * as say from './words.ts';
import { accepted, cutText, defectKinds, type Defect } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import CautionSign from '../../../kit/CautionSign.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import { today } from '../../bench/stepChanges.ts';
import { withDefect, withoutDefect } from './bakeChanges.ts';
import { useBake } from './useBake.ts';

/** What went wrong with a bake: what it tells, and its mending as steps of the work. */
const { piece, plan, change } = usePiecePlan();
const { stage } = useBake();
const KINDS = defectKinds();
const options = KINDS.map(({ kind, name }) => ({ value: kind as string, label: name }));
const kind = ref<Defect['kind']>('crack');
const where = ref('');
const tells = computed(() => KINDS.find((of) => of.kind === kind.value)?.tells);
const all = computed(() => plan.value.oven.mends);

function add(): void {
  change(say.putMendingIn, (p) =>
    withDefect(p, { kind: kind.value, bake: stage.value.id, where: where.value, on: today() }),
  );
  where.value = '';
}
</script>

<template>
  <article v-for="mend in all" :key="mend.defect.id">
    <p class="name">
      <b>{{ mend.name }}</b><template v-if="mend.defect.where">, {{ mend.defect.where }}</template>
    </p>
    <p class="tells">{{ mend.tells }}</p>
    <p v-for="step in mend.steps" :key="step.id" class="step">
      <RouterLink :to="`/piece/${piece.id}/working/${step.id}`">{{ step.title }}</RouterLink>
    </p>
    <ActionButton @click="change(say.takeMendingOut, (p) => withoutDefect(p, mend.defect.id))"
      >{{ say.takeMendingOut }}<span class="visually-hidden">: {{ mend.name }}</span></ActionButton
    >
  </article>
  <DecisionRow :name="say.whatWentWrong">
    <ChoiceField
      small
      :label="say.whatWentWrong"
      :value="kind"
      :options="options"
      @set="kind = $event as Defect['kind']"
    />
  </DecisionRow>
  <DecisionRow :name="say.whereIsIt">
    <QuantityField
      small
      words
      :label="say.whereIsIt"
      :shown="where"
      :placeholder="say.forExampleEar"
      :parse="(typed) => accepted(cutText(typed, 120))"
      @set="where = $event"
    />
  </DecisionRow>
  <HintText>{{ tells }}</HintText>
  <ActionButton kind="line" @click="add">{{ say.putMendingIntoWork }}</ActionButton>
  <CautionSign :ids="['sanding', 'sharp', 'solvent']" />
</template>

<style scoped>
article {
  border-bottom: 1px dotted var(--line);
  padding-bottom: 4px;
  margin-bottom: 6px;
}
.name {
  margin: 4px 4px 0;
}
.tells,
.step {
  margin: 2px 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
