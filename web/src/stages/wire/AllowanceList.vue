<script setup lang="ts">
import { parseLength, parseNumber } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import QuantityField from '../../controls/QuantityField.vue';
import { withAllowance, withWire } from './wireChanges.ts';

/** What is added to every wire, how tightly it is bent and twisted, and the board it stands on. */
defineProps<{ onRods: boolean }>();
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const wire = computed(() => piece.value.wire);

const LENGTHS = [
  { key: 'fold', label: 'Loop or fold in the head', max: 200 },
  { key: 'hook', label: 'Hook above the head', max: 300 },
  { key: 'tieEnd', label: 'Tie end', max: 200 },
  { key: 'nutAndWashers', label: 'Nut and washers, each peg', max: 100 },
  { key: 'margin', label: 'Margin', max: 200 },
  { key: 'marginPerBend', label: 'Margin per bend', max: 20 },
] as const;
const NUMBERS = [
  { key: 'hipTurns', label: 'Turns round the spine', min: 0, max: 10 },
  { key: 'bendRadiusInDiameters', label: 'Bend radius, in wire diameters', min: 1, max: 20 },
  { key: 'twistPitchInDiameters', label: 'Pitch of the twist, in rope diameters', min: 3, max: 60 },
  { key: 'coilPitchInDiameters', label: 'Pitch of a coil, in wire diameters', min: 1.5, max: 40 },
] as const;
const WIRE_LENGTHS = [
  { key: 'coverMm', label: 'Least clay over the wire', max: 10 },
  { key: 'sawLossMm', label: 'Lost at each cut', max: 5 },
] as const;

const setBase = (part: { thicknessMm?: number; rodMm?: number }): void =>
  change('Change the base', (p) => ({
    ...p,
    stance: { ...p.stance, base: { ...p.stance.base, ...part } },
  }));
const read =
  (label: string, max: number, minMm = 0) =>
  (typed: string) =>
    parseLength(typed, label, { minMm, maxMm: max }, system.value);
</script>

<template>
  <div class="list">
    <label v-if="onRods">
      <span>Rod between the base and the body</span>
      <QuantityField
        small
        label="Rod between the base and the body"
        :shown="text(piece.stance.base.rodMm, 'mm')"
        :parse="read('Rod between the base and the body', 1000)"
        @set="setBase({ rodMm: $event })"
      />
    </label>
    <label v-for="one in LENGTHS" :key="one.key">
      <span>{{ one.label }}</span>
      <QuantityField
        small
        :label="one.label"
        :shown="text(wire.allowancesMm[one.key], 'mm')"
        :parse="read(one.label, one.max)"
        @set="change(`Change ${one.label}`, (p) => withAllowance(p, one.key, $event))"
      />
    </label>
    <label v-for="one in NUMBERS" :key="one.key">
      <span>{{ one.label }}</span>
      <QuantityField
        small
        :label="one.label"
        :shown="String(wire[one.key])"
        :parse="(typed) => parseNumber(typed, one.label, one.min, one.max)"
        @set="change(`Change ${one.label}`, (p) => withWire(p, { [one.key]: $event }))"
      />
    </label>
    <label v-for="one in WIRE_LENGTHS" :key="one.key">
      <span>{{ one.label }}</span>
      <QuantityField
        small
        :label="one.label"
        :shown="text(wire[one.key], 'mm')"
        :parse="read(one.label, one.max)"
        @set="change(`Change ${one.label}`, (p) => withWire(p, { [one.key]: $event }))"
      />
    </label>
    <label>
      <span>Thickness of the base</span>
      <QuantityField
        small
        label="Thickness of the base"
        :shown="text(piece.stance.base.thicknessMm, 'mm')"
        :parse="read('Thickness of the base', 100, 2)"
        @set="setBase({ thicknessMm: $event })"
      />
    </label>
  </div>
</template>

<style scoped>
.list label {
  display: grid;
  grid-template-columns: 1fr 100px;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
  font-size: 14px;
}
</style>
