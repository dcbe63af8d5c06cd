<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, BULK, parseNumber, type MuscleRow } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import QuantityField from '../../controls/QuantityField.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import { withEntry, withShape } from './shapeChanges.ts';

/** Muscles in the order of laying, with the clay of each, and how bulky they are. */
const props = defineProps<{ rows: readonly MuscleRow[] }>();
const { change, preview } = usePiecePlan();
const { target, open, pick } = useSelection();
const LAYERS = { 1: say.deepLaidFirst, 2: say.overThem, 3: say.flatLast } as const;
const chosen = computed(() => props.rows.find(({ id }) => isTarget(target.value, 'muscle', id)));
/** The working of a row that is open. */
const opened = (row: MuscleRow) =>
  [row.length, row.grams].find((entry) => entry !== null && entry.id === open.value);
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
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">{{ say.muscle }}</th>
        <th scope="col">{{ say.length }}</th>
        <th scope="col">{{ say.clayG }}</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="(row, i) in rows" :key="row.id">
        <tr v-if="i === 0 || rows[i - 1]!.layer !== row.layer">
          <th scope="rowgroup" colspan="3" class="layer">{{ LAYERS[row.layer] }}</th>
        </tr>
        <tr :class="{ chosen: chosen?.id === row.id }">
          <td>
            <span class="numbered">
              <b class="number">{{ row.order }}</b>
              <button
                type="button"
                class="plain-button"
                @click="pick(chosen?.id === row.id ? null : { kind: 'muscle', id: row.id })"
              >
                {{ row.name }}
              </button>
            </span>
          </td>
          <td class="length"><WorkingCell v-if="row.length" unit :working="row.length" /></td>
          <td><WorkingCell :working="row.grams" /></td>
        </tr>
        <tr v-if="opened(row)">
          <td colspan="3"><WorkingDetail :working="opened(row)!" /></td>
        </tr>
        <tr v-if="chosen?.id === row.id">
          <td colspan="3">
            <p class="says">{{ row.form[0]!.toUpperCase() + row.form.slice(1) }}.</p>
            <div class="bulk">
              <span>{{ say.bulk }}</span>
              <input
                type="range"
                :min="BULK.min * 100"
                :max="BULK.max * 100"
                step="5"
                :value="row.bulk * 100"
                :aria-label="say.bulkOf(row.name)"
                @input="preview(recipe(row, Number(($event.target as HTMLInputElement).value)))"
                @change="set(row, Number(($event.target as HTMLInputElement).value))"
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
        </tr>
      </template>
    </tbody>
  </table>
  <p class="says">
    {{ say.lengthIsInThis }}
  </p>
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
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
.bulk input {
  accent-color: var(--verdigris);
}
.bulk {
  display: grid;
  grid-template-columns: 36px 1fr 76px;
  gap: 10px;
  align-items: center;
}
</style>
