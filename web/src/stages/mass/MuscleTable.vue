<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, BULK, parseNumber, type MuscleRow } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import { SliderField } from '../../kit/heavy.ts';
import HintText from '../../kit/HintText.vue';
import QuantityField from '../../kit/QuantityField.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import { withEntry, withShape } from './shapeChanges.ts';

/** Muscles in the order of laying, with the clay of each, and how bulky they are. */
const props = defineProps<{ rows: readonly MuscleRow[] }>();
const { change, preview } = usePiecePlan();
const { target, pick } = useSelection();
const LAYERS = { 1: say.deepLaidFirst, 2: say.overThem, 3: say.flatLast } as const;
const chosen = computed(() => props.rows.find(({ id }) => isTarget(target.value, 'muscle', id)));
const recipe = (row: MuscleRow, percent: number) => (p: Parameters<typeof withShape>[0]) => {
  const { shape } = p.measure;
  const value = percent === 100 ? undefined : percent / 100;
  return withShape(p, { ...shape, bulk: withEntry(shape.bulk, row.id, value) });
};
const set = (row: MuscleRow, percent: number): void => {
  preview(null);
  change(say.changeBulkOf(row.name), recipe(row, percent));
};
</script>

<template>
  <ReckoningTable
    :columns="[say.muscle, say.length, say.clayG]"
    :rows="rows"
    :key-of="(row) => row.id"
    ><template #row="{ row, index: i }">
      <tr v-if="i === 0 || rows[i - 1]!.layer !== row.layer">
        <th scope="rowgroup" colspan="3" class="layer">{{ LAYERS[row.layer] }}</th>
      </tr>
      <tr :class="{ chosen: chosen?.id === row.id }">
        <td>
          <span class="numbered">
            <b class="number">{{ row.order }}</b>
            <ActionButton
              kind="plain"
              @click="pick(chosen?.id === row.id ? null : { kind: 'muscle', id: row.id })"
            >
              {{ row.name }}
            </ActionButton>
          </span>
        </td>
        <td class="length"><WorkingCell v-if="row.length" unit :working="row.length" /></td>
        <td><WorkingCell :working="row.grams" /></td>
      </tr>
      <OpenedRow :of="[row.length, row.grams]" />
      <tr v-if="chosen?.id === row.id">
        <td colspan="3">
          <HintText>{{ row.form[0]!.toUpperCase() + row.form.slice(1) }}.</HintText>
          <div class="bulk">
            <span>{{ say.bulk }}</span>
            <SliderField
              :label="say.bulkOf(row.name)"
              :value="row.bulk * 100"
              :min="BULK.min * 100"
              :max="BULK.max * 100"
              :step="5"
              @slide="preview(recipe(row, $event))"
              @set="set(row, $event)"
            />
            <QuantityField
              small
              :label="say.bulkOf2(row.name)"
              :shown="`${(row.bulk * 100).toFixed(0)} %`"
              :parse="
                (typed) =>
                  parseNumber(
                    typed.replace('%', ''),
                    say.bulkOf(row.name),
                    BULK.min * 100,
                    BULK.max * 100,
                    '%',
                  )
              "
              @set="set(row, $event)"
            />
          </div>
        </td>
      </tr> </template
  ></ReckoningTable>
  <HintText>
    {{ say.lengthIsInThis }}
  </HintText>
</template>

<style scoped>
.layer {
  text-align: left;
  font-style: italic;
  font-weight: 400;
  color: var(--soft);
}
.length {
  white-space: nowrap;
}
.bulk {
  display: grid;
  grid-template-columns: 36px 1fr 76px;
  gap: 10px;
  align-items: center;
}
</style>
