<script setup lang="ts">
import { unreadClay } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import DecisionRow from '../../controls/DecisionRow.vue';
import { withPart } from '../withPart.ts';

/** Whether the shells over cores are of the same clay as the rest, or of another one. */
const { piece, change } = usePiecePlan();
const another = computed(() => piece.value.mass.shellClay !== null);
const OPTIONS = [
  { label: 'The same clay', value: 'same' },
  { label: 'Another clay', value: 'another' },
];

const SHELL_NAME = 'Clay for shells';
/** Another clay begins as one of the same class; its own label is still to be read. */
const set = (value: string): void =>
  change(value === 'same' ? 'Make shells of the same clay' : 'Make shells of another clay', (p) =>
    withPart(p, 'mass', {
      shellClay:
        value === 'same' ? null : (p.mass.shellClay ?? unreadClay(p.mass.clay.classId, SHELL_NAME)),
    }),
  );
</script>

<template>
  <DecisionRow name="Shells over cores">
    <ChoiceField
      small
      label="Clay of the shells over cores"
      :value="another ? 'another' : 'same'"
      :options="OPTIONS"
      @set="set"
    />
  </DecisionRow>
</template>
