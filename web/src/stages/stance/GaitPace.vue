<script setup lang="ts">
import * as say from './words.ts';
import { alexanderStride, limitsOf, parseNumber, type GaitPlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { lengthAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withStride } from './stanceChanges.ts';

/** Stride or speed of the gait, as the user wants it: the one follows from the other. */
const props = defineProps<{ gait: GaitPlan }>();
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const workingOf = (id: string) =>
  props.gait.workings.find((working) => working.id === `stance.gait.${id}`);
const stride = computed(() => workingOf('stride'));
const speed = computed(() => workingOf('speed'));
const hipMm = computed(() => speed.value?.inputs.find(({ symbol }) => symbol === 'h')?.value);
const own = computed(() => piece.value.stance.gait?.strideMm ?? null);
/** The limbs reach less than was asked for. */
const short = computed(
  () => own.value !== null && stride.value !== undefined && stride.value.value < 0.99 * own.value,
);
const set = (strideMm: number | null): void =>
  change(strideMm === null ? say.takeUsualStride : say.changeStride, (p) =>
    withStride(p, strideMm),
  );
/** Kilometres or miles an hour, as they are shown, to a stride in mm. */
const KM_PER_MILE = 1.609344;
function readSpeed(typed: string) {
  const perHour = system.value === 'metric' ? 1 : KM_PER_MILE;
  const read = parseNumber(
    typed,
    say.speedInLife,
    0.1,
    150,
    system.value === 'metric' ? 'km/h' : 'mph',
  );
  if (!read.ok || hipMm.value === undefined) return read;
  const strideMm = 1000 * alexanderStride((read.value * perHour) / 3.6, hipMm.value / 1000);
  const { min, max } = limitsOf('stance.gait.strideMm');
  return { ok: true as const, value: Math.min(max, Math.max(min, strideMm)) };
}
</script>

<template>
  <template v-if="stride">
    <DecisionRow :name="say.strideInLife" :own="own !== null" @revert="set(null)">
      <QuantityField
        small
        :label="say.strideInLife"
        :shown="text(stride.value, 'mm')"
        :parse="lengthAt('stance.gait.strideMm', say.strideInLife, system)"
        @set="set($event)"
      />
    </DecisionRow>
    <DecisionRow v-if="speed" :name="say.speedInLife">
      <QuantityField
        small
        :label="say.speedInLife"
        :shown="text(speed.value, 'km/h')"
        :parse="readSpeed"
        @set="set($event)"
      />
    </DecisionRow>
    <HintText v-if="short" role="status">
      {{ say.theseLimbsDoNot(text(stride.value, 'mm'), text(own!, 'mm')) }}
    </HintText>
  </template>
</template>
