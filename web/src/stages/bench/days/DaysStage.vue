<script setup lang="ts">
import * as say from './words.ts';
import type { Booking, PieceEnd } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { downloadText } from '../../../files/download.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import { DateField } from '../../../kit/heavy.ts';
import HintText from '../../../kit/HintText.vue';
import JobProgress from '../../../kit/JobProgress.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import BodyPending from '../../BodyPending.vue';
import { withPart } from '../../withPart.ts';
import BenchTabs from '../BenchTabs.vue';
import DayList from './DayList.vue';
import DaysChart from './DaysChart.vue';
import { dayText, momentText } from '../../../composables/dayText.ts';
import HoursPart from './HoursPart.vue';
import { today, withPin } from '../stepChanges.ts';
import { useBenchPlan } from './useBenchPlan.ts';
import { useWeekPaper } from './useWeekPaper.ts';

/** The work laid into the days: what is done when, when it will be ready, and what would bring that nearer. */
const { piece, plan, change } = usePiecePlan();
const { pieces, work } = useBenchPlan();
const schedule = computed(() => work.answer.value?.value ?? null);
const isLeft = computed(() => plan.value.bench?.steps.some(({ done }) => done === null) ?? true);
const SHOWN_DAYS = 10;
/** So many days with work are shown. */
const many = ref(SHOWN_DAYS);
const shown = computed(() => {
  const all = schedule.value?.bookings ?? [];
  const days = [...new Set(all.map(({ start }) => start.slice(0, 10)))];
  const last = days[many.value - 1];
  return last === undefined ? all : all.filter(({ start }) => start.slice(0, 10) <= last);
});
const isMore = computed(() => shown.value.length < (schedule.value?.bookings.length ?? 0));
/** Finer bars than those of a few days are not seen. */
const CHART_DAYS = 7;
const charted = computed(() => {
  const days = [...new Set(shown.value.map(({ start }) => start.slice(0, 10)))];
  const last = days[Math.min(days.length, CHART_DAYS) - 1];
  return shown.value.filter(({ start }) => start.slice(0, 10) <= (last ?? ''));
});
const endWords = ({ ready, due, lateDays }: PieceEnd): string =>
  [
    ready === null ? say.neverReady : say.readyOn(momentText(ready)),
    ...(due === null || ready === null ? [] : [lateDays > 0 ? say.late(lateDays) : say.inTime]),
  ].join(', ');
const lateOnes = computed(() => schedule.value?.ends.flatMap(({ late }) => late ?? []) ?? []);
const setDue = (day: string | null): void =>
  change(say.changeDue, (p) => withPart(p, 'bench', { due: day }));

/** A bar that was dropped on a day that has come is let go of: its step is done as soon as can be. */
const pin = ({ step, title }: Booking, day: string): void =>
  change(say.pinStep(title), (p) => withPin(p, step, day <= today() ? null : day));
/** A clock that was set back is told: what was ticked after it would be planned once more. */
const clockBack = computed(() => {
  const last = Object.values(piece.value.bench.done)
    .map(({ on }) => on)
    .toSorted()
    .at(-1);
  return last === undefined || last <= today()
    ? null
    : say.clockIsBack(dayText(last), dayText(today()));
});
const week = useWeekPaper(
  () => schedule.value?.bookings ?? [],
  (id) => pieces.value.find((of) => of.id === id)?.name ?? id,
);

async function toCalendar(): Promise<void> {
  const { calendarIcs } = await import('@keen-sinew/core/ics');
  const nameOf = (id: string): string => pieces.value.find((of) => of.id === id)?.name ?? id;
  const bookings = schedule.value?.bookings ?? [];
  const text = calendarIcs(piece.value.name, bookings, nameOf, new Date());
  downloadText(`${piece.value.id}.ics`, text, 'text/calendar');
}
</script>

<template>
  <SheetFrame :label="say.workByDays">
    <BenchTabs />
    <BodyPending v-if="!plan.bench" />
    <HintText v-else-if="!isLeft">{{ say.nothingLeft }}</HintText>
    <JobProgress v-else-if="!schedule" :job="work" :sentence="say.planIsMade" />
    <template v-else>
      <DaysChart
        v-if="charted.length > 0"
        :bookings="charted"
        :pieces="pieces"
        :own="piece.id"
        @pin="pin"
      />
      <DayList :bookings="shown" :pieces="pieces" />
      <ActionButton v-if="isMore" @click="many += SHOWN_DAYS">{{ say.moreDays }}</ActionButton>
    </template>
  </SheetFrame>
  <LedgerPanel stage="bench">
    <LedgerSection :title="say.whenReady">
      <HintText v-if="clockBack" alarm>{{ clockBack }}</HintText>
      <DecisionRow :name="say.due">
        <DateField :label="say.dueOn" :value="piece.bench.due" @set="setDue" />
      </DecisionRow>
      <template v-if="schedule">
        <p
          v-for="end in schedule.ends"
          :key="end.piece"
          class="end"
          :class="{ late: end.lateDays > 0 }"
        >
          <b>{{ end.name }}</b> {{ endWords(end) }}
        </p>
        <WorkingRow v-for="late in lateOnes" :key="late.id" :working="late" alarm />
        <HintText v-if="schedule.tooLong.length > 0">{{
          say.tooLong(schedule.tooLong.join(', '))
        }}</HintText>
        <WorkingRow v-if="plan.bench" :working="plan.bench.timed" />
        <WorkingRow v-if="schedule.span" :working="schedule.span" />
        <WorkingRow :working="schedule.bound" />
        <WorkingRow v-if="schedule.gap" :working="schedule.gap" />
        <HintText v-if="schedule.isLeast">{{ say.isLeast }}</HintText>
        <template v-if="schedule.levers.length > 0">
          <HintText>{{ say.wouldBringNearer }}</HintText>
          <WorkingRow v-for="lever in schedule.levers" :key="lever.id" :working="lever.saves" />
        </template>
        <p class="acts">
          <ActionButton @click="toCalendar">{{ say.asCalendar }}</ActionButton>
          <ActionButton :disabled="week.busy.value" @click="week.make">{{
            say.asWeek
          }}</ActionButton>
        </p>
        <HintText v-if="week.problem.value" alarm>{{ week.problem.value }}</HintText>
        <HintText>{{ say.othersHint }}</HintText>
      </template>
    </LedgerSection>
    <LedgerSection :title="say.hoursAtBench"><HoursPart /></LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.end {
  margin: 4px;
  font-size: 14.5px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  margin: 4px;
}
.late {
  color: var(--rust);
}
</style>
