<script setup lang="ts">
import * as say from './words.ts';
import { accepted, cutText, learntFilm, numbersOf, type BakeRecord } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { today } from '../../bench/stepChanges.ts';
import { withDefect, withLearnt, withLogPart } from './bakeChanges.ts';
import { useBake } from './useBake.ts';

/** What this bake was, the newest first: its verdict, its numbers, what was learnt of the oven, and what to do now. */
const { piece, plan, change } = usePiecePlan();
const { stage } = useBake();
const records = computed(() =>
  plan.value.oven.records.filter(({ log }) => log.bake === stage.value.id).toReversed(),
);
/** A ball of clay tells the film of its oven. */
const films = computed(
  () =>
    new Map(
      records.value.map(({ log, stage: of }) => [
        log.id,
        learntFilm(log, of.cases[0]?.figures ?? plan.value.cure.figures),
      ]),
    ),
);
const canLearn = ({ offset, warming, log }: BakeRecord): boolean =>
  offset !== null || warming !== null || (films.value.get(log.id) ?? null) !== null;
const learn = (record: BakeRecord): void =>
  change(say.takeOverLearnt, (p) => withLearnt(p, record, films.value.get(record.log.id) ?? null));
const mendIt = ({ defect, log }: BakeRecord): void => {
  if (defect === null) return;
  change(say.putMendingIn, (p) =>
    withDefect(p, { kind: defect, bake: log.bake, where: '', on: today() }),
  );
};
const isMended = ({ defect, log }: BakeRecord): boolean =>
  piece.value.cure.defects.some(({ kind, bake }) => kind === defect && bake === log.bake);
</script>

<template>
  <HintText v-if="records.length === 0">{{ say.noTraceYet }}</HintText>
  <article v-for="record in records" :key="record.log.id" :data-record="record.log.id">
    <h4>
      <span :class="record.verdict">{{ say.verdicts[record.verdict] }}</span>
      <small>{{ say.whenBy(record.log.on, record.log.by) }}</small>
    </h4>
    <p v-for="line in record.advice" :key="line" class="advice">{{ line }}</p>
    <WorkingRow v-for="working in numbersOf(record)" :key="working.id" :working="working" />
    <WorkingRow v-if="films.get(record.log.id)" :working="films.get(record.log.id)!" />
    <QuantityField
      small
      words
      :label="say.noteOnBake(record.log.on)"
      :placeholder="say.note"
      :shown="record.log.note"
      :parse="(typed) => accepted(cutText(typed, 500))"
      @set="change(say.noteBake, (p) => withLogPart(p, record.log.id, { note: $event }))"
    />
    <div class="acts">
      <ActionButton v-if="canLearn(record)" @click="learn(record)">{{
        say.takeOverForOven
      }}</ActionButton>
      <ActionButton v-if="record.defect && !isMended(record)" @click="mendIt(record)">{{
        say.putMendingIntoWork
      }}</ActionButton>
      <ActionButton @click="change(say.throwTraceAway, (p) => withLogPart(p, record.log.id, null))">
        {{ say.throwTraceAway }}
      </ActionButton>
    </div>
  </article>
  <HintText v-if="plan.oven.strange.length > 0">{{
    say.tracesOfOthers(plan.oven.strange.length)
  }}</HintText>
</template>

<style scoped>
article {
  border-bottom: 1px solid var(--line);
  padding-bottom: 6px;
  margin-bottom: 8px;
}
h4 {
  margin: 4px;
  display: flex;
  justify-content: space-between;
  gap: 8px;
  font-size: 16px;
  color: var(--verdigris);
}
h4 small {
  font-weight: 400;
  color: var(--soft);
}
.short,
.cool,
.scorched {
  color: var(--rust);
}
.hot {
  color: var(--ochre);
}
.advice {
  margin: 2px 4px 4px;
  font-size: 14px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
</style>
