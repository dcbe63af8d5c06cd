<script setup lang="ts">
import * as say from './words.ts';
import { accepted, STUFFS, type GoesIn, type MayGoIn } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import CautionSign from '../../../kit/CautionSign.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import OwnStuffs from '../../../workshop/OwnStuffs.vue';
import WorkshopNote from '../../../workshop/WorkshopNote.vue';
import FoundThings from '../bakes/FoundThings.vue';
import CureTabs from '../CureTabs.vue';

/** What stands what heat: "may this go in?" for everything on the piece, and a list to look stuffs up in. */
const { plan } = usePiecePlan();
const { text } = useUnits();
const stages = computed(() => plan.value.cure.stages);
const rows = computed(() => plan.value.cure.mayGoIn);
const bearsText = ({ item }: MayGoIn): string =>
  item.curesC === null
    ? rangeText(item.stuff.givesWayC)
    : say.curesBetween(text(item.curesC[0], 'degC'), text(item.curesC[1], 'degC'));
const rangeText = ([low, high]: readonly [number, number]): string =>
  low === high ? text(low, 'degC') : `${text(low, 'degC')} – ${text(high, 'degC')}`;
const toneOf = (answer: GoesIn): string => ({ no: 'no', label: 'label' })[answer as 'no'] ?? '';

/** What may not go in, or only by its label, is told with why. */
const isDoubtful = ({ answers }: MayGoIn): boolean =>
  answers.some((answer) => answer === 'no' || answer === 'label');

const sought = ref('');
const stuffs = computed(() => {
  const word = sought.value.trim().toLowerCase();
  return STUFFS.filter(
    ({ name, note }) => word === '' || `${name} ${note}`.toLowerCase().includes(word),
  );
});
const setText = (of: (typeof STUFFS)[number]): string =>
  of.setsH === null ? '' : `${text(of.setsH[0], 'h')} – ${text(of.setsH[1], 'h')}`;
</script>

<template>
  <SheetFrame :label="say.whatStandsWhat">
    <CureTabs />
    <div class="scroll">
      <h2>{{ say.mayThisGoIn }}</h2>
      <ReckoningTable
        :columns="[
          say.thing,
          say.ofStuff,
          say.bears,
          ...stages.map(({ number, name }) => `${number} ${name}`),
        ]"
        :rows="rows"
        :key-of="(row) => row.item.id"
        :caption="say.mayThisGoIn"
        ><template #row="{ row }"
          ><tr :data-thing="row.item.id">
            <td>{{ row.item.name }}</td>
            <td>
              {{ row.item.stuff.name }}
              <small v-if="isDoubtful(row) && row.item.stuff.note">{{ row.item.stuff.note }}</small>
            </td>
            <td class="number bears">{{ bearsText(row) }}</td>
            <td v-for="(answer, i) in row.answers" :key="i" :class="toneOf(answer)">
              {{ say.answers[answer] }}
            </td>
          </tr></template
        ></ReckoningTable
      >
      <h2>{{ say.lookUp }}</h2>
      <QuantityField
        words
        :label="say.seekStuff"
        :placeholder="say.seekStuff"
        :shown="sought"
        :parse="accepted"
        @set="sought = $event"
      />
      <ReckoningTable
        :columns="[say.stuff, say.givesWay, say.how, say.setsIn, say.toKnow]"
        :rows="stuffs"
        :key-of="(row) => row.id"
        :caption="say.lookUp"
        ><template #row="{ row }"
          ><tr>
            <td>{{ row.name }}</td>
            <td class="number bears">{{ rangeText(row.givesWayC) }}</td>
            <td>{{ say.ways[row.how] }}</td>
            <td class="number bears">{{ setText(row) }}</td>
            <td class="note">{{ row.note }}</td>
          </tr></template
        ></ReckoningTable
      >
      <HintText>{{ say.fromMemory }}</HintText>
    </div>
  </SheetFrame>
  <LedgerPanel stage="cure">
    <LedgerSection :title="say.byTheirLabels">
      <WorkshopNote />
      <OwnStuffs />
    </LedgerSection>
    <LedgerSection :title="say.foundThings"><FoundThings /></LedgerSection>
    <LedgerSection :title="say.cautions">
      <CautionSign :ids="['oven', 'epoxy', 'raw-work', 'label']" />
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.scroll {
  overflow-y: auto;
  flex: 1;
  min-height: 0;
}
h2 {
  font-size: 17px;
  margin: 10px 0 4px;
}
small {
  display: block;
  color: var(--soft);
  font-size: 13px;
}
.bears {
  white-space: nowrap;
}
td:nth-child(2),
.note {
  text-align: left;
}
.scroll :deep(th:nth-child(2)),
.scroll :deep(th:nth-child(5):last-child) {
  text-align: left;
}
.no {
  color: var(--rust);
  font-weight: 700;
}
.label {
  color: var(--ochre);
}
.note {
  font-size: 13.5px;
  color: var(--soft);
}
</style>
