<script setup lang="ts">
import * as say from './words.ts';
import { formDrawing, sentenceText } from '@keen-sinew/core';
import { NProgress } from 'naive-ui';
import { computed } from 'vue';
import { momentText } from '../../../composables/dayText.ts';
import StepPicture from '../../../bench/StepPicture.vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useOpenIn } from '../../../composables/useOpenIn.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import HintText from '../../../kit/HintText.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import WorkingDetail from '../../../ledger/WorkingDetail.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import BodyPending from '../../BodyPending.vue';
import BenchTabs from '../BenchTabs.vue';
import { useBenchPlan } from '../days/useBenchPlan.ts';
import LogPicture from '../log/LogPicture.vue';
import StepSentence from '../StepSentence.vue';
import { useNow } from './useNow.ts';

/** Where the piece stands: the next step, what dries or bakes, what to buy, what is late, the last picture. */
const { piece, plan } = usePiecePlan();
const { work } = useBenchPlan();
const { system } = useUnits();
const bench = computed(() => plan.value.bench);
const form = computed(() => formDrawing(plan.value, 'side'));
const openIn = useOpenIn();
const { picture, waiting, next, end } = useNow(
  bench,
  computed(() => work.answer.value?.value ?? null),
);
const opened = computed(() => next.value && openIn(next.value.sentence));
const steps = computed(() => bench.value?.steps ?? []);
const counted = computed(() => ({
  done: steps.value.filter(({ done }) => done !== null).length,
  all: steps.value.filter(({ state }) => state !== 'left').length,
}));
</script>

<template>
  <SheetFrame :label="say.whereItStands">
    <BenchTabs />
    <BodyPending v-if="!bench" />
    <div v-else class="now" tabindex="0" role="region" :aria-label="say.whereItStands">
      <figure>
        <LogPicture v-if="picture" :piece-id="piece.id" :picture="picture" :of="piece.name" />
        <StepPicture v-else-if="form" :drawing="form" />
      </figure>
      <p class="count">
        {{ say.stepsDone(counted.done, counted.all) }}
        <NProgress
          type="line"
          :percentage="Math.round((100 * counted.done) / Math.max(1, counted.all))"
          :show-indicator="false"
          :aria-label="say.stepsDone(counted.done, counted.all)"
        />
      </p>
      <div class="columns">
        <section>
          <h2>{{ say.nextStep }}</h2>
          <template v-if="next">
            <p class="title">{{ next.number }}. {{ next.title }}</p>
            <p><StepSentence :sentence="next.sentence" /></p>
            <WorkingDetail v-if="opened" :working="opened" />
            <p v-for="lesson in next.lessons" :key="lesson.id" class="lesson">{{ lesson.words }}</p>
            <RouterLink class="go" :to="`/piece/${piece.id}/working/${next.id}`">{{
              say.toBench
            }}</RouterLink>
          </template>
          <p v-else>{{ say.allDone }}</p>
        </section>
        <section>
          <h2>{{ say.dryingOrBaking }}</h2>
          <p v-for="line in waiting" :key="line">{{ line }}</p>
          <p v-if="waiting.length === 0">{{ say.nothingWaits }}</p>
        </section>
        <section>
          <h2>{{ say.ready }}</h2>
          <p v-if="end" :class="{ late: end.lateDays > 0 }">
            {{ end.ready === null ? say.neverReady : say.readyOn(momentText(end.ready)) }}
            <template v-if="end.lateDays > 0">{{ say.lateBy(end.lateDays) }}</template>
          </p>
          <p v-else>{{ say.beingPlanned }}</p>
        </section>
      </div>
    </div>
  </SheetFrame>
  <LedgerPanel stage="bench">
    <BodyPending v-if="!bench" />
    <template v-else>
      <LedgerSection :title="say.soFar">
        <WorkingRow :working="bench.progress" />
        <WorkingRow :working="bench.minutes" />
        <WorkingRow :working="bench.timed" />
        <WorkingRow :working="bench.sittings" />
      </LedgerSection>
      <LedgerSection :title="say.toBuy">
        <HintText v-if="bench.shopping.length === 0">{{ say.allHere }}</HintText>
        <WorkingRow
          v-for="line in bench.shopping"
          :key="line.id"
          :working="line.quantity"
          :label="sentenceText(line.what, system)"
        />
      </LedgerSection>
    </template>
  </LedgerPanel>
</template>

<style scoped>
.now {
  flex: 1;
  display: flex;
  flex-direction: column;
  overflow-y: auto;
  min-height: 0;
  padding-top: 8px;
}
figure {
  margin: 0;
  flex: 1;
  min-height: 200px;
  display: flex;
  justify-content: center;
}
figure :deep(img) {
  max-height: 100%;
  object-fit: contain;
}
.count {
  font: italic 17px var(--font-title);
  margin: 8px 0 12px;
}
.columns {
  display: grid;
  grid-template-columns: 2fr 1fr 1fr;
  gap: 28px;
}
h2 {
  margin: 0 0 4px;
  font: 700 18px var(--font-title);
}
p {
  margin: 0 0 10px;
}
.title {
  font-weight: 700;
  font-size: 18px;
}
.lesson {
  padding-left: 8px;
  border-left: 3px solid var(--ochre);
}
.late {
  color: var(--rust);
  font-weight: 700;
}
.go {
  color: var(--verdigris);
  font-weight: 700;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
