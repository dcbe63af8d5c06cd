<script setup lang="ts">
import * as say from './words.ts';
import { parseStretches, stretchesText, type Workpiece } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import { DateField } from '../../../kit/heavy.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import { withPart } from '../../withPart.ts';
import { dayText } from '../../../composables/dayText.ts';

/** When the maker is at the bench: hours by weekday, and days off. They belong to the workshop. */
const { piece, change } = usePiecePlan();
const hours = computed(() => piece.value.atHand.hours);
const set = (label: string, part: Partial<Workpiece['atHand']['hours']>): void =>
  change(label, (p) => withPart(p, 'atHand', { hours: { ...p.atHand.hours, ...part } }));
</script>

<template>
  <DecisionRow v-for="(day, i) in say.WEEKDAYS" :key="day" :name="day">
    <QuantityField
      small
      :label="say.hoursOn(day)"
      :shown="stretchesText(hours.week[i] ?? [])"
      :parse="(typed) => parseStretches(typed, say.hoursOn(day))"
      @set="set(say.changeHours, { week: hours.week.map((of, n) => (n === i ? $event : of)) })"
    />
  </DecisionRow>
  <DecisionRow :name="say.daysOff">
    <DateField
      :label="say.dayOff"
      :value="null"
      @set="
        (day) =>
          day !== null &&
          set(say.changeDaysOff, { daysOff: [...new Set([...hours.daysOff, day])].toSorted() })
      "
    />
  </DecisionRow>
  <p v-if="hours.daysOff.length > 0" class="off">
    <ActionButton
      v-for="day in hours.daysOff"
      :key="day"
      kind="line"
      @click="set(say.changeDaysOff, { daysOff: hours.daysOff.filter((of) => of !== day) })"
    >
      {{ dayText(day) }} ×<span class="visually-hidden">{{ say.takeDayOff(dayText(day)) }}</span>
    </ActionButton>
  </p>
</template>

<style scoped>
.off {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 6px 4px;
}
</style>
