<script setup lang="ts">
import * as say from './words.ts';
import { type FinePart, type Shaft, type WireSize } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import { numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import WireSizeField from '../../kit/WireSizeField.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withFine } from './wireChanges.ts';

/** Digits, ears, antennae, fins: the thin wire of each, or why it has none. */
const { plan, change } = usePiecePlan();
const { open } = useSelection();
/** Left and right are one choice. */
const parts = computed(() => {
  const seen = new Set<string>();
  return plan.value.wire.fine.filter(({ key }) => !seen.has(key) && seen.add(key));
});
const usual = (part: FinePart) => ({
  metal: part.choice?.metal ?? 'aluminium-soft',
  size: part.choice?.size ?? ({ system: 'mm', value: 0.4 } as WireSize),
  count: part.count,
});
const set = (part: FinePart, own: Partial<ReturnType<typeof usual>> | null | undefined): void =>
  change(say.changeThinWire(part.plainName), (p) =>
    withFine(p, part.key, own && { ...usual(part), ...own }),
  );
const setShaft = (shaft: Shaft, own: { size?: WireSize } | null | undefined): void =>
  change(say.changeShaft(shaft.name.toLowerCase()), (p) =>
    withFine(
      p,
      shaft.key,
      own && { metal: shaft.metal, size: shaft.size, count: shaft.count, ...own },
    ),
  );
</script>

<template>
  <HintText v-if="parts.length === 0">
    {{ say.noDigitsEarsOr }}
  </HintText>
  <div v-for="part in parts" :key="part.key" class="part">
    <span class="name">
      {{ part.plainName }}
      <small><WorkingCell unit :working="part.length" /> {{ say.long }}</small>
    </span>
    <WorkingDetail v-if="open === part.length.id" class="wide" :working="part.length" />
    <template v-if="part.choice">
      <WireSizeField
        :label="say.diameterOrGauge(part.plainName)"
        :size="part.choice.size"
        @set="set(part, { size: $event })"
      />
      <label class="count">
        <QuantityField
          small
          :label="say.wiresEach(part.plainName)"
          :shown="String(part.count)"
          :parse="numberAt('wire.fine.*.count', say.wiresEach(part.plainName))"
          @set="set(part, { count: Math.round($event) })"
        />
        {{ say.each }}
      </label>
      <ActionButton @click="set(part, null)">
        {{ say.leaveOut }}
      </ActionButton>
      <span v-if="part.stops" class="why">{{ part.stops }}</span>
    </template>
    <template v-else>
      <span class="why">{{ say.noWire(part.why) }}</span>
      <ActionButton v-if="part.leftOut" @click="set(part, undefined)">
        {{ say.asUsual }}
      </ActionButton>
      <ActionButton v-else @click="set(part, {})">
        {{ say.giveItOne }}
      </ActionButton>
    </template>
  </div>
  <div v-for="shaft in plan.wire.shafts" :key="shaft.key" class="part">
    <span class="name">
      {{ shaft.name }}
      <small><WorkingCell unit :working="shaft.length" /> {{ say.longMadeApart }}</small>
    </span>
    <WorkingDetail v-if="open === shaft.length.id" class="wide" :working="shaft.length" />
    <template v-if="shaft.cut">
      <WireSizeField
        :label="say.diameterOrGauge2(shaft.name)"
        :size="shaft.size"
        @set="setShaft(shaft, { size: $event })"
      />
      <WorkingRow class="wide" :working="shaft.cut" :label="`${shaft.id}, ${shaft.count} ×`" />
      <ActionButton @click="setShaft(shaft, null)">
        {{ say.leaveOut }}
      </ActionButton>
    </template>
    <template v-else>
      <span class="why">{{ say.noWire(shaft.why) }}</span>
      <ActionButton @click="setShaft(shaft, shaft.leftOut ? undefined : {})">
        {{ shaft.leftOut ? say.asUsual : say.giveItOne }}
      </ActionButton>
    </template>
  </div>
  <HintText>
    {{ say.thinWireRunsTo }}
  </HintText>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: 1fr 104px;
  gap: 3px 8px;
  align-items: center;
  padding: 5px 4px;
  border-bottom: 1px dotted var(--line);
  font-size: 14px;
}
small {
  color: var(--soft);
  font-size: 13px;
}
.wide {
  grid-column: 1 / -1;
}
.count {
  display: grid;
  grid-template-columns: 52px 1fr;
  gap: 6px;
  align-items: center;
}
</style>
