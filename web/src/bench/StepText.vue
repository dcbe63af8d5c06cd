<script setup lang="ts">
import * as say from './words.ts';
import { digitsIn, quantityText, type StepPlan } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import CautionSign from '../kit/CautionSign.vue';
import GuideLines from '../stages/bench/GuideLines.vue';
import StepPartButtons from './StepPartButtons.vue';

/** What is told of a step at arm's length: what to do, what was learnt, cautions, parts, and how it should look. */
defineProps<{ step: StepPlan }>();
const { system } = useUnits();
</script>

<template>
  <h1>{{ step.title }}</h1>
  <p class="sentence">
    <template v-for="(part, i) in step.sentence" :key="i"
      ><template v-if="typeof part === 'string'">{{ part }}</template
      ><b v-else class="number">{{
        quantityText(part.value, part.unit, system, digitsIn(system, part.unit, part.digits))
      }}</b></template
    >
  </p>
  <p v-for="lesson in step.lessons" :key="lesson.id" class="lesson">
    {{ say.learntAt(lesson.piece, lesson.words) }}
  </p>
  <StepPartButtons v-if="step.parts.length > 0" :step="step" />
  <CautionSign :key="step.id" large :ids="step.cautions" :first="step.firstCautions" />
  <GuideLines class="guide" :guide="step.guide" />
</template>

<style scoped>
h1 {
  font-size: 40px;
  line-height: 1.1;
}
.sentence {
  font-size: 28px;
  line-height: 1.4;
  max-width: 46ch;
  margin: 14px 0 20px;
}
.sentence .number {
  font-size: 40px;
  color: var(--rust);
}
.lesson {
  margin: 0 0 12px;
  padding-left: 12px;
  border-left: 4px solid var(--ochre);
  font-size: 20px;
}
.guide {
  margin-top: 18px;
  font-size: 18px;
}
</style>
