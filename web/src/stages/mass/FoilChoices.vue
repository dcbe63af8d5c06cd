<script setup lang="ts">
import type { Workpiece, Workshop } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import { lengthAt, numberAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import WorkshopNote from '../../workshop/WorkshopNote.vue';
import SheetsPart from '../../workshop/SheetsPart.vue';
import { withPart } from '../withPart.ts';

const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const mass = computed(() => piece.value.mass);

const put = (what: string, part: Partial<Workpiece['mass']>): void =>
  change(`Change ${what}`, (p) => withPart(p, 'mass', part));
const sheets = computed(() => {
  const { foil, paperMm, sheet: claySheet } = mass.value;
  return { foil, paperMm, claySheet };
});
/** The workshop's, under the names that the piece has for them. */
const putSheets = (
  label: string,
  { claySheet, ...part }: Partial<Pick<Workshop, 'foil' | 'paperMm' | 'claySheet'>>,
): void =>
  change(label, (p) =>
    withPart(p, 'mass', { ...part, ...(claySheet === undefined ? {} : { sheet: claySheet }) }),
  );
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
  <WorkshopNote />
  <SheetsPart :sheets="sheets" @set="putSheets" />
</template>
