<script setup lang="ts">
import * as say from './words.ts';
import { MOST_FOUND, type FoundColour } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import { numberAt } from '../../../kit/limited.ts';
import NameField from '../../../kit/NameField.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import { heldZones, withFoundPart, withZoneHexes } from './foundChanges.ts';

/** Colours that were kept from pictures: each taken for a zone; and all zones held to a few. */
const { piece, plan, change } = usePiecePlan();
const zones = computed(() =>
  (plan.value.colour?.zones ?? []).map(({ zone: { id, name } }) => ({ label: name, value: id })),
);
const nameOf = (id: string): string => zones.value.find(({ value }) => value === id)?.label ?? id;
/** The list begins with a word that is no zone. */
function take({ name, hex }: FoundColour, zone: string): void {
  if (zone === '') return;
  change(say.takenFor(name, nameOf(zone).toLowerCase()), (p) => withZoneHexes(p, [[zone, hex]]));
}
const many = ref(4);
function hold(): void {
  const held = heldZones(plan.value, many.value);
  if (held.length > 0) change(say.holdColours(many.value), (p) => withZoneHexes(p, held));
}
</script>

<template>
  <HintText v-if="piece.colour.found.length === 0">{{ say.noneKept }}</HintText>
  <HintText v-if="piece.colour.found.length >= MOST_FOUND">{{
    say.enoughKept(MOST_FOUND)
  }}</HintText>
  <article v-for="found in piece.colour.found" :key="found.id" :data-found="found.id">
    <div class="row">
      <i v-if="found.shade" :style="{ background: found.shade }" /><i
        class="own"
        :style="{ background: found.hex }"
      /><i v-if="found.light" :style="{ background: found.light }" />
      <span class="number">{{ found.hex }}</span>
      <small>{{ say.fromPicture(found.picture) }}</small>
    </div>
    <NameField
      :label="say.nameOfFound"
      :value="found.name"
      :most="60"
      @set="change(say.changeFound, (p) => withFoundPart(p, found.id, { name: $event }))"
    />
    <div class="row">
      <ChoiceField
        small
        :label="say.takeFor(found.name)"
        value=""
        :options="[{ label: say.forZone, value: '' }, ...zones]"
        @set="take(found, $event)"
      />
      <ActionButton @click="change(say.dropFound, (p) => withFoundPart(p, found.id, null))"
        >{{ say.drop }}<span class="visually-hidden">: {{ found.name }}</span></ActionButton
      >
    </div>
  </article>
  <DecisionRow :name="say.holdTo">
    <QuantityField
      small
      :label="say.holdTo"
      :shown="String(many)"
      :parse="numberAt('colour.few', say.colourCount)"
      @set="many = Math.round($event)"
    />
  </DecisionRow>
  <HintText>{{ say.holdHint }}</HintText>
  <ActionButton kind="line" @click="hold">{{ say.hold }}</ActionButton>
</template>

<style scoped>
article {
  border-bottom: 1px solid var(--line);
  padding-bottom: 6px;
  margin-bottom: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 8px;
  margin: 3px 4px;
}
i {
  width: 20px;
  height: 16px;
  border: 1px solid var(--soft);
}
.own {
  width: 34px;
}
</style>
