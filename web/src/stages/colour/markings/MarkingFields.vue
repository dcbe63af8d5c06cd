<script setup lang="ts">
import * as say from './words.ts';
import { MARKING_EDGES, markingOn, type Marking, type MarkingEdge } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import { lengthAt, numberAt, percentAt, signedLengthAt } from '../../../kit/limited.ts';
import NameField from '../../../kit/NameField.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import SwitchField from '../../../kit/SwitchField.vue';
import { fieldsOf, type SizeField } from './markingFields.ts';
import { withMarking } from './markingChanges.ts';

/** The sizes and edges of one marking, to be typed: what its kind has. */
const props = defineProps<{ marking: Marking }>();
const { plan, change } = usePiecePlan();
const { text, system } = useUnits();
const fields = computed(() => fieldsOf(props.marking));
const put = (part: Partial<Marking>): void =>
  change(say.changeMarking(props.marking.name), (p) =>
    withMarking(p, plan.value, props.marking.id, part),
  );
/** The one colour of a marking is called as it is. */
function rename(name: string): void {
  const { colours } = props.marking;
  const one = colours.length === 1 ? { colours: [{ ...colours[0]!, name }] } : {};
  put({ name, ...one });
}
const at = (key: string): string => `colour.markings.*.${key}`;
const shown = ({ key, as }: SizeField): string => {
  const value = props.marking[key];
  if (value === null) return say.asFits;
  if (as === 'percent') return `${Math.round(100 * value)} %`;
  return as === 'count' ? `${value}` : text(value, 'mm');
};
/** An empty count is as many as fit. */
const parse = ({ key, as, label }: SizeField) => {
  if (as === 'percent') return percentAt(at(key), label);
  if (as === 'count') return numberAt(at(key), label);
  return as === 'signed'
    ? signedLengthAt(at(key), label, system.value)
    : lengthAt(at(key), label, system.value);
};
const set = ({ key, as }: SizeField, value: number): void =>
  put({ [key]: as === 'count' ? Math.round(value) : value });
const EDGES = MARKING_EDGES.map((value) => ({ label: say.edges[value], value }));
const on = computed(() => markingOn(props.marking));
const parts = computed(() => {
  const { animal } = plan.value.measure.skeleton;
  return on.value === 'blade'
    ? (animal.blades ?? []).map(({ id, name }) => ({ label: name, value: id }))
    : animal.coat
        .filter(({ covering }) => covering === 'feather')
        .map(({ id, name }) => ({ label: name, value: id }));
});
const SEEDS = 1000;
</script>

<template>
  <NameField :label="say.name" :value="marking.name" :most="60" @set="rename" />
  <DecisionRow v-if="on !== 'skin'" :name="say.onWhat">
    <ChoiceField
      small
      :label="say.onWhat"
      :value="marking.part ?? ''"
      :options="parts"
      @set="put({ part: $event })"
    />
  </DecisionRow>
  <DecisionRow
    v-for="field in fields"
    :key="field.key"
    :name="field.label"
    :own="field.as === 'count' && marking.repeats !== null"
    :back="say.asFits"
    @revert="put({ repeats: null })"
  >
    <QuantityField
      small
      :label="field.label"
      :shown="shown(field)"
      :parse="parse(field)"
      @set="set(field, $event)"
    />
  </DecisionRow>
  <ChoiceRow
    v-if="on !== 'feathers'"
    :label="say.edge"
    :value="marking.edge"
    :options="EDGES"
    @set="put({ edge: $event as MarkingEdge })"
  />
  <DecisionRow v-if="on === 'skin'" :name="say.bothSides">
    <SwitchField
      :label="say.bothSides"
      :value="marking.mirrored"
      @set="put({ mirrored: $event })"
    />
  </DecisionRow>
  <DecisionRow v-if="on === 'skin'" :name="say.spreads">
    <SwitchField :label="say.spreads" :value="marking.spreads" @set="put({ spreads: $event })" />
  </DecisionRow>
  <DecisionRow :name="say.over">
    <SwitchField :label="say.over" :value="marking.over" @set="put({ over: $event })" />
  </DecisionRow>
  <ActionButton
    v-if="on === 'skin' && marking.vary > 0"
    @click="put({ seed: (marking.seed + 1) % SEEDS })"
    >{{ say.another }}</ActionButton
  >
</template>
