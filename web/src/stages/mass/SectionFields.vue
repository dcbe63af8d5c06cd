<script setup lang="ts">
import * as say from './words.ts';
import {
  parseLength,
  parseNumber,
  SECTION_MM,
  SQUARENESS,
  WIDEST_MOST,
  withStation,
  type Parsed,
  type SectionStation,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import QuantityField from '../../kit/QuantityField.vue';
import type { Shaping } from './useShaping.ts';

/** The chosen section in life sizes, typed. */
const props = defineProps<{ shaping: Shaping }>();
const { plan } = usePiecePlan();
const { system, text } = useUnits();
const { chosen, station, shape, put } = props.shaping;

function set(what: string, change: Partial<SectionStation>): void {
  const of = station.value;
  const bone = of && plan.value.measure.skeleton.byId.get(of.boneId);
  if (of === undefined || bone === undefined) return;
  put(
    say.changeOfSection(what.toLowerCase(), chosen.value + 1),
    withStation(plan.value.measure.skeleton, shape.value, bone, of.index, change),
  );
}

interface Field {
  readonly name: string;
  readonly label: string;
  readonly shown: string;
  readonly parse: (typed: string) => Parsed<number>;
  readonly change: (value: number) => Partial<SectionStation>;
}
const fields = computed((): readonly Field[] => {
  const of = station.value?.station;
  if (of === undefined) return [];
  const life = (label: string, minMm: number, maxMm: number) => (typed: string) =>
    parseLength(typed, label, { minMm, maxMm }, system.value);
  const whole = (label: string) => life(label, 2 * SECTION_MM.min, 2 * SECTION_MM.max);
  const offset = (label: string) => life(label, -SECTION_MM.max, SECTION_MM.max);
  const square = (label: string) => (typed: string) =>
    parseNumber(typed, label, SQUARENESS.min, SQUARENESS.max);
  const most = WIDEST_MOST * of.halfDepth;
  return [
    {
      ...{ name: say.width, label: say.widthOfSection, shown: text(2 * of.halfWidth, 'mm') },
      parse: whole(say.widthOfSection),
      change: (mm) => ({ halfWidth: mm / 2 }),
    },
    {
      ...{ name: say.depth, label: say.depthOfSection, shown: text(2 * of.halfDepth, 'mm') },
      parse: whole(say.depthOfSection),
      change: (mm) => ({ halfDepth: mm / 2 }),
    },
    {
      ...{ name: say.widestLine, label: say.widestLine },
      shown: text(of.widest * of.halfDepth, 'mm'),
      parse: life(say.widestLine, -most, most),
      change: (mm) => ({ widest: mm / of.halfDepth }),
    },
    {
      ...{ name: say.squarenessIsRound, label: say.squarenessOfSection },
      ...{ shown: of.squareness.toFixed(2), parse: square(say.squarenessOfSection) },
      change: (squareness) => ({ squareness }),
    },
    {
      ...{ name: say.squarenessBelow, label: say.squarenessBelow },
      ...{ shown: of.squareBelow.toFixed(2), parse: square(say.squarenessBelow) },
      change: (squareBelow) => ({ squareBelow }),
    },
    {
      ...{ name: say.middleAboveBone, label: say.middleOfSectionAbove, shown: text(of.up, 'mm') },
      parse: offset(say.middleOfSectionAbove),
      change: (up) => ({ up }),
    },
    {
      ...{ name: say.middleToItsRight, label: say.middleOfSectionTo, shown: text(of.side, 'mm') },
      parse: offset(say.middleOfSectionTo),
      change: (side) => ({ side }),
    },
  ];
});
</script>

<template>
  <DecisionRow v-for="field in fields" :key="field.name" :name="field.name">
    <QuantityField
      small
      :label="field.label"
      :shown="field.shown"
      :parse="field.parse"
      @set="set(field.name, field.change($event))"
    />
  </DecisionRow>
</template>
