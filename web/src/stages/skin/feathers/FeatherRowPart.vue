<script setup lang="ts">
import * as say from './words.ts';
import {
  FEATHER_WAYS,
  type FeatherPlan,
  type FeatherRowPlan,
  type FeatherWay,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import { lengthAt, numberAt, percentAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import FeatherTable from './FeatherTable.vue';
import { withFeatherRow, withWay } from './featherChanges.ts';

/** A row of feathers: how it is made, how many, how long, and each of them. */
const props = defineProps<{ row: FeatherRowPlan; shafts: FeatherPlan['shafts'] }>();
const { piece, plan, change } = usePiecePlan();
const { text, system } = useUnits();
const name = computed(() => props.row.row.name.toLowerCase());
const own = computed(() => piece.value.skin.feathers.rows[props.row.row.id]);
const set = (part: Parameters<typeof withFeatherRow>[2]): void =>
  change(say.changeRow(name.value), (p) => withFeatherRow(p, props.row.row.id, part));
function setWay(way: FeatherWay): void {
  const { id, zone } = props.row.row;
  const all = plan.value.skin.feathers?.rows ?? [];
  const beside = all.filter(({ row }) => row.zone === zone && row.id !== id);
  change(say.changeRow(name.value), (p) =>
    withWay(
      p,
      id,
      zone,
      way,
      beside.map(({ row }) => row.id),
    ),
  );
}
const WAYS = FEATHER_WAYS.map((value) => ({ label: say.WAYS[value], value }));
</script>

<template>
  <ChoiceRow
    :label="say.wayOf(name)"
    :value="row.way"
    :options="WAYS"
    @set="setWay($event as FeatherWay)"
  />
  <HintText>{{ say.HOW[row.way] }}</HintText>
  <DecisionRow
    :name="say.eachSide"
    :own="own?.many != null"
    :back="say.usual"
    @revert="set({ many: null })"
  >
    <QuantityField
      small
      :label="say.of(say.eachSide, name)"
      :shown="String(row.many.value)"
      :parse="numberAt('skin.feathers.rows.*.many', say.eachSide)"
      @set="set({ many: Math.round($event) })"
    />
  </DecisionRow>
  <DecisionRow
    :name="say.longest"
    :own="own?.longestMm != null"
    :back="say.usual"
    @revert="set({ longestMm: null })"
  >
    <QuantityField
      small
      :label="say.of(say.longest, name)"
      :shown="text(row.longest.value, 'mm', 0)"
      :parse="lengthAt('skin.feathers.rows.*.longestMm', say.longest, system)"
      @set="set({ longestMm: $event })"
    />
  </DecisionRow>
  <DecisionRow
    :name="say.leastOverlap"
    :own="own?.overlap != null"
    :back="say.usual"
    @revert="set({ overlap: null })"
  >
    <QuantityField
      small
      :label="say.of(say.leastOverlap, name)"
      :shown="`${Math.round(100 * row.overlap)} %`"
      :parse="percentAt('skin.feathers.rows.*.overlap', say.leastOverlap)"
      @set="set({ overlap: $event })"
    />
  </DecisionRow>
  <WorkingRow :working="row.many" />
  <WorkingRow :working="row.longest" />
  <WorkingRow v-if="row.barb" :working="row.barb" />
  <WorkingRow :working="row.minutes" />
  <FeatherTable :row="row" :shafts="shafts" />
</template>
