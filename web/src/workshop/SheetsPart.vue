<script setup lang="ts">
import * as say from './words.ts';
import type { Workshop } from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../kit/DecisionRow.vue';
import { lengthAt, numberAt } from '../kit/limited.ts';
import QuantityField from '../kit/QuantityField.vue';

type Sheets = Pick<Workshop, 'foil' | 'paperMm' | 'claySheet'>;
/** Foil, paper and the largest sheet of clay. */
const props = defineProps<{ sheets: Sheets }>();
const emit = defineEmits<{ set: [label: string, part: Partial<Sheets>] }>();
const { system, text, number } = useUnits();
const metric = computed(() => system.value === 'metric');
const putFoil = (part: Partial<Sheets['foil']>): void =>
  emit('set', say.changeFoil, { foil: { ...props.sheets.foil, ...part } });
const putSheet = (part: Partial<Sheets['claySheet']>): void =>
  emit('set', say.changeSheet, { claySheet: { ...props.sheets.claySheet, ...part } });
</script>

<template>
  <DecisionRow :name="say.widthOfFoil">
    <QuantityField
      small
      :label="say.widthOfFoil"
      :shown="text(sheets.foil.widthMm, 'mm', metric ? 0 : 1)"
      :parse="lengthAt('workshop.foil.widthMm', say.widthOfFoil, system)"
      @set="putFoil({ widthMm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.gaugeOfFoil">
    <QuantityField
      small
      :label="say.gaugeOfFoil"
      :shown="text(sheets.foil.gaugeMm, 'mm', metric ? 3 : 5)"
      :parse="lengthAt('workshop.foil.gaugeMm', say.gaugeOfFoil, system)"
      @set="putFoil({ gaugeMm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.packedDensityGMl">
    <QuantityField
      small
      :label="say.packedDensityOfFoil"
      :shown="number(sheets.foil.packedGPerMl, 'g/ml')"
      :parse="numberAt('workshop.foil.packedGPerMl', say.packedDensity, 'g/ml')"
      @set="putFoil({ packedGPerMl: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.sheetOfPaper">
    <QuantityField
      small
      :label="say.sheetOfPaper"
      :shown="text(sheets.paperMm, 'mm', metric ? 2 : 4)"
      :parse="lengthAt('workshop.paperMm', say.sheetOfPaper, system)"
      @set="emit('set', say.changePaper, { paperMm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.widthOfSheetOf">
    <QuantityField
      small
      :label="say.widthOfSheetOf"
      :shown="text(sheets.claySheet.widthMm, 'mm', metric ? 0 : 1)"
      :parse="lengthAt('workshop.claySheet.widthMm', say.widthOfSheetOf, system)"
      @set="putSheet({ widthMm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.lengthOfSheetOf">
    <QuantityField
      small
      :label="say.lengthOfSheetOf"
      :shown="text(sheets.claySheet.lengthMm, 'mm', metric ? 0 : 1)"
      :parse="lengthAt('workshop.claySheet.lengthMm', say.lengthOfSheetOf, system)"
      @set="putSheet({ lengthMm: $event })"
    />
  </DecisionRow>
</template>
