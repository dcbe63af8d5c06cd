<script setup lang="ts">
import * as say from './words.ts';
import {
  accepted,
  cutText,
  limitsOf,
  OWN_STEP,
  parseMinutes,
  WORK_KINDS,
  type OwnStep,
  type StepPlan,
  type WorkKind,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import NameField from '../../kit/NameField.vue';
import QuantityField from '../../kit/QuantityField.vue';
import { withOwnStep } from './stepChanges.ts';

/** What a step of the maker's own is: its name, what to do, its kind, how long, behind which step. */
const props = defineProps<{ own: OwnStep; steps: readonly StepPlan[] }>();
const { change } = usePiecePlan();
const { system, text } = useUnits();
const NONE = '-';
const kinds = WORK_KINDS.map((kind) => ({ label: say.WORK_NAMES[kind], value: kind as string }));
const befores = computed(() => [
  { label: say.anyTime, value: NONE },
  ...props.steps
    .filter(({ id }) => !id.startsWith(OWN_STEP))
    .map(({ id, number, title }) => ({ label: `${number}. ${title}`, value: id })),
]);
const set = (part: Partial<OwnStep>): void =>
  change(say.changeOwnStep, (p) => withOwnStep(p, props.own.id, { ...props.own, ...part }));
const remove = (): void => change(say.removeOwnStep, (p) => withOwnStep(p, props.own.id, null));
</script>

<template>
  <DecisionRow :name="say.stepName">
    <NameField :label="say.stepName" :value="own.title" :most="80" @set="set({ title: $event })" />
  </DecisionRow>
  <DecisionRow :name="say.whatToDo">
    <QuantityField
      small
      words
      :label="say.whatToDo"
      :shown="own.sentence"
      :parse="(typed) => accepted(cutText(typed, 500))"
      @set="set({ sentence: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.kindOfWork">
    <ChoiceField
      small
      :label="say.kindOfWork"
      :value="own.work"
      :options="kinds"
      @set="set({ work: $event as WorkKind })"
    />
  </DecisionRow>
  <DecisionRow :name="say.takesAbout">
    <QuantityField
      small
      :label="say.takesAbout"
      :placeholder="say.minutes"
      :shown="own.minutes === null ? '' : text(own.minutes, 'min')"
      :parse="
        (typed) =>
          typed.trim() === ''
            ? accepted(null)
            : parseMinutes(typed, say.takesAbout, limitsOf('bench.own.*.minutes'), system)
      "
      @set="set({ minutes: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.notBeforeStep">
    <ChoiceField
      small
      :label="say.notBeforeStep"
      :value="own.after ?? NONE"
      :options="befores"
      @set="set({ after: $event === NONE ? null : $event })"
    />
  </DecisionRow>
  <ActionButton @click="remove">
    {{ say.removeStep }}<span class="visually-hidden">: {{ own.title }}</span>
  </ActionButton>
</template>
