<script setup lang="ts">
import { parseLength, parseNumber, type Piece } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import QuantityField from '../../controls/QuantityField.vue';
import { withPart } from '../withPart.ts';

const { piece, change } = usePiecePlan();
const { system, text, number } = useUnits();
const mass = computed(() => piece.value.mass);

const put = (what: string, part: Partial<Piece['mass']>): void =>
  change(`Change ${what}`, (p) => withPart(p, 'mass', part));
const putFoil = (part: Partial<Piece['mass']['foil']>): void =>
  change('Change the foil', (p) => withPart(p, 'mass', { foil: { ...p.mass.foil, ...part } }));
const length = (label: string, minMm: number, maxMm: number) => (typed: string) =>
  parseLength(typed, label, { minMm, maxMm }, system.value);
</script>

<template>
  <DecisionRow name="Shell where not said otherwise">
    <QuantityField
      small
      label="Usual shell"
      :shown="text(mass.shellMm, 'mm')"
      :parse="length('Usual shell', 0.5, 60)"
      @set="put('the usual shell', { shellMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Spare clay">
    <QuantityField
      small
      label="Spare clay"
      :shown="text(mass.sparePercent, 'percent')"
      :parse="(typed) => parseNumber(typed.replace('%', ''), 'Spare clay', 0, 200, '%')"
      @set="put('the spare clay', { sparePercent: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Width of the foil">
    <QuantityField
      small
      label="Width of the foil"
      :shown="text(mass.foil.widthMm, 'mm', system === 'metric' ? 0 : 1)"
      :parse="length('Width of the foil', 100, 1000)"
      @set="putFoil({ widthMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Gauge of the foil">
    <QuantityField
      small
      label="Gauge of the foil"
      :shown="text(mass.foil.gaugeMm, 'mm', system === 'metric' ? 3 : 5)"
      :parse="length('Gauge of the foil', 0.005, 0.1)"
      @set="putFoil({ gaugeMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Packed density, g/ml">
    <QuantityField
      small
      label="Packed density of the foil"
      :shown="number(mass.foil.packedGPerMl, 'g/ml')"
      :parse="(typed) => parseNumber(typed, 'Packed density', 0.1, 2.7, 'g/ml')"
      @set="putFoil({ packedGPerMl: $event })"
    />
  </DecisionRow>
  <DecisionRow name="A sheet of paper">
    <QuantityField
      small
      label="A sheet of paper"
      :shown="text(mass.paperMm, 'mm', system === 'metric' ? 2 : 4)"
      :parse="length('A sheet of paper', 0.03, 1)"
      @set="put('the paper', { paperMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Width of a sheet of clay">
    <QuantityField
      small
      label="Width of a sheet of clay"
      :shown="text(mass.sheet.widthMm, 'mm', system === 'metric' ? 0 : 1)"
      :parse="length('Width of a sheet of clay', 20, 2000)"
      @set="put('the sheet', { sheet: { ...mass.sheet, widthMm: $event } })"
    />
  </DecisionRow>
  <DecisionRow name="Length of a sheet of clay">
    <QuantityField
      small
      label="Length of a sheet of clay"
      :shown="text(mass.sheet.lengthMm, 'mm', system === 'metric' ? 0 : 1)"
      :parse="length('Length of a sheet of clay', 20, 2000)"
      @set="put('the sheet', { sheet: { ...mass.sheet, lengthMm: $event } })"
    />
  </DecisionRow>
  <DecisionRow name="Clay is too thick over">
    <QuantityField
      small
      label="Clay is too thick over"
      :shown="text(mass.thickMm, 'mm')"
      :parse="length('Clay is too thick over', 3, 80)"
      @set="put('the thickest clay', { thickMm: $event })"
    />
  </DecisionRow>
</template>
