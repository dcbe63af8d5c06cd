<script setup lang="ts">
import * as say from './words.ts';
import type { TubePlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import { numberAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { withPart } from '../../withPart.ts';

/** One long part: its length and girth, and its rows of scales, counted or set. */
const props = defineProps<{ tube: TubePlan }>();
const { piece, change } = usePiecePlan();
const id = computed(() => props.tube.tube.id);
const own = computed(() => piece.value.skin.rows[id.value]);
const set = (part: { round?: number | null; along?: number | null }): void =>
  change(say.changeRows(props.tube.tube.name.toLowerCase()), (p) =>
    withPart(p, 'skin', {
      rows: {
        ...p.skin.rows,
        [id.value]: { round: null, along: null, ...p.skin.rows[id.value], ...part },
      },
    }),
  );
const FIELDS = [
  ['round', say.scalesRound],
  ['along', say.rowsAlong],
] as const;
</script>

<template>
  <WorkingRow :working="tube.length" />
  <WorkingRow :working="tube.girth" />
  <template v-if="tube.rows">
    <DecisionRow
      v-for="[key, label] in FIELDS"
      :key="key"
      :name="label"
      :own="own?.[key] != null"
      :back="say.counted"
      @revert="set({ [key]: null })"
    >
      <QuantityField
        small
        :label="label"
        :shown="String(tube.rows[key].value)"
        :parse="numberAt(`skin.rows.*.${key}`, label)"
        @set="set({ [key]: Math.round($event) })"
      />
    </DecisionRow>
    <WorkingRow :working="tube.rows.round" />
    <WorkingRow :working="tube.rows.along" />
    <WorkingRow :working="tube.rows.width" />
    <WorkingRow :working="tube.rows.pitch" />
    <WorkingRow v-if="tube.rows.belly" :working="tube.rows.belly" />
    <HintText>{{ tube.rows.belly ? say.howToWrapBelly : say.howToWrap }}</HintText>
  </template>
  <HintText v-else>{{ say.plainTube }}</HintText>
</template>
