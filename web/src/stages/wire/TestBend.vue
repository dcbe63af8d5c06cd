<script setup lang="ts">
import * as say from './words.ts';
import { metalById, type MetalId } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import { lengthAt, numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { useMetals } from './useMetals.ts';
import { withWire } from './wireChanges.ts';

/** The user's own test bend of a metal, which overrides the table's springback. */
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const metal = ref<MetalId>(piece.value.wire.spine.metal);
const metals = useMetals();
const START = { diameterMm: 2, radiusMm: 3, relaxedDeg: 88 };
const test = computed(() => piece.value.wire.testBends[metal.value]);

type Test = typeof START;
function set(part: Partial<Test>): void {
  change(say.testBendOf(metalById(metal.value, piece.value.wire.ownMetals).name), (p) =>
    withWire(p, {
      testBends: { ...p.wire.testBends, [metal.value]: { ...START, ...test.value, ...part } },
    }),
  );
}
function drop(): void {
  const { [metal.value]: _gone, ...rest } = piece.value.wire.testBends;
  change(say.removeTestBend, (p) => withWire(p, { testBends: rest }));
}
const mm = (key: string, label: string) =>
  lengthAt(`workshop.wire.testBends.*.${key}`, label, system.value);
</script>

<template>
  <p class="how">
    {{ say.bendOffcutToExactly }}
  </p>
  <div class="grid">
    <span>{{ say.metal }}</span>
    <ChoiceField
      small
      :label="say.metalOfTestBend"
      :value="metal"
      :options="metals"
      @set="metal = $event"
    />
    <span>{{ say.wireDiameter }}</span>
    <QuantityField
      small
      :label="say.testBendWireDiameter"
      :shown="test ? text(test.diameterMm, 'mm') : ''"
      :placeholder="say.notTested"
      :parse="mm('diameterMm', say.testBendWireDiameter)"
      @set="set({ diameterMm: $event })"
    />
    <span>{{ say.radiusToWiresCentre }}</span>
    <QuantityField
      small
      :label="say.testBendRadius"
      :shown="test ? text(test.radiusMm, 'mm') : ''"
      :placeholder="say.notTested"
      :parse="mm('radiusMm', say.testBendRadius)"
      @set="set({ radiusMm: $event })"
    />
    <span>{{ say.relaxesFromTo }}</span>
    <QuantityField
      small
      :label="say.testBendRelaxedAngle"
      :shown="test ? text(test.relaxedDeg, 'deg') : ''"
      :placeholder="say.notTested"
      :parse="numberAt('workshop.wire.testBends.*.relaxedDeg', say.testBendRelaxedAngle, 'degrees')"
      @set="set({ relaxedDeg: $event })"
    />
  </div>
  <ActionButton v-if="test" @click="drop">
    {{ say.useTablesSpringbackAgain }}
  </ActionButton>
</template>

<style scoped>
.how {
  margin: 4px 0;
  font-size: 14px;
  color: var(--soft);
}
.grid {
  display: grid;
  grid-template-columns: 1fr 140px;
  gap: 5px 8px;
  align-items: center;
  font-size: 14px;
}
</style>
