<script setup lang="ts">
import * as say from './words.ts';
import { COAT_METHODS, wordsOf, type CoatMethod, type ZonePlan } from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import PickRow from '../../controls/PickRow.vue';
import { lengthAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withPart } from '../withPart.ts';

const { piece, plan, change } = usePiecePlan();
const { target, pick } = useSelection();
const { system, text } = useUnits();
const NAMES = { carved: say.inClay, fibre: say.fibreOnIt, smooth: say.smooth } as const;
const METHODS = COAT_METHODS.map((value) => ({ label: NAMES[value], value }));
const zones = computed(() => plan.value.skin.zones);
const chosenId = ref('flanks');
const chosen = computed(
  () => zones.value.find((entry) => entry.zone.id === chosenId.value) ?? zones.value[0]!,
);
watch(
  target,
  (now) => {
    if (now?.kind === 'zone') chosenId.value = now.id;
  },
  { immediate: true },
);

const word = computed(() => {
  const { one: entry } = wordsOf(chosen.value.zone);
  return entry.charAt(0).toUpperCase() + entry.slice(1);
});
const stroke = computed(() => wordsOf(chosen.value.zone).shortStroke);

function choose(entry: ZonePlan): void {
  chosenId.value = entry.zone.id;
  pick({ kind: 'zone', id: entry.zone.id });
}

function set(part: { method?: CoatMethod; hairMm?: number | null }): void {
  const { zone, method } = chosen.value;
  change(say.changeCoatOf(zone.name.toLowerCase()), (p) =>
    withPart(p, 'skin', {
      zones: {
        ...p.skin.zones,
        [zone.id]: { method, hairMm: p.skin.zones[zone.id]?.hairMm ?? null, ...part },
      },
    }),
  );
}
const madeWith = (zone: ZonePlan) =>
  zone.method === 'carved' ? (zone.tool?.name ?? say.noneSoFine) : NAMES[zone.method].toLowerCase();
</script>

<template>
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">{{ say.zone }}</th>
        <th scope="col">{{ say.long }}</th>
        <th scope="col">{{ say.wide }}</th>
        <th scope="col">{{ say.madeWith }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="entry in zones" :key="entry.zone.id" :class="{ chosen: entry === chosen }">
        <td>
          <button
            type="button"
            class="zone"
            :aria-pressed="entry === chosen"
            @click="choose(entry)"
          >
            {{ entry.zone.name }}
          </button>
        </td>
        <td class="number">{{ text(entry.length.value, 'mm').replace(/ .*/, '') }}</td>
        <td class="number">
          {{ entry.width ? text(entry.width.value, 'mm', 2).replace(/ .*/, '') : '' }}
        </td>
        <td class="tool" :class="{ none: entry.method === 'carved' && !entry.tool }">
          {{ madeWith(entry) }}
        </td>
      </tr>
    </tbody>
  </table>
  <h4>{{ chosen.zone.name }}</h4>
  <PickRow
    :label="say.howCoatOfIs(chosen.zone.name)"
    :value="chosen.method"
    :options="METHODS"
    @set="set({ method: $event as CoatMethod })"
  />
  <p v-if="chosen.zone.hair === null && chosen.method === 'smooth'" class="says">
    {{ say.bareItIsSmoothed }}
  </p>
  <template v-else>
    <DecisionRow
      :name="say.inLife(word)"
      :own="piece.skin.zones[chosen.zone.id]?.hairMm != null"
      :back="say.librarys"
      @revert="set({ hairMm: null })"
    >
      <QuantityField
        small
        :label="say.inLife2(word, chosen.zone.name)"
        :shown="text(chosen.hairLife.value, 'mm')"
        :parse="lengthAt('skin.zones.*.hairMm', say.inLife(word), system)"
        @set="set({ hairMm: $event })"
      />
    </DecisionRow>
    <WorkingRow :working="chosen.hairLife" :label="say.inLife(word)" />
    <WorkingRow :working="chosen.length" :label="say.onModel(word)" />
    <WorkingRow
      v-if="chosen.width"
      :working="chosen.width"
      :label="say.widthOf(stroke)"
      :alarm="chosen.method === 'carved' && !chosen.tool"
    />
    <WorkingRow :working="chosen.undersize" :label="say.leftFreeForFibre" />
  </template>
  <p v-if="chosen.method === 'carved' && chosen.locksPerStroke > 1" class="says">
    {{ say.yourFinestToolMakes(chosen.locksPerStroke) }}
  </p>
  <p v-if="chosen.method === 'fibre'" class="says">
    {{ say.clayUnderThisZone }}
  </p>
</template>

<style scoped>
.zone {
  background: none;
  border: 0;
  padding: 2px 0;
  text-align: left;
  cursor: pointer;
}
.chosen .zone {
  font-weight: 700;
}
.tool {
  font-size: 13px;
}
.none {
  color: var(--ochre);
  font-weight: 600;
}
h4 {
  margin: 12px 0 6px;
  font: 700 16px var(--font-title);
}
.says {
  margin: 6px 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
