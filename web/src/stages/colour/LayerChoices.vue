<script setup lang="ts">
import * as say from './words.ts';
import { PRIMER_IDS, SCHOOLS, type Piece, type PrimerId, type School } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import ColourField from '../../kit/ColourField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withPart } from '../withPart.ts';

/** The way to colour, what is under it, and how finely it is mixed. */
const { piece, change } = usePiecePlan();
const colour = computed(() => piece.value.colour);
const WAYS = SCHOOLS.map((value) => ({ label: say.SCHOOL_NAMES[value], value }));
const PRIMERS = PRIMER_IDS.map((value) => ({ label: say.PRIMER_NAMES[value], value }));
const set = (label: string, part: Partial<Piece['colour']>): void =>
  change(label, (p) => withPart(p, 'colour', part));
const whole = (path: string, label: string) => (typed: string) => {
  const read = numberAt(path, label)(typed);
  return read.ok ? { ok: true as const, value: Math.round(read.value) } : read;
};
const coats = (typed: string) =>
  typed.trim().toLowerCase() === say.untilHidden
    ? { ok: true as const, value: null }
    : whole('colour.baseCoats', say.baseCoats)(typed);
</script>

<template>
  <DecisionRow :name="say.wayToColour">
    <ChoiceField
      small
      :label="say.wayToColour"
      :value="colour.school"
      :options="WAYS"
      @set="set(say.changeWay, { school: $event as School })"
    />
  </DecisionRow>
  <HintText>{{ say.SCHOOL_HINTS[colour.school] }}</HintText>
  <ChoiceRow
    v-if="colour.school === 'light-down' || colour.school === 'dark-up'"
    :label="say.primer"
    :value="colour.primer"
    :options="PRIMERS"
    @set="set(say.changePrimer, { primer: $event as PrimerId })"
  />
  <DecisionRow :name="say.clayLooks">
    <ColourField
      :label="say.clayLooks"
      :hex="colour.clayHex"
      @set="set(say.changeClayColour, { clayHex: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.howManyTubes">
    <QuantityField
      small
      :label="say.howManyTubes"
      :shown="String(colour.few)"
      :parse="whole('colour.few', say.howManyTubes)"
      @set="set(say.changeTubes, { few: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.mostParts">
    <QuantityField
      small
      :label="say.mostParts"
      :shown="String(colour.maxParts)"
      :parse="whole('colour.maxParts', say.mostParts)"
      @set="set(say.changeParts, { maxParts: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.oneStepOfLightness">
    <QuantityField
      small
      :label="say.oneStepOfLightness2"
      :shown="String(colour.step)"
      :parse="numberAt('colour.step', say.oneStepOfLightness2)"
      @set="set(say.changeContrast, { step: $event })"
    />
  </DecisionRow>
  <DecisionRow
    :name="say.baseCoats"
    :own="colour.baseCoats !== null"
    :back="say.untilHidden"
    @revert="set(say.changeBaseCoats, { baseCoats: null })"
  >
    <QuantityField
      small
      :label="say.baseCoats"
      :shown="colour.baseCoats === null ? say.untilHidden : String(colour.baseCoats)"
      :parse="coats"
      @set="set(say.changeBaseCoats, { baseCoats: $event })"
    />
  </DecisionRow>
</template>
