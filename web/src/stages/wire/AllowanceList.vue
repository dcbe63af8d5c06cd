<script setup lang="ts">
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import { lengthAt, numberAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import { withAllowance, withWire } from './wireChanges.ts';

/** What is added to every wire, how tightly it is bent and twisted, and the board it stands on. */
defineProps<{ onRods: boolean }>();
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const wire = computed(() => piece.value.wire);

const LENGTHS = [
  { key: 'fold', label: 'Loop or fold in the head' },
  { key: 'hook', label: 'Hook above the head' },
  { key: 'tieEnd', label: 'Tie end' },
  { key: 'nutAndWashers', label: 'Nut and washers, each peg' },
  { key: 'margin', label: 'Margin' },
  { key: 'marginPerBend', label: 'Margin per bend' },
] as const;
const NUMBERS = [
  { key: 'hipTurns', label: 'Turns round the spine' },
  { key: 'bendRadiusInDiameters', label: 'Bend radius, in wire diameters' },
  { key: 'twistPitchInDiameters', label: 'Pitch of the twist, in rope diameters' },
  { key: 'coilPitchInDiameters', label: 'Pitch of a coil, in wire diameters' },
] as const;
const WIRE_LENGTHS = [
  { key: 'coverMm', path: 'wire.coverMm', label: 'Least clay over the wire' },
  { key: 'sawLossMm', path: 'workshop.wire.sawLossMm', label: 'Lost at each cut' },
] as const;

const setBase = (part: { thicknessMm?: number; rodMm?: number }): void =>
  change('Change the base', (p) => ({
    ...p,
    stance: { ...p.stance, base: { ...p.stance.base, ...part } },
  }));
const read = (path: string, label: string) => lengthAt(path, label, system.value);
</script>

<template>
  <div class="list">
    <label v-if="onRods">
      <span>Rod between the base and the body</span>
      <QuantityField
        small
        label="Rod between the base and the body"
        :shown="text(piece.stance.base.rodMm, 'mm')"
        :parse="read('stance.base.rodMm', 'Rod between the base and the body')"
        @set="setBase({ rodMm: $event })"
      />
    </label>
    <label v-for="length in LENGTHS" :key="length.key">
      <span>{{ length.label }}</span>
      <QuantityField
        small
        :label="length.label"
        :shown="text(wire.allowancesMm[length.key], 'mm')"
        :parse="read(`wire.allowancesMm.${length.key}`, length.label)"
        @set="change(`Change ${length.label}`, (p) => withAllowance(p, length.key, $event))"
      />
    </label>
    <label v-for="number in NUMBERS" :key="number.key">
      <span>{{ number.label }}</span>
      <QuantityField
        small
        :label="number.label"
        :shown="String(wire[number.key])"
        :parse="numberAt(`wire.${number.key}`, number.label)"
        @set="change(`Change ${number.label}`, (p) => withWire(p, { [number.key]: $event }))"
      />
    </label>
    <label v-for="wireLength in WIRE_LENGTHS" :key="wireLength.key">
      <span>{{ wireLength.label }}</span>
      <QuantityField
        small
        :label="wireLength.label"
        :shown="text(wire[wireLength.key], 'mm')"
        :parse="read(wireLength.path, wireLength.label)"
        @set="
          change(`Change ${wireLength.label}`, (p) => withWire(p, { [wireLength.key]: $event }))
        "
      />
    </label>
    <label>
      <span>Thickness of the base</span>
      <QuantityField
        small
        label="Thickness of the base"
        :shown="text(piece.stance.base.thicknessMm, 'mm')"
        :parse="read('stance.base.thicknessMm', 'Thickness of the base')"
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
