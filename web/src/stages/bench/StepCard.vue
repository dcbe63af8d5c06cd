<script setup lang="ts">
import * as say from './words.ts';
import {
  accepted,
  durationSentence,
  limitsOf,
  parseMinutes,
  type StepDone,
  type StepPlan,
  cutText,
} from '@keen-sinew/core';
import { GripVertical } from 'lucide-vue-next';
import { nextTick, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import CheckField from '../../kit/CheckField.vue';
import QuantityField from '../../kit/QuantityField.vue';
import CautionSign from '../../kit/CautionSign.vue';
import { withStepDone, withStepOpen } from './stepChanges.ts';
import StepGuide from './StepGuide.vue';
import StepLeft from './StepLeft.vue';
import StepParts from './StepParts.vue';
import StepSentence from './StepSentence.vue';

const props = defineProps<{ step: StepPlan; picked: boolean }>();
const emit = defineEmits<{ move: [by: 1 | -1] }>();
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const card = ref<HTMLElement | null>(null);

function toggle(): void {
  const { step } = props;
  if (step.done) change(say.untick(step.title), (p) => withStepOpen(p, step));
  else change(say.tick(step.title), (p) => withStepDone(p, step, {}));
}
const log = (part: Partial<StepDone>): void =>
  change(say.log(props.step.title), (p) => withStepDone(p, props.step, part));

watch(
  () => props.picked,
  (picked) => {
    if (picked) void nextTick(() => card.value?.scrollIntoView({ block: 'nearest' }));
  },
  { immediate: true },
);
</script>

<template>
  <li ref="card" class="step" :class="[step.state, { picked }]">
    <div class="side">
      <CheckField :checked="step.done !== null" :label="say.done(step.title)" @set="toggle" />
      <ActionButton
        kind="icon"
        class="grip"
        :aria-label="say.moveStep(step.title)"
        :title="say.dragIt"
        @keydown.up.prevent="emit('move', -1)"
        @keydown.down.prevent="emit('move', 1)"
      >
        <GripVertical :size="16" aria-hidden="true" />
      </ActionButton>
    </div>
    <div>
      <h2>
        <span class="number">{{ step.number }}</span> {{ step.title }}
        <em v-if="step.state === 'next'">{{ say.next2 }}</em>
        <em v-else-if="step.state === 'ready'">{{ say.mayBeDoneNow }}</em>
        <small v-if="step.duration !== null" class="lasts">
          <StepSentence :sentence="durationSentence(step)" />
        </small>
      </h2>
      <p class="sentence"><StepSentence :sentence="step.sentence" /></p>
      <StepParts v-if="step.parts.length > 0 && step.done === null" :step="step" />
      <RouterLink
        v-if="step.startsBake && step.done === null"
        :to="`/piece/${piece.id}/cure?bake=${step.startsBake}`"
        >{{ say.startThisBake }}</RouterLink
      >
      <slot />
      <div v-if="step.state !== 'done'" class="more">
        <StepGuide v-if="step.state !== 'left'" :step="step" />
        <StepLeft :step="step" />
      </div>
      <CautionSign v-if="step.state !== 'done'" :ids="step.cautions" :first="step.firstCautions" />
      <div v-if="step.done" class="log">
        <span>{{ say.done2(step.done.on) }}</span>
        <QuantityField
          small
          :label="say.minutesFor(step.title)"
          :placeholder="say.minutes"
          :shown="step.done.minutes === null ? '' : text(step.done.minutes, 'min')"
          :parse="
            (typed) => parseMinutes(typed, say.minutes2, limitsOf('bench.done.*.minutes'), system)
          "
          @set="log({ minutes: $event })"
        />
        <QuantityField
          small
          :label="say.noteOn(step.title)"
          :placeholder="say.noteForNextTime"
          :shown="step.done.note"
          :parse="(typed) => accepted(cutText(typed, 500))"
          @set="log({ note: $event })"
        />
      </div>
    </div>
  </li>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: 28px 1fr;
  gap: 4px;
  padding: 10px 8px;
  border-bottom: 1px dotted var(--line);
}
.next {
  background: var(--verdigris-wash);
}
.picked {
  box-shadow: inset 3px 0 0 var(--rust);
}
h2 {
  font: 700 17px var(--font-title);
  color: var(--ink);
}
.lasts {
  display: inline-block;
  margin-left: 8px;
  font: 400 13.5px var(--font-text);
  color: var(--soft);
}
h2 em {
  font: italic 400 14px var(--font-title);
  margin-left: 8px;
}
.waiting h2,
.waiting .sentence {
  color: var(--soft);
}
.left h2,
.left .sentence {
  color: var(--soft);
  text-decoration: line-through;
  text-decoration-style: dotted;
}
.side {
  display: flex;
  flex-direction: column;
  align-items: start;
  gap: 4px;
}
.grip {
  color: var(--soft);
  cursor: grab;
}
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
.more :deep(.lesson),
.more :deep(dl),
.more :deep(.left) {
  flex-basis: 100%;
}
.done h2 {
  text-decoration: line-through;
  text-decoration-thickness: 1px;
}
.sentence {
  margin: 3px 0;
  max-width: 72ch;
}
.log {
  display: grid;
  grid-template-columns: auto 90px 1fr;
  gap: 10px;
  align-items: center;
  font-size: 14px;
  color: var(--soft);
}
</style>
