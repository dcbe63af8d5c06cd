<script setup lang="ts">
import * as say from './words.ts';
import { unreadClay } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import { withPart } from '../withPart.ts';

/** Whether the shells over cores are of the same clay as the rest, or of another one. */
const { piece, change } = usePiecePlan();
const another = computed(() => piece.value.mass.shellClay !== null);
const OPTIONS = [
  { label: say.sameClay, value: 'same' },
  { label: say.anotherClay, value: 'another' },
];

const SHELL_NAME = say.clayForShells;
/** Another clay begins as one of the same class; its own label is still to be read. */
const set = (value: string): void =>
  change(value === 'same' ? say.makeShellsOfSame : say.makeShellsOfAnother, (p) =>
    withPart(p, 'mass', {
      shellClay:
        value === 'same' ? null : (p.mass.shellClay ?? unreadClay(p.mass.clay.classId, SHELL_NAME)),
    }),
  );
</script>

<template>
  <DecisionRow :name="say.shellsOverCores">
    <ChoiceField
      small
      :label="say.clayOfShellsOver"
      :value="another ? 'another' : 'same'"
      :options="OPTIONS"
      @set="set"
    />
  </DecisionRow>
</template>
