<script setup lang="ts">
import * as say from './words.ts';
import { digitsIn, durationSentence, quantityText, sentenceText } from '@keen-sinew/core';
import { useEventListener } from '@vueuse/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { useUnits } from '../composables/useUnits.ts';
import { withStepDone } from '../stages/bench/stepChanges.ts';
import CautionSign from '../kit/CautionSign.vue';
import BenchFrame from './BenchFrame.vue';
import { useWorkTimer } from './useWorkTimer.ts';

/** One step full screen, for reading at arm's length. */
const props = defineProps<{ stepId: string }>();
const { piece, plan, change, settled, work } = usePiecePlan();
const [bodyProblem, shapeProblem] = [work.body.problem, work.shape.problem];
const { system } = useUnits();
const router = useRouter();
const timer = useWorkTimer();

const steps = computed(() => plan.value.bench?.steps ?? []);
const at = computed(() => steps.value.findIndex((step) => step.id === props.stepId));
const step = computed(() => steps.value[at.value]);
/** How long it takes, and what it takes up; nothing where nobody can say. */
const takes = computed(() =>
  step.value === undefined ? '' : sentenceText(durationSentence(step.value), system.value),
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
    :back="steps[at - 1]?.title ?? say.firstStep"
    :next="steps[at + 1]?.title ?? say.leaveBench2"
    :hint="say.tapLeftOrRightSpace"
    :first="at === 0"
    @turn="go"
    @leave="leave"
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
    <section>
      <h1>{{ step.title }}</h1>
      <p class="sentence">
        <template v-for="(part, i) in step.sentence" :key="i"
          ><template v-if="typeof part === 'string'">{{ part }}</template
          ><b v-else class="number">{{
            quantityText(part.value, part.unit, system, digitsIn(system, part.unit, part.digits))
          }}</b></template
        >
      </p>
      <CautionSign :key="step.id" large :ids="step.cautions" :first="step.firstCautions" />
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
    </section>
  </BenchFrame>
  <main v-else-if="plan.bench" class="missing">
    <h1>{{ say.noSuchStep }}</h1>
    <p>{{ say.thisPieceHasNo(stepId) }}</p>
    <RouterLink :to="`/piece/${piece.id}/bench`">{{ say.backToBench }}</RouterLink>
  </main>
  <main v-else class="missing" aria-busy="true">
    <h1>{{ say.bodyIsBeingWorked }}</h1>
  </main>
</template>

<style scoped>
.what {
  margin: 0;
  color: var(--soft);
  font-size: 18px;
}
section {
  padding: 12px 40px;
  overflow-y: auto;
}
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
li svg {
  flex: none;
  margin-top: 2px;
}
.acts {
  display: flex;
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
.missing {
  padding: 80px;
}
</style>
