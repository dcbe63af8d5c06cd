<script setup lang="ts">
import { type Piece } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import { lengthAt, numberAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import { withPart } from '../withPart.ts';

const { piece, change } = usePiecePlan();
const { system, text, number } = useUnits();
const mass = computed(() => piece.value.mass);

const put = (what: string, part: Partial<Piece['mass']>): void =>
  change(`Change ${what}`, (p) => withPart(p, 'mass', part));
const putFoil = (part: Partial<Piece['mass']['foil']>): void =>
  change('Change the foil', (p) => withPart(p, 'mass', { foil: { ...p.mass.foil, ...part } }));
</script>

<template>
  <DecisionRow name="Shell where not said otherwise">
    <QuantityField
      small
      label="Usual shell"
      :shown="text(mass.shellMm, 'mm')"
      :parse="lengthAt('mass.shellMm', 'Usual shell', system)"
      @set="put('the usual shell', { shellMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Spare clay">
    <QuantityField
      small
      label="Spare clay"
      :shown="text(mass.sparePercent, 'percent')"
      :parse="numberAt('mass.sparePercent', 'Spare clay', '%')"
      @set="put('the spare clay', { sparePercent: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Width of the foil">
    <QuantityField
      small
      label="Width of the foil"
      :shown="text(mass.foil.widthMm, 'mm', system === 'metric' ? 0 : 1)"
      :parse="lengthAt('mass.foil.widthMm', 'Width of the foil', system)"
      @set="putFoil({ widthMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Gauge of the foil">
    <QuantityField
      small
      label="Gauge of the foil"
      :shown="text(mass.foil.gaugeMm, 'mm', system === 'metric' ? 3 : 5)"
      :parse="lengthAt('mass.foil.gaugeMm', 'Gauge of the foil', system)"
      @set="putFoil({ gaugeMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Packed density, g/ml">
    <QuantityField
      small
      label="Packed density of the foil"
      :shown="number(mass.foil.packedGPerMl, 'g/ml')"
      :parse="numberAt('mass.foil.packedGPerMl', 'Packed density', 'g/ml')"
      @set="putFoil({ packedGPerMl: $event })"
    />
  </DecisionRow>
  <DecisionRow name="A sheet of paper">
    <QuantityField
      small
      label="A sheet of paper"
      :shown="text(mass.paperMm, 'mm', system === 'metric' ? 2 : 4)"
      :parse="lengthAt('mass.paperMm', 'A sheet of paper', system)"
      @set="put('the paper', { paperMm: $event })"
    />
  </DecisionRow>
  <DecisionRow name="Width of a sheet of clay">
    <QuantityField
      small
      label="Width of a sheet of clay"
      :shown="text(mass.sheet.widthMm, 'mm', system === 'metric' ? 0 : 1)"
      :parse="lengthAt('mass.sheet.widthMm', 'Width of a sheet of clay', system)"
      @set="put('the sheet', { sheet: { ...mass.sheet, widthMm: $event } })"
    />
  </DecisionRow>
  <DecisionRow name="Length of a sheet of clay">
    <QuantityField
      small
      label="Length of a sheet of clay"
      :shown="text(mass.sheet.lengthMm, 'mm', system === 'metric' ? 0 : 1)"
      :parse="lengthAt('mass.sheet.lengthMm', 'Length of a sheet of clay', system)"
      @set="put('the sheet', { sheet: { ...mass.sheet, lengthMm: $event } })"
    />
  </DecisionRow>
  <DecisionRow name="Clay is too thick over">
    <QuantityField
      small
      label="Clay is too thick over"
      :shown="text(mass.thickMm, 'mm')"
      :parse="lengthAt('mass.thickMm', 'Clay is too thick over', system)"
      @set="put('the thickest clay', { thickMm: $event })"
    />
  </DecisionRow>
</template>
