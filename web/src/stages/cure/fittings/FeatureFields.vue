<script setup lang="ts">
import * as say from './words.ts';
import { LIBRARY_FEATURE, type FeatureChange, type Fitting } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import { degreesAt, percentAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import { withFeature } from './fittingChanges.ts';

/** A part of the animal: longer, thicker, moved along its bone and about it, or left out; on both sides alike. */
const props = defineProps<{ fitting: Fitting }>();
const { piece, change } = usePiecePlan();
const { text } = useUnits();
const own = computed(() => ({
  ...LIBRARY_FEATURE,
  ...piece.value.measure.shape.features[props.fitting.id],
}));
const name = computed(() => props.fitting.name.toLowerCase());
const put = (part: Partial<FeatureChange>): void =>
  change(say.changeThing(name.value), (p) => withFeature(p, props.fitting.id, part));
const path = (key: string): string => `measure.shape.features.*.${key}`;
const percent = (share: number): string => `${Math.round(1000 * share) / 10} %`;
const fields = computed(() => [
  {
    key: 'long' as const,
    label: say.lengthOfLibrary,
    shown: percent(own.value.long ?? 1),
    parse: percentAt(path('long'), say.lengthOfLibrary),
  },
  {
    key: 'thick' as const,
    label: say.thicknessOfLibrary,
    shown: percent(own.value.thick ?? 1),
    parse: percentAt(path('thick'), say.thicknessOfLibrary),
  },
  {
    key: 'along' as const,
    label: say.movedAlong,
    shown: percent(own.value.along ?? 0),
    parse: percentAt(path('along'), say.movedAlong),
  },
  {
    key: 'around' as const,
    label: say.movedAround,
    shown: text(own.value.around ?? 0, 'deg'),
    parse: degreesAt(path('around'), say.movedAround),
  },
]);
/** What is not drawn, or grows on bones of its own, has no place of its own to move to. */
const shown = computed(() =>
  props.fitting.made === 'grown' ? [] : props.fitting.pieces.length > 0 ? fields.value : [],
);
</script>

<template>
  <DecisionRow
    v-for="{ key, label, shown: value, parse } in shown"
    :key="key"
    :name="label"
    :own="own[key] !== null"
    @revert="put({ [key]: null })"
  >
    <QuantityField
      small
      :label="label"
      :shown="value"
      :parse="parse"
      @set="put({ [key]: $event })"
    />
  </DecisionRow>
  <ActionButton v-if="fitting.made !== 'grown'" @click="put({ gone: true })">
    {{ say.leaveOut(name) }}
  </ActionButton>
</template>
