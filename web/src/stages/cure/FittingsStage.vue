<script setup lang="ts">
import * as say from './words.ts';
import { fittingSheet, type Fitting } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import CautionSign from '../../kit/CautionSign.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import CureTabs from './CureTabs.vue';

/** Everything of the animal that is made apart: how many, how large, of what, with a wire or without. */
const { plan } = usePiecePlan();
const { target, pick } = useSelection();
const { text } = useUnits();
const pickOnSheet = usePickOnSheet();
const fittings = computed(() => plan.value.fittings.fittings);
const rows = computed(() => {
  const sheet = fittingSheet(plan.value.fittings);
  return sheet === undefined ? [] : [[sheet]];
});
/** Its numbers in the order in which one asks for them. */
const workingsOf = ({
  life,
  length,
  thick,
  chord,
  sagitta,
  slender,
  sold,
  larger,
  grams,
}: Fitting) =>
  [life, length, thick, chord, sagitta, slender, sold, larger, grams].filter(
    (working) => working !== null,
  );
const number = (mm: number): string => text(mm, 'mm', 1).replace(/ .*/, '');
const unit = computed(() => text(0, 'mm').replace(/^\S+ /, ''));
</script>

<template>
  <SheetFrame :label="say.partsMadeApart">
    <CureTabs />
    <SheetBoard
      v-if="rows.length > 0"
      :rows="rows"
      :target="target"
      :label="say.partsMadeApart"
      @pick="pickOnSheet"
    />
    <HintText v-else>{{ say.noneMadeApart }}</HintText>
  </SheetFrame>
  <LedgerPanel stage="cure">
    <LedgerSection :title="say.allOfThem">
      <ReckoningTable
        :columns="[say.partColumn, say.countColumn, say.longColumn(unit), say.gramsColumn]"
        :rows="fittings"
        :key-of="(entry) => entry.id"
        ><template #row="{ row: entry }"
          ><tr>
            <td>
              <ActionButton kind="plain" @click="pick({ kind: 'bone', id: entry.boneId })">
                {{ entry.name }}
              </ActionButton>
            </td>
            <td>{{ say.countAndSpare(entry.count, entry.spare) }}</td>
            <td class="number">{{ number(entry.length.value) }}</td>
            <td class="number">{{ entry.grams ? entry.grams.value.toFixed(1) : '' }}</td>
          </tr></template
        ></ReckoningTable
      >
      <HintText>{{ say.holdAgainstDrawing }}</HintText>
      <CautionSign :ids="['small-parts', 'sharp']" />
    </LedgerSection>
    <LedgerSection v-for="entry in fittings" :key="entry.id" :title="entry.name">
      <WorkingRow v-for="working in workingsOf(entry)" :key="working.id" :working="working" />
      <HintText>{{ entry.why }}</HintText>
    </LedgerSection>
  </LedgerPanel>
</template>
