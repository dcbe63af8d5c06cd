<script setup lang="ts">
import * as say from './words.ts';
import type { ZonePlan } from '@keen-sinew/core';
import { computed } from 'vue';
import WorkingRow from '../../ledger/WorkingRow.vue';

/** The numbers of a zone: on the model, how many, how long it takes, what is bought. */
const props = defineProps<{ entry: ZonePlan; word: string; stroke: string }>();
const more = computed(() => {
  const { strokes, planting, width } = props.entry;
  const planted =
    planting === null
      ? []
      : [
          ...[planting.cut, planting.hairs, planting.tufts, planting.spacing, planting.rowGap],
          ...[planting.weft ?? planting.grams, planting.glue],
        ];
  const carved =
    strokes === null
      ? []
      : [strokes.wide === width ? null : strokes.wide, strokes.deep, strokes.count];
  const { pores } = props.entry;
  const pricked = pores === null ? [] : [pores.count, pores.spacing];
  return [...carved, ...planted, ...pricked, props.entry.minutes].filter(
    (working) => working !== null,
  );
});
</script>

<template>
  <WorkingRow v-if="entry.area" :working="entry.area" :label="say.skinOfZone" />
  <template v-if="entry.zone.hair">
    <WorkingRow :working="entry.hairLife" :label="say.inLife(word)" />
    <WorkingRow :working="entry.length" :label="say.onModel(word)" />
  </template>
  <WorkingRow
    v-if="entry.width"
    :working="entry.width"
    :label="say.widthOf(stroke)"
    :alarm="entry.strokes !== null && !entry.strokes.tool"
  />
  <WorkingRow
    v-for="working in more"
    :key="working.id"
    :working="working"
    :label="working.label.replace(`${entry.zone.name}, `, '').replace(/^./, (c) => c.toUpperCase())"
  />
  <WorkingRow :working="entry.undersize" :label="say.leftFreeForFibre" />
</template>
