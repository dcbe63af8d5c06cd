<script setup lang="ts">
import * as say from './words.ts';
import {
  accepted,
  limitsOf,
  parseLength,
  parseMass,
  sentenceText,
  type BenchChoice,
  type CameOut,
  type Sentence,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useOpenIn } from '../../../composables/useOpenIn.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import WorkingDetail from '../../../ledger/WorkingDetail.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import BodyPending from '../../BodyPending.vue';
import { withPart } from '../../withPart.ts';
import BenchTabs from '../BenchTabs.vue';
import StepSentence from '../StepSentence.vue';

/** The finished piece: how it is kept, packed and carried, what goes with it, and what it came out as. */
const { plan, change } = usePiecePlan();
const { system, text } = useUnits();
const bench = computed(() => plan.value.bench);
const openIn = useOpenIn();
const asSentences = (all: readonly string[]): readonly Sentence[] => all.map((text) => [text]);
const parts = computed(() => {
  const { value } = bench;
  if (value === null) return [];
  const { care, weak, pack, madeOf } = value.keeping;
  return [
    { title: say.howKept, lines: asSentences(care) },
    { title: say.weakest, lines: weak },
    { title: say.howPacked, lines: asSentences(pack) },
    { title: say.madeOf, lines: asSentences(madeOf) },
  ];
});
type Measured = keyof BenchChoice['cameOut'];
const FIELDS: Readonly<Record<CameOut['id'], Measured | null>> = {
  ...{ grams: 'grams', height: 'heightMm', length: 'lengthMm', hours: null },
};
const shown = ({ came, planned }: CameOut): string =>
  came === null ? '' : text(came, planned.unit, planned.digits ?? 0);
function read(line: CameOut, typed: string) {
  if (typed.trim() === '') return accepted(null);
  const limits = limitsOf(`bench.cameOut.${FIELDS[line.id]!}`);
  return line.id === 'grams'
    ? parseMass(typed, line.planned.label, limits, system.value)
    : parseLength(
        typed,
        line.planned.label,
        { minMm: limits.min, maxMm: limits.max },
        system.value,
      );
}
function set(field: Measured | null, value: number | null): void {
  if (field === null) return;
  change(say.enterCame, (p) =>
    withPart(p, 'bench', { cameOut: { ...p.bench.cameOut, [field]: value } }),
  );
}
</script>

<template>
  <SheetFrame :label="say.finishedPiece">
    <BenchTabs />
    <BodyPending v-if="!bench" />
    <div v-else class="page" tabindex="0" role="region" :aria-label="say.finishedPiece">
      <section v-for="part in parts" :key="part.title">
        <h2>{{ part.title }}</h2>
        <ul>
          <li v-for="line in part.lines" :key="sentenceText(line)">
            <StepSentence :sentence="line" />
            <WorkingDetail v-if="openIn(line)" :working="openIn(line)!" />
          </li>
        </ul>
      </section>
    </div>
  </SheetFrame>
  <LedgerPanel stage="bench">
    <BodyPending v-if="!bench" />
    <template v-else>
      <LedgerSection :title="say.cameOut">
        <template v-for="line in bench.cameOut" :key="line.id">
          <WorkingRow :working="line.planned" />
          <DecisionRow v-if="FIELDS[line.id] !== null" :name="say.cameOutAs(line.planned.label)">
            <QuantityField
              small
              :label="say.cameOutAs(line.planned.label)"
              :placeholder="say.notMeasured"
              :shown="shown(line)"
              :parse="(typed) => read(line, typed)"
              @set="set(FIELDS[line.id], $event)"
            />
          </DecisionRow>
          <WorkingRow v-if="line.off" :working="line.off" />
        </template>
        <HintText>{{ say.cameHint }}</HintText>
      </LedgerSection>
      <LedgerSection :title="say.boxFor">
        <WorkingRow v-for="working in bench.keeping.box" :key="working.id" :working="working" />
        <HintText>{{ say.careOnPaper }}</HintText>
      </LedgerSection>
    </template>
  </LedgerPanel>
</template>

<style scoped>
.page {
  overflow-y: auto;
  min-height: 0;
  columns: 2;
  column-gap: 28px;
}
section {
  break-inside: avoid;
}
h2 {
  margin: 10px 0 2px;
  font: 700 18px var(--font-title);
}
ul {
  margin: 2px 0 10px;
  padding-left: 18px;
}
li {
  margin: 4px 0;
  max-width: 60ch;
}
@media (max-width: 900px) {
  .page {
    columns: 1;
  }
}
</style>
