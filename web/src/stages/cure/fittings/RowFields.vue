<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseNumber, type Thing } from '@keen-sinew/core';
import { computed } from 'vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import { degreesAt, percentAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import SwitchField from '../../../kit/SwitchField.vue';
import { useUnits } from '../../../composables/useUnits.ts';

/** A row of alike things: how many, to where, and how large the last is. */
const props = defineProps<{
  thing: Thing;
  bones: readonly { readonly value: string; readonly label: string }[];
}>();
const emit = defineEmits<{ put: [part: Partial<Thing>] }>();
const { text } = useUnits();
type Row = NonNullable<Thing['row']>;
/** A row begins with so many, over so much of the bone, each like the other. */
const FIRST_MANY = 6;
const FIRST_OVER = 0.6;
const switchRow = (on: boolean): void => {
  const { boneId, along, around } = props.thing;
  const to = along > 0.5 ? along - FIRST_OVER : along + FIRST_OVER;
  emit('put', {
    row: on ? { many: FIRST_MANY, boneId, along: to, around, endShare: 1 } : null,
  });
};
const put = (part: Partial<Row>): void => emit('put', { row: { ...props.thing.row!, ...part } });
const MANY = limitsOf('measure.shape.things.*.row.many');
const readMany = (typed: string) => {
  const read = parseNumber(typed, say.manyInRow, MANY.min, MANY.max, '');
  return read.ok ? { ...read, value: Math.round(read.value) } : read;
};
const percent = (share: number): string => `${Math.round(1000 * share) / 10} %`;
const path = (key: keyof Row): string => `measure.shape.things.*.row.${key}`;
const fields = computed(() => {
  const { row } = props.thing;
  return row === null
    ? []
    : ([
        {
          ...{ key: 'many', label: say.manyInRow, shown: String(row.many), parse: readMany },
        },
        {
          ...{ key: 'along', label: say.rowAlong, shown: percent(row.along) },
          parse: percentAt(path('along'), say.rowAlong),
        },
        {
          ...{ key: 'around', label: say.rowAround, shown: text(row.around, 'deg') },
          parse: degreesAt(path('around'), say.rowAround),
        },
        {
          ...{ key: 'endShare', label: say.lastForFirst, shown: percent(row.endShare) },
          parse: percentAt(path('endShare'), say.lastForFirst),
        },
      ] as const);
});
</script>

<template>
  <DecisionRow :name="say.inRow">
    <SwitchField :label="say.inRow" :value="thing.row !== null" @set="switchRow" />
  </DecisionRow>
  <template v-if="thing.row">
    <DecisionRow :name="say.rowTo">
      <ChoiceField
        small
        :label="say.rowTo"
        :value="thing.row.boneId"
        :options="bones"
        @set="put({ boneId: $event })"
      />
    </DecisionRow>
    <DecisionRow v-for="{ key, label, shown, parse } in fields" :key="key" :name="label">
      <QuantityField
        small
        :label="label"
        :shown="shown"
        :parse="parse"
        @set="put({ [key]: $event })"
      />
    </DecisionRow>
  </template>
</template>
