<script setup lang="ts">
import * as say from './words.ts';
import {
  freeId,
  problemSentence,
  readSuppliesCsv,
  suppliesCsv,
  type Supply,
} from '@keen-sinew/core';
import { ref } from 'vue';
import { downloadText } from '../files/download.ts';
import { textOf } from '../files/textOf.ts';
import ActionButton from '../kit/ActionButton.vue';
import { FilePicker } from '../kit/heavy.ts';
import HintText from '../kit/HintText.vue';
import OnHandTable from './OnHandTable.vue';
import SupplyRow from './SupplyRow.vue';
import { useWorkshop } from './useWorkshop.ts';

/** Everything on hand that is no wire, clay or paint, lot by lot: how much, what a packet holds and costs, where it lies. */
const { workshop, change } = useWorkshop();
const problem = ref<string | null>(null);
const COLUMNS = [
  ...[say.name, say.kind, say.left, say.countedIn, say.packetHolds, say.packetCosts],
  ...[say.liesAt, say.openedOn],
];

const set = (label: string, supplies: Supply[]): void =>
  change(label, (shop) => ({ ...shop, supplies }));
const withIds = (all: readonly Omit<Supply, 'id'>[]): Supply[] =>
  all.reduce<Supply[]>(
    (out, of) => [
      ...out,
      {
        ...of,
        id: freeId(
          'supply',
          out.map(({ id }) => id),
        ),
      },
    ],
    [...workshop.value.supplies],
  );
const add = (): void =>
  set(
    say.addSupply,
    withIds([
      {
        ...{ kind: 'glue', name: say.newSupply, unit: 'ml', amount: 0, pack: null, price: null },
        ...{ where: '', opened: null },
      },
    ]),
  );
const put = (supply: Supply, part: Partial<Supply>): void =>
  set(
    say.changeSupply,
    workshop.value.supplies.map((of) => (of.id === supply.id ? { ...of, ...part } : of)),
  );
const drop = ({ id }: Supply): void =>
  set(
    say.removeSupply,
    workshop.value.supplies.filter((of) => of.id !== id),
  );
async function takeIn([file]: readonly File[]): Promise<void> {
  if (!file) return;
  const text = await textOf(file);
  const read = text.ok ? readSuppliesCsv(text.value) : text;
  problem.value = read.ok ? null : say.wasNotTakenIn(file.name, problemSentence(read.problem));
  if (read.ok) set(say.takeInSupplies, withIds(read.value));
}
const keep = (): void =>
  downloadText('supplies.csv', suppliesCsv(workshop.value.supplies), 'text/csv');
</script>

<template>
  <OnHandTable
    :columns="COLUMNS"
    :last="say.remove"
    :empty="workshop.supplies.length > 0 ? null : say.noSupplies"
  >
    <SupplyRow
      v-for="supply in workshop.supplies"
      :key="supply.id"
      :supply="supply"
      @put="put(supply, $event)"
      @drop="drop(supply)"
    />
  </OnHandTable>
  <HintText v-if="problem" alarm>{{ problem }}</HintText>
  <p class="acts">
    <ActionButton @click="add">{{ say.addSupply }}</ActionButton>
    <ActionButton v-if="workshop.supplies.length > 0" @click="keep">{{ say.asTable }}</ActionButton>
    <FilePicker :label="say.supplyTable" accept=".csv,text/csv" @take="takeIn">
      {{ say.takeInTable }}
    </FilePicker>
  </p>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 16px;
  margin: 6px 0;
}
</style>
