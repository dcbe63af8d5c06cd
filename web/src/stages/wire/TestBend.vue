<script setup lang="ts">
import { metalById, type MetalId } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import { lengthAt, numberAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
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
  change(`Test bend of ${metalById(metal.value, piece.value.wire.ownMetals).name}`, (p) =>
    withWire(p, {
      testBends: { ...p.wire.testBends, [metal.value]: { ...START, ...test.value, ...part } },
    }),
  );
}
function drop(): void {
  const { [metal.value]: _gone, ...rest } = piece.value.wire.testBends;
  change('Remove the test bend', (p) => withWire(p, { testBends: rest }));
}
const mm = (key: string, label: string) =>
  lengthAt(`workshop.wire.testBends.*.${key}`, label, system.value);
</script>

<template>
  <p class="how">
    Bend an offcut to exactly 90° round a former, let go, and type what it relaxes to. Wear eye
    protection: cut ends fly.
  </p>
  <div class="grid">
    <span>Metal</span>
    <ChoiceField
      small
      label="Metal of the test bend"
      :value="metal"
      :options="metals"
      @set="metal = $event"
    />
    <span>Wire diameter</span>
    <QuantityField
      small
      label="Test bend, wire diameter"
      :shown="test ? text(test.diameterMm, 'mm') : ''"
      placeholder="not tested"
      :parse="mm('diameterMm', 'Test bend, wire diameter')"
      @set="set({ diameterMm: $event })"
    />
    <span>Radius to the wire’s centre</span>
    <QuantityField
      small
      label="Test bend, radius"
      :shown="test ? text(test.radiusMm, 'mm') : ''"
      placeholder="not tested"
      :parse="mm('radiusMm', 'Test bend, radius')"
      @set="set({ radiusMm: $event })"
    />
    <span>Relaxes from 90° to</span>
    <QuantityField
      small
      label="Test bend, relaxed angle"
      :shown="test ? text(test.relaxedDeg, 'deg') : ''"
      placeholder="not tested"
      :parse="
        numberAt('workshop.wire.testBends.*.relaxedDeg', 'Test bend, relaxed angle', 'degrees')
      "
      @set="set({ relaxedDeg: $event })"
    />
  </div>
  <button v-if="test" type="button" class="quiet-button" @click="drop">
    Use the table’s springback again
  </button>
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
