<script setup lang="ts">
import * as say from './words.ts';
import type { Workpiece, Workshop } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import { lengthAt, numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import SheetsPart from '../../workshop/SheetsPart.vue';
import WorkshopNote from '../../workshop/WorkshopNote.vue';
import { withPart } from '../withPart.ts';

const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const mass = computed(() => piece.value.mass);

const put = (what: string, part: Partial<Workpiece['mass']>): void =>
  change(say.change(what), (p) => withPart(p, 'mass', part));
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
  <DecisionRow :name="say.shellWhereNotSaid">
    <QuantityField
      small
      :label="say.usualShell"
      :shown="text(mass.shellMm, 'mm')"
      :parse="lengthAt('mass.shellMm', say.usualShell, system)"
      @set="put(say.usualShell2, { shellMm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.skinOverWhatIsBaked">
    <QuantityField
      small
      :label="say.skinOverWhatIsBaked"
      :shown="text(mass.skinMm, 'mm')"
      :parse="lengthAt('mass.skinMm', say.skinOverWhatIsBaked, system)"
      @set="put(say.skinOverWhatIsBaked2, { skinMm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.spareClay">
    <QuantityField
      small
      :label="say.spareClay"
      :shown="text(mass.sparePercent, 'percent')"
      :parse="numberAt('mass.sparePercent', say.spareClay, '%')"
      @set="put(say.spareClay2, { sparePercent: $event })"
    />
  </DecisionRow>
  <WorkshopNote />
  <SheetsPart :sheets="sheets" @set="putSheets" />
</template>
