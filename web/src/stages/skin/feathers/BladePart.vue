<script setup lang="ts">
import * as say from './words.ts';
import { BLADE_WAYS, type BladePlan, type BladeWay } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import { lengthAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import OpenedRow from '../../../ledger/OpenedRow.vue';
import WorkingCell from '../../../ledger/WorkingCell.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { withBlade } from './featherChanges.ts';

/** A thin wing, a fin or a membrane: how it is made, how thick, where it is held, and the wire along its edge. */
const props = defineProps<{ blade: BladePlan }>();
const { piece, change } = usePiecePlan();
const { text, system } = useUnits();
const id = computed(() => props.blade.pattern.blade.id);
const name = computed(() => props.blade.pattern.blade.name.toLowerCase());
const own = computed(() => piece.value.skin.feathers.blades[id.value]);
const set = (part: Parameters<typeof withBlade>[3]): void =>
  change(say.changeBlade(name.value), (p) => withBlade(p, id.value, props.blade.way, part));
const WAYS = BLADE_WAYS.map((value) => ({ label: say.BLADES[value], value }));
const workings = computed(() => {
  const { atScale, made, area, attached, slack, folds, prop, wire, minutes } = props.blade;
  const all = [atScale, made, area, attached, slack, folds, prop, wire?.cut, wire?.lap, minutes];
  return all.filter((working) => working !== null && working !== undefined);
});
</script>

<template>
  <ChoiceRow
    :label="say.wayOfBlade(name)"
    :value="blade.way"
    :options="WAYS"
    @set="set({ way: $event as BladeWay })"
  />
  <HintText>{{ say.HOW_BLADE[blade.way] }}</HintText>
  <DecisionRow
    :name="say.ownThick"
    :own="own?.thickMm != null"
    :back="say.byStuff"
    @revert="set({ thickMm: null })"
  >
    <QuantityField
      small
      :label="say.of(say.ownThick, name)"
      :shown="text(blade.made.value, 'mm', 2)"
      :parse="lengthAt('skin.feathers.blades.*.thickMm', say.ownThick, system)"
      @set="set({ thickMm: $event })"
    />
  </DecisionRow>
  <DecisionRow
    v-if="blade.way !== 'pressed'"
    :name="say.ownWire"
    :own="own?.wireMm != null"
    :back="say.usual"
    @revert="set({ wireMm: null })"
  >
    <QuantityField
      small
      :label="say.of(say.ownWire, name)"
      :shown="blade.wire ? text(blade.wire.thickMm, 'mm', 1) : ''"
      :parse="lengthAt('skin.feathers.blades.*.wireMm', say.ownWire, system)"
      @set="set({ wireMm: $event })"
    />
  </DecisionRow>
  <WorkingRow v-for="working in workings" :key="working.id" :working="working" />
  <template v-if="blade.wire && blade.wire.bends.length > 0">
    <ReckoningTable
      :columns="[...say.BENDS]"
      :rows="blade.wire.bends"
      :key-of="(bend) => String(bend.markMm)"
      ><template #row="{ row: bend, index }"
        ><tr>
          <td>{{ index + 1 }}</td>
          <td><WorkingCell :working="bend.mark" unit /></td>
          <td><WorkingCell :working="bend.turn" unit /></td>
        </tr>
        <OpenedRow :of="[bend.mark, bend.turn]" /></template
    ></ReckoningTable>
    <HintText>{{ say.bendsOfEdge }}</HintText>
  </template>
  <HintText v-if="blade.way === 'clay'">{{ say.joinHint }}</HintText>
</template>
