<script setup lang="ts">
import { computed } from 'vue';
import type { Workshop } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../controls/DecisionRow.vue';
import { lengthAt, numberAt } from '../controls/limited.ts';
import QuantityField from '../controls/QuantityField.vue';

type Sheets = Pick<Workshop, 'foil' | 'paperMm' | 'claySheet'>;
/** Foil, paper and the largest sheet of clay. */
const props = defineProps<{ sheets: Sheets }>();
const emit = defineEmits<{ set: [label: string, part: Partial<Sheets>] }>();
const { system, text, number } = useUnits();
const metric = computed(() => system.value === 'metric');
const putFoil = (part: Partial<Sheets['foil']>): void =>
  emit('set', 'Change the foil', { foil: { ...props.sheets.foil, ...part } });
const putSheet = (part: Partial<Sheets['claySheet']>): void =>
  emit('set', 'Change the sheet', { claySheet: { ...props.sheets.claySheet, ...part } });
</script>

<template>
  <DecisionRow name="Width of the foil">
    <QuantityField
      small
      label="Width of the foil"
      :shown="text(sheets.foil.widthMm, 'mm', metric ? 0 : 1)"
      :parse="lengthAt('workshop.foil.widthMm', 'Width of the foil', system)"
      @set="putFoil({ widthMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Gauge of the foil">
    <QuantityField
      small
      label="Gauge of the foil"
      :shown="text(sheets.foil.gaugeMm, 'mm', metric ? 3 : 5)"
      :parse="lengthAt('workshop.foil.gaugeMm', 'Gauge of the foil', system)"
      @set="putFoil({ gaugeMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Packed density, g/ml">
    <QuantityField
      small
      label="Packed density of the foil"
      :shown="number(sheets.foil.packedGPerMl, 'g/ml')"
      :parse="numberAt('workshop.foil.packedGPerMl', 'Packed density', 'g/ml')"
      @set="putFoil({ packedGPerMl: $event })"
    />
  </DecisionRow>
  <DecisionRow name="A sheet of paper">
    <QuantityField
      small
      label="A sheet of paper"
      :shown="text(sheets.paperMm, 'mm', metric ? 2 : 4)"
      :parse="lengthAt('workshop.paperMm', 'A sheet of paper', system)"
      @set="emit('set', 'Change the paper', { paperMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Width of a sheet of clay">
    <QuantityField
      small
      label="Width of a sheet of clay"
      :shown="text(sheets.claySheet.widthMm, 'mm', metric ? 0 : 1)"
      :parse="lengthAt('workshop.claySheet.widthMm', 'Width of a sheet of clay', system)"
      @set="putSheet({ widthMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Length of a sheet of clay">
    <QuantityField
      small
      label="Length of a sheet of clay"
      :shown="text(sheets.claySheet.lengthMm, 'mm', metric ? 0 : 1)"
      :parse="lengthAt('workshop.claySheet.lengthMm', 'Length of a sheet of clay', system)"
      @set="putSheet({ lengthMm: $event })"
    />
  </DecisionRow>
</template>
