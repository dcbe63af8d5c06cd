<script setup lang="ts">
import * as say from './words.ts';
import { aboutsAt, diaryOf, foundIn, type DiaryEntry } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import EmptyState from '../../../kit/EmptyState.vue';
import HintText from '../../../kit/HintText.vue';
import JobProgress from '../../../kit/JobProgress.vue';
import SearchField from '../../../kit/SearchField.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import { downloadBlob } from '../../../files/download.ts';
import { useArchive } from '../../../files/useArchive.ts';
import BodyPending from '../../BodyPending.vue';
import BenchTabs from '../BenchTabs.vue';
import LessonList from './LessonList.vue';
import LogList from './LogList.vue';
import NewEntry from './NewEntry.vue';

/** The diary of the piece, what is written into it, and what was learnt. */
const { piece, plan } = usePiecePlan();
const bench = computed(() => plan.value.bench);
const search = ref('');
const learning = ref<DiaryEntry | null>(null);
const all = computed(() => (bench.value ? diaryOf(piece.value, bench.value.steps) : []));
const found = computed(() => foundIn(all.value, search.value));
/** What a lesson of an entry may come back at: its step and all of that, or the animal. */
const abouts = computed(() => {
  const { value: entry } = learning;
  if (entry === null || bench.value === null) return [];
  const id = entry.id.startsWith('step.')
    ? entry.id.slice(5)
    : piece.value.bench.log.find((of) => of.id === entry.id)?.step;
  const step = bench.value.steps.find((of) => of.id === id);
  const about = step ?? { id: '', work: 'look' as const };
  const told = aboutsAt(about, bench.value.materials, piece.value);
  return step === undefined ? told.filter(({ kind }) => kind === 'animal') : told;
});
const packing = useArchive(say.diaryNotMade);
async function diary(): Promise<void> {
  const [of, its] = [piece.value, bench.value];
  if (its === null) return;
  const blob = await packing.run(async () =>
    (await import('../../../files/diaryZip.ts')).diaryZip(of, its),
  );
  if (blob !== null) downloadBlob(`${of.id}-diary.zip`, blob);
}
</script>

<template>
  <SheetFrame :label="say.diary">
    <BenchTabs />
    <BodyPending v-if="!bench" />
    <template v-else>
      <p class="search">
        <SearchField :label="say.searchIn" :value="search" @set="search = $event" />
        <ActionButton kind="line" @click="diary">{{ say.asDiary }}</ActionButton>
      </p>
      <JobProgress v-if="packing.shown.value" :job="packing" :sentence="say.diaryIsPacked" />
      <EmptyState v-if="all.length === 0" :reason="say.nothingYet" />
      <HintText v-else-if="found.length === 0">{{ say.nothingFound(search) }}</HintText>
      <LogList v-else :entries="found" @learn="learning = $event" />
    </template>
  </SheetFrame>
  <LedgerPanel stage="bench">
    <BodyPending v-if="!bench" />
    <template v-else>
      <LedgerSection :title="say.writeEntry"><NewEntry :steps="bench.steps" /></LedgerSection>
      <LedgerSection :title="say.lessons">
        <LessonList
          :from="learning"
          :abouts="abouts"
          :steps="bench.steps"
          @kept="learning = null"
        />
      </LedgerSection>
    </template>
  </LedgerPanel>
</template>

<style scoped>
.search {
  display: flex;
  gap: 12px;
  margin: 6px 0;
}
</style>
