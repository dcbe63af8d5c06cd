<script setup lang="ts">
import * as say from './words.ts';
import { durationSentence, sentenceText, stepDrawings } from '@keen-sinew/core';
import { useEventListener } from '@vueuse/core';
import { computed, watch } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { useUnits } from '../composables/useUnits.ts';
import { withStepDone } from '../stages/bench/stepChanges.ts';
import BenchFrame from './BenchFrame.vue';
import StepLog from './StepLog.vue';
import StepMissing from './StepMissing.vue';
import StepPicture from './StepPicture.vue';
import StepText from './StepText.vue';
import { useWorkTimer } from './useWorkTimer.ts';

/** One step full screen, for reading at arm's length. */
const props = defineProps<{ stepId: string }>();
const { piece, plan, change, settled, work, askCoat } = usePiecePlan();
const [bodyProblem, shapeProblem] = [work.body.problem, work.shape.problem];
const { system } = useUnits();
const router = useRouter();
const timer = useWorkTimer(`${piece.value.id}/${props.stepId}`);
const { paused } = timer;

const steps = computed(() => plan.value.bench?.steps ?? []);
const at = computed(() => steps.value.findIndex((step) => step.id === props.stepId));
const step = computed(() => steps.value[at.value]);
/** How long it takes, and what it takes up; nothing where nobody can say. */
const takes = computed(() =>
  step.value === undefined ? '' : sentenceText(durationSentence(step.value), system.value),
);

/** What the strokes of a zone look like waits for the coat. */
watch(
  () => step.value?.stage === 'skin' || step.value?.stage === 'colour',
  (isOfCoat) => {
    if (isOfCoat) askCoat();
  },
  { immediate: true },
);
const drawings = computed(() =>
  step.value === undefined ? [] : stepDrawings(plan.value, step.value),
);

function go(by: number): void {
  const next = steps.value[at.value + by];
  if (next) void router.replace(`/piece/${piece.value.id}/working/${next.id}`);
  else if (by > 0) leave();
}
const leave = (): void => void router.push(`/piece/${piece.value.id}/bench`);
const bend = (): void =>
  void router.push(`/piece/${piece.value.id}/bending/${step.value?.bendsWire ?? ''}/1`);

const putIn = (): void =>
  void router.push(`/piece/${piece.value.id}/cure?bake=${step.value?.startsBake ?? ''}`);

/** Ticks the step with the time it was open, in full minutes, and goes on. */
function done(): void {
  const now = step.value;
  if (!now) return;
  const minutes = Math.max(1, Math.round(timer.seconds.value / 60));
  change(say.tick(now.title), (p) => withStepDone(p, now, { minutes }));
  timer.forget();
  go(1);
}

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  // A focused button keeps its own Enter.
  if (event.key !== 'Enter' || (event.target as Element).closest('button, a')) return;
  event.preventDefault();
  done();
});
</script>

<template>
  <BenchFrame
    v-if="step"
    :data-settled="settled"
    :timer="timer.text.value"
    :timed="say.onThisStep"
    :paused="paused"
    :back="steps[at - 1]?.title ?? say.firstStep"
    :next="steps[at + 1]?.title ?? say.leaveBench2"
    :hint="say.tapLeftOrRightSpace"
    :first="at === 0"
    @turn="go"
    @leave="leave"
    @pause="timer.pause"
  >
    <template #head>
      <p class="what" role="status">
        {{ say.stepOf(piece.name, step.number, steps.length)
        }}<template v-if="takes !== ''"> · {{ takes }}</template>
        <template v-if="!settled && bodyProblem === null && shapeProblem === null">
          {{ say.itsNumbersAreStill }}</template
        >
      </p>
    </template>
    <div class="page" :class="{ drawn: drawings.length > 0 }">
      <section>
        <StepText :step="step" />
      </section>
      <aside v-if="drawings.length > 0">
        <StepPicture v-for="drawing in drawings" :key="drawing.id" :drawing="drawing" />
      </aside>
    </div>
    <div class="hands">
      <div class="acts">
        <button v-if="step.bendsWire" type="button" class="act" @click="bend">
          {{ say.bendOneBendAt(step.bendsWire) }}
        </button>
        <button v-if="step.startsBake" type="button" class="act" @click="putIn">
          {{ say.startThisBake }}
        </button>
        <button type="button" class="act main" :disabled="step.done !== null" @click="done">
          {{ step.done ? say.done(step.done.on) : say.doneNextStep }}
        </button>
      </div>
      <StepLog :step="step" />
    </div>
  </BenchFrame>
  <StepMissing v-else :step-id="stepId" :is-known="plan.bench !== null" />
</template>

<style scoped>
.hands {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  align-items: center;
  padding: 10px 40px;
  border-top: 1px solid var(--line);
}
.what {
  margin: 0;
  color: var(--soft);
  font-size: 18px;
}
.page {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: 1fr;
}
.drawn {
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
section {
  padding: 12px 20px 20px 40px;
  overflow-y: auto;
}
aside {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 8px 40px 12px 12px;
  min-height: 0;
}
@media (max-width: 900px) {
  .drawn {
    display: block;
    overflow-y: auto;
  }
  aside {
    height: 60vh;
  }
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
}
.act {
  min-height: 72px;
  padding: 0 28px;
  border: 1.5px solid var(--ink);
  border-radius: var(--radius);
  background: none;
  font-size: 20px;
  font-weight: 700;
  cursor: pointer;
}
.main {
  background: var(--verdigris);
  border-color: var(--verdigris);
  color: var(--sheet);
}
.main:disabled {
  background: none;
  color: var(--soft);
  border-color: var(--line);
  cursor: default;
}
</style>
