<script setup lang="ts">
import * as say from './words.ts';
import type { BakeItem, BakePin } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import SwitchField from '../../../kit/SwitchField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { withPart } from '../../withPart.ts';
import { withPin } from './bakeChanges.ts';

/** How the order is made: its school, parts before or with the surface, and what the user puts where. */
const { piece, plan, change } = usePiecePlan();
const cure = computed(() => piece.value.cure);
const METHODS = [
  { label: say.shellFirst, value: 'shell-first' },
  { label: say.bodyFirst, value: 'body-first' },
  { label: say.allAtOnce, value: 'all-at-once' },
];
const WHY = {
  'shell-first': say.forBulkyBodiesBaked,
  'body-first': say.forSlenderBodiesFirst,
  'all-at-once': say.forSlenderBodiesQuicker,
} as const;
const setMethod = (method: string): void =>
  change(say.changeOrderOfBakes, (p) =>
    withPart(p, 'cure', { method: method as keyof typeof WHY }),
  );
/** What can be put somewhere else: everything but what lies under all the clay. */
const rows = computed(() =>
  plan.value.cure.order.items
    .filter(({ kind }) => !['wires', 'binding', 'core', 'board'].includes(kind))
    .map((item) => ({
      item,
      at: plan.value.cure.stages.find(({ items }) => items.some(({ id }) => id === item.id))
        ?.number,
      value: String(cure.value.pins[item.id] ?? ''),
    })),
);
/** One bake more than there are can be asked for. */
const options = (item: BakeItem) => [
  { label: say.follows, value: '' },
  ...Array.from({ length: plan.value.cure.stages.length + 1 }, (_, i) => ({
    label: item.curesC === null ? say.onFromBake(i + 1) : say.inBake(i + 1),
    value: String(i + 1),
  })),
  ...(item.curesC === null ? [] : [{ label: say.byItself, value: 'alone' }]),
];
function put(item: BakeItem, value: string): void {
  const pin: BakePin | null = value === '' ? null : value === 'alone' ? 'alone' : Number(value);
  change(say.putIntoBake(item.name.toLowerCase()), (p) => withPin(p, item.id, pin));
}
</script>

<template>
  <ChoiceRow :label="say.orderOfBakes" :value="cure.method" :options="METHODS" @set="setMethod" />
  <HintText>{{ WHY[cure.method] }}</HintText>
  <DecisionRow :name="say.smallPartsBaked">
    <SwitchField
      :label="say.smallPartsBaked"
      :value="cure.partsFirst"
      @set="change(say.changeWhenPartsAre, (p) => withPart(p, 'cure', { partsFirst: $event }))"
    />
  </DecisionRow>
  <WorkingRow :working="plan.cure.bakes" />
  <ul class="things">
    <li v-for="row in rows" :key="row.item.id">
      <DecisionRow
        :name="row.at ? say.thingInBake(row.item.name, row.at) : row.item.name"
        :own="row.value !== ''"
        :back="say.letFollow"
        @revert="put(row.item, '')"
      >
        <ChoiceField
          small
          :label="say.whereGoes(row.item.name)"
          :value="row.value"
          :options="options(row.item)"
          @set="put(row.item, $event)"
        />
      </DecisionRow>
      <p class="why">{{ row.item.why }}</p>
    </li>
  </ul>
</template>

<style scoped>
.things {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
.why {
  margin: 0 4px 6px;
  font-size: 13px;
  color: var(--soft);
}
</style>
