<script setup lang="ts">
import * as say from './words.ts';
import {
  freeId,
  accepted,
  CLAYS,
  cutText,
  limitsOf,
  parseMass,
  parseNumber,
  type ClayOnHand,
  type Parsed,
} from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import { DateField } from '../kit/heavy.ts';
import NameField from '../kit/NameField.vue';
import QuantityField from '../kit/QuantityField.vue';
import OnHandTable from './OnHandTable.vue';
import { useWorkshop } from './useWorkshop.ts';

/** Clay in the cupboard: what it is called on the packet, how much is left, what a packet costs. */
const { workshop, change } = useWorkshop();
const { system, text } = useUnits();
const classes = CLAYS.map(({ id, name }) => ({ label: name, value: id as string }));

const set = (label: string, clays: ClayOnHand[]): void =>
  change(label, (shop) => ({ ...shop, clays }));
function add(): void {
  const id = freeId(
    'clay',
    workshop.value.clays.map((entry) => entry.id),
  );
  set(say.addClayOnHand, [
    ...workshop.value.clays,
    {
      id,
      classId: 'oven-firm',
      name: say.firmOvenClay,
      grams: 0,
      packetPrice: null,
      where: '',
      opened: null,
    },
  ]);
}
const put = (clay: ClayOnHand): void =>
  set(
    say.changeClayOnHand,
    workshop.value.clays.map((entry) => (entry.id === clay.id ? clay : entry)),
  );
const drop = (id: string): void =>
  set(
    say.removeClayOnHand,
    workshop.value.clays.filter((entry) => entry.id !== id),
  );
const readPrice = (typed: string): Parsed<number | null> =>
  typed.trim() === ''
    ? accepted(null)
    : parseNumber(
        typed,
        say.priceOfPacket2,
        limitsOf('workshop.clays.*.packetPrice').min,
        limitsOf('workshop.clays.*.packetPrice').max,
      );
</script>

<template>
  <OnHandTable
    :columns="[say.name, say.kind, say.left, say.packetCosts, say.liesAt, say.openedOn]"
    :last="say.remove"
    :empty="workshop.clays.length > 0 ? null : say.noClayIsEntered"
  >
    <tr v-for="clay in workshop.clays" :key="clay.id">
      <td>
        <NameField
          :label="say.clayOnHandName"
          :value="clay.name"
          :most="60"
          @set="put({ ...clay, name: $event })"
        />
      </td>
      <td>
        <ChoiceField
          small
          :label="say.kind2(clay.name)"
          :value="clay.classId"
          :options="classes"
          @set="put({ ...clay, classId: $event as ClayOnHand['classId'] })"
        />
      </td>
      <td>
        <QuantityField
          small
          :label="say.left2(clay.name)"
          :shown="text(clay.grams, 'g', system === 'metric' ? 0 : 1)"
          :parse="
            (typed) =>
              parseMass(typed, say.left2(clay.name), limitsOf('workshop.clays.*.grams'), system)
          "
          @set="put({ ...clay, grams: $event })"
        />
      </td>
      <td>
        <QuantityField
          small
          :label="say.priceOfPacket(clay.name)"
          :placeholder="say.notKnown"
          :shown="clay.packetPrice?.toFixed(2) ?? ''"
          :parse="readPrice"
          @set="put({ ...clay, packetPrice: $event })"
        />
      </td>
      <td>
        <QuantityField
          small
          words
          :label="say.liesAt2(clay.name)"
          :shown="clay.where"
          :parse="(typed) => accepted(cutText(typed, 60))"
          @set="put({ ...clay, where: $event })"
        />
      </td>
      <td>
        <DateField
          :label="say.openedOn2(clay.name)"
          :value="clay.opened"
          @set="put({ ...clay, opened: $event })"
        />
      </td>
      <td>
        <ActionButton @click="drop(clay.id)">
          {{ say.remove }}<span class="visually-hidden">: {{ clay.name }}</span>
        </ActionButton>
      </td>
    </tr>
  </OnHandTable>
  <ActionButton @click="add">{{ say.addClay }}</ActionButton>
</template>

<style scoped>
td:nth-child(3),
td:nth-child(4) {
  width: 108px;
}
td:nth-child(6) {
  width: 140px;
}
</style>
