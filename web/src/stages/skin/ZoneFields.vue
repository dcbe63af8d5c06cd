<script setup lang="ts">
import * as say from './words.ts';
import {
  COAT_METHODS,
  usualZone,
  wordsOf,
  type CoatMethod,
  type ZoneChoice,
  type ZonePlan,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { lengthAt, numberAt, percentAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withPart } from '../withPart.ts';
import { METHOD_NAMES } from './methodNames.ts';
import ZoneNumbers from './ZoneNumbers.vue';

/** How one zone is made, with its numbers. */
const props = defineProps<{ entry: ZonePlan }>();
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const METHODS = COAT_METHODS.map((value) => ({ label: METHOD_NAMES[value], value }));
const word = computed(() => {
  const { one } = wordsOf(props.entry.zone);
  return one.charAt(0).toUpperCase() + one.slice(1);
});
const stroke = computed(() => wordsOf(props.entry.zone).shortStroke);
const own = computed(() => piece.value.skin.zones[props.entry.zone.id]);
const isHair = computed(() => (props.entry.zone.covering ?? 'hair') === 'hair');

function set(part: Partial<ZoneChoice>): void {
  const { zone, method } = props.entry;
  change(say.changeCoatOf(zone.name.toLowerCase()), (p) =>
    withPart(p, 'skin', {
      zones: {
        ...p.skin.zones,
        [zone.id]: { ...usualZone(method), ...p.skin.zones[zone.id], ...part },
      },
    }),
  );
}
const isBare = computed(() => props.entry.zone.hair === null && props.entry.method === 'smooth');
const overlap = computed(() => {
  const { strokes, zone } = props.entry;
  const usual = strokes?.count?.inputs.find(({ symbol }) => symbol === 'o')?.value;
  return piece.value.skin.zones[zone.id]?.overlap ?? usual ?? 0;
});
const perCm2 = computed(
  () => props.entry.planting?.hairs.inputs.find(({ symbol }) => symbol === 'D')?.value ?? 0,
);
</script>

<template>
  <h4>{{ entry.zone.name }}</h4>
  <DecisionRow :name="say.madeHow">
    <ChoiceField
      small
      :label="say.howCoatOfIs(entry.zone.name)"
      :value="entry.method"
      :options="METHODS"
      @set="set({ method: $event as CoatMethod })"
    />
  </DecisionRow>
  <HintText v-if="isBare">
    {{ say.bareItIsSmoothed }}
  </HintText>
  <template v-if="isBare">
    <DecisionRow
      :name="say.poresOnCm2"
      :own="own?.perCm2 != null"
      :back="say.none"
      @revert="set({ perCm2: null })"
    >
      <QuantityField
        small
        :label="say.poresOnCm2Of(entry.zone.name)"
        :shown="own?.perCm2 == null ? say.none : String(own.perCm2)"
        :parse="numberAt('skin.zones.*.perCm2', say.poresOnCm2)"
        @set="set({ perCm2: $event })"
      />
    </DecisionRow>
    <ZoneNumbers v-if="entry.pores" :entry="entry" :word="word" :stroke="stroke" />
  </template>
  <template v-else>
    <DecisionRow
      :name="say.inLife(word)"
      :own="own?.hairMm != null"
      :back="say.librarys"
      @revert="set({ hairMm: null })"
    >
      <QuantityField
        small
        :label="say.inLife2(word, entry.zone.name)"
        :shown="text(entry.hairLife.value, 'mm')"
        :parse="lengthAt('skin.zones.*.hairMm', say.inLife(word), system)"
        @set="set({ hairMm: $event })"
      />
    </DecisionRow>
    <DecisionRow
      v-if="entry.zone.lock"
      :name="say.widthInLife(stroke)"
      :own="own?.wideMm != null"
      :back="say.librarys"
      @revert="set({ wideMm: null })"
    >
      <QuantityField
        small
        :label="say.widthInLife2(stroke, entry.zone.name)"
        :shown="text(own?.wideMm ?? entry.zone.lock.mm, 'mm', 1)"
        :parse="lengthAt('skin.zones.*.wideMm', say.widthInLife(stroke), system)"
        @set="set({ wideMm: $event })"
      />
    </DecisionRow>
    <DecisionRow
      v-if="entry.strokes"
      :name="say.overlap"
      :own="own?.overlap != null"
      :back="say.usual"
      @revert="set({ overlap: null })"
    >
      <QuantityField
        small
        :label="say.overlapOf(entry.zone.name)"
        :shown="`${Math.round(100 * overlap)} %`"
        :parse="percentAt('skin.zones.*.overlap', say.overlap)"
        @set="set({ overlap: $event })"
      />
    </DecisionRow>
    <DecisionRow
      v-if="entry.planting"
      :name="say.hairsOnCm2"
      :own="own?.perCm2 != null"
      :back="say.usual"
      @revert="set({ perCm2: null })"
    >
      <QuantityField
        small
        :label="say.hairsOnCm2Of(entry.zone.name)"
        :shown="String(perCm2)"
        :parse="numberAt('skin.zones.*.perCm2', say.hairsOnCm2)"
        @set="set({ perCm2: $event })"
      />
    </DecisionRow>
    <ZoneNumbers :entry="entry" :word="word" :stroke="stroke" />
  </template>
  <HintText v-if="entry.strokes && entry.strokes.locksPerStroke > 1">
    {{ say.yourFinestToolMakes(entry.strokes.locksPerStroke) }}
  </HintText>
  <HintText v-if="entry.strokes?.tool && isHair">
    {{ say.drawnWith(entry.strokes.tool.name, entry.strokes.tool.how) }}
  </HintText>
  <HintText v-if="['fibre', 'planted', 'flock', 'wefts'].includes(entry.method)">
    {{ say.clayUnderThisZone }}
  </HintText>
  <template v-if="entry.method === 'pelt'">
    <DecisionRow :name="say.backingOfPelt">
      <QuantityField
        small
        :label="say.backingOfPelt"
        :shown="text(piece.skin.backingMm, 'mm')"
        :parse="lengthAt('skin.backingMm', say.backingOfPelt, system)"
        @set="change(say.changeBacking, (p) => withPart(p, 'skin', { backingMm: $event }))"
      />
    </DecisionRow>
    <HintText>{{ say.clayUnderPelt }}</HintText>
  </template>
</template>

<style scoped>
h4 {
  margin: 12px 0 6px;
  font: 700 16px var(--font-title);
}
</style>
