<script setup lang="ts">
import * as say from './words.ts';
import { COAT_METHODS, wordsOf, type CoatMethod, type ZonePlan } from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { lengthAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withPart } from '../withPart.ts';

const { piece, plan, change } = usePiecePlan();
const { target, pick } = useSelection();
const { system, text } = useUnits();
const NAMES = {
  carved: say.inClay,
  fibre: say.fibreOnIt,
  pelt: say.peltOnIt,
  smooth: say.smooth,
} as const;
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
  <ReckoningTable
    :columns="[say.zone, say.long, say.wide, say.madeWith]"
    :rows="zones"
    :key-of="(entry) => entry.zone.id"
    ><template #row="{ row: entry }"
      ><tr :class="{ chosen: entry === chosen }">
        <td>
          <ActionButton
            kind="plain"
            class="zone"
            :aria-pressed="entry === chosen"
            @click="choose(entry)"
          >
            {{ entry.zone.name }}
          </ActionButton>
        </td>
        <td class="number">{{ text(entry.length.value, 'mm').replace(/ .*/, '') }}</td>
        <td class="number">
          {{ entry.width ? text(entry.width.value, 'mm', 2).replace(/ .*/, '') : '' }}
        </td>
        <td class="tool" :class="{ none: entry.method === 'carved' && !entry.tool }">
          {{ madeWith(entry) }}
        </td>
      </tr></template
    ></ReckoningTable
  >
  <h4>{{ chosen.zone.name }}</h4>
  <ChoiceRow
    :label="say.howCoatOfIs(chosen.zone.name)"
    :value="chosen.method"
    :options="METHODS"
    @set="set({ method: $event as CoatMethod })"
  />
  <HintText v-if="chosen.zone.hair === null && chosen.method === 'smooth'">
    {{ say.bareItIsSmoothed }}
  </HintText>
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
  <HintText v-if="chosen.method === 'carved' && chosen.locksPerStroke > 1">
    {{ say.yourFinestToolMakes(chosen.locksPerStroke) }}
  </HintText>
  <HintText v-if="chosen.method === 'fibre'">
    {{ say.clayUnderThisZone }}
  </HintText>
  <template v-if="chosen.method === 'pelt'">
    <DecisionRow :name="say.backingOfPelt">
      <QuantityField
        small
        :label="say.backingOfPelt"
        :shown="text(piece.skin.backingMm, 'mm')"
        :parse="lengthAt('skin.backingMm', say.backingOfPelt, system)"
        @set="change(say.changeBacking, (p) => withPart(p, 'skin', { backingMm: $event }))"
      />
    </DecisionRow>
    <HintText>{{ say.clayUnderPelt }}</HintText>
  </template>
</template>

<style scoped>
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
</style>
