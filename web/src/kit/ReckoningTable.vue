<script setup lang="ts" generic="Row">
import { ArrowDown, ArrowUp } from 'lucide-vue-next';
import { NTable } from 'naive-ui';
import { computed, provide, shallowRef } from 'vue';
import { useRowsInTurns } from '../composables/useTurns.ts';
import ActionButton from './ActionButton.vue';
import { COLUMN_COUNT, type Column } from './columns.ts';

/**
 * A table of reckoned numbers. The slot `row` gives the cells of a row in a `tr`, and what opens under
 * it in another; `before` and `after` stand at both ends. Columns that can be ordered have a button.
 */
const props = defineProps<{
  columns: readonly (string | Column<Row>)[];
  rows: readonly Row[];
  keyOf: (row: Row, index: number) => string | number;
  /** What the table tells, for who cannot see what stands around it. */
  caption?: string;
}>();
defineSlots<{
  row(scope: { readonly row: Row; readonly index: number }): unknown;
  before?(): unknown;
  after?(): unknown;
}>();

/** Rows with fields are put up this many at a time. */
const HANDFUL = 8;
const heads = computed(() =>
  props.columns.map((column): Column<Row> =>
    typeof column === 'string' ? { title: column } : column,
  ),
);
provide(
  COLUMN_COUNT,
  computed(() => heads.value.length),
);
const order = shallowRef<{ readonly title: string; readonly down: boolean } | null>(null);
const ordered = computed(() => {
  const by = order.value;
  const value = heads.value.find(({ title }) => title === by?.title)?.orderBy;
  if (by === null || value === undefined) return props.rows;
  const sign = by.down ? -1 : 1;
  return props.rows.toSorted((a, b) => {
    const [x, y] = [value(a), value(b)];
    return sign * (typeof x === 'string' ? x.localeCompare(String(y)) : x - Number(y));
  });
});

const shown = useRowsInTurns(() => ordered.value, HANDFUL);

/** First upwards, then downwards, then as it was. */
function turn(title: string): void {
  if (order.value?.title !== title) order.value = { title, down: false };
  else order.value = order.value.down ? null : { title, down: true };
}
function sortOf({ title, orderBy }: Column<Row>): 'ascending' | 'descending' | 'none' | undefined {
  if (orderBy === undefined) return undefined;
  if (order.value?.title !== title) return 'none';
  return order.value.down ? 'descending' : 'ascending';
}
</script>

<template>
  <NTable class="reckoning" size="small" :bordered="false">
    <caption v-if="caption" class="visually-hidden">
      {{
        caption
      }}
    </caption>
    <thead>
      <tr>
        <th v-for="head in heads" :key="head.title" scope="col" :aria-sort="sortOf(head)">
          <span v-if="head.hidden" class="visually-hidden">{{ head.title }}</span>
          <ActionButton
            v-else-if="head.orderBy"
            kind="plain"
            class="order"
            @click="turn(head.title)"
          >
            {{ head.title }}
            <component
              :is="order.down ? ArrowDown : ArrowUp"
              v-if="order?.title === head.title"
              :size="12"
              aria-hidden="true"
            />
          </ActionButton>
          <template v-else>{{ head.title }}</template>
        </th>
      </tr>
    </thead>
    <tbody>
      <slot name="before" />
      <template v-for="(row, index) in shown" :key="keyOf(row, index)">
        <slot name="row" :row="row" :index="index" />
      </template>
      <slot name="after" />
    </tbody>
  </NTable>
</template>

<style scoped>
.order {
  font-size: inherit;
  color: inherit;
}
</style>
