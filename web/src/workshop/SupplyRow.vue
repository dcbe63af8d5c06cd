<script setup lang="ts">
import * as say from './words.ts';
import {
  accepted,
  cutText,
  limitsOf,
  parseNumber,
  SUPPLY_KINDS,
  SUPPLY_UNITS,
  type Parsed,
  type Supply,
} from '@keen-sinew/core';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import { DateField } from '../kit/heavy.ts';
import NameField from '../kit/NameField.vue';
import QuantityField from '../kit/QuantityField.vue';

/** One lot: what it is, how much, what a packet holds and costs, where it lies, since when it is open. */
defineProps<{ supply: Supply }>();
const emit = defineEmits<{ put: [part: Partial<Supply>]; drop: [] }>();
const kinds = SUPPLY_KINDS.map((id) => ({ label: say.SUPPLY_WORDS[id], value: id as string }));
const units = SUPPLY_UNITS.map((id) => ({ label: say.UNIT_WORDS[id], value: id as string }));
/** A number of a lot; nothing typed is null where nobody need know it. */
const reads =
  (label: string, field: 'amount' | 'pack' | 'price') =>
  (typed: string): Parsed<number | null> => {
    if (typed.trim() === '' && field !== 'amount') return accepted(null);
    const { min, max } = limitsOf(`workshop.supplies.*.${field}`);
    return parseNumber(typed, label, min, max);
  };
</script>

<template>
  <tr>
    <td>
      <NameField
        :label="say.supplyName"
        :value="supply.name"
        :most="60"
        @set="emit('put', { name: $event })"
      />
    </td>
    <td>
      <ChoiceField
        small
        :label="say.kind2(supply.name)"
        :value="supply.kind"
        :options="kinds"
        @set="emit('put', { kind: $event as Supply['kind'] })"
      />
    </td>
    <td>
      <QuantityField
        small
        :label="say.left2(supply.name)"
        :shown="String(Number(supply.amount.toFixed(2)))"
        :parse="reads(say.left2(supply.name), 'amount')"
        @set="emit('put', { amount: $event ?? 0 })"
      />
    </td>
    <td>
      <ChoiceField
        small
        :label="say.countedIn2(supply.name)"
        :value="supply.unit"
        :options="units"
        @set="emit('put', { unit: $event as Supply['unit'] })"
      />
    </td>
    <td>
      <QuantityField
        small
        :label="say.packetHolds2(supply.name)"
        :placeholder="say.notKnown"
        :shown="supply.pack === null ? '' : String(supply.pack)"
        :parse="reads(say.packetHolds2(supply.name), 'pack')"
        @set="emit('put', { pack: $event })"
      />
    </td>
    <td>
      <QuantityField
        small
        :label="say.priceOfPacket(supply.name)"
        :placeholder="say.notKnown"
        :shown="supply.price?.toFixed(2) ?? ''"
        :parse="reads(say.priceOfPacket2, 'price')"
        @set="emit('put', { price: $event })"
      />
    </td>
    <td>
      <QuantityField
        small
        words
        :label="say.liesAt2(supply.name)"
        :shown="supply.where"
        :parse="(typed) => accepted(cutText(typed, 60))"
        @set="emit('put', { where: $event })"
      />
    </td>
    <td>
      <DateField
        :label="say.openedOn2(supply.name)"
        :value="supply.opened"
        @set="emit('put', { opened: $event })"
      />
    </td>
    <td>
      <ActionButton @click="emit('drop')">
        {{ say.remove }}<span class="visually-hidden">: {{ supply.name }}</span>
      </ActionButton>
    </td>
  </tr>
</template>

<style scoped>
td:nth-child(3),
td:nth-child(5),
td:nth-child(6) {
  width: 84px;
}
td:nth-child(4) {
  width: 90px;
}
td:nth-child(8) {
  width: 132px;
}
</style>
