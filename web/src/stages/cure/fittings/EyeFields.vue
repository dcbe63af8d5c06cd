<script setup lang="ts">
import * as say from './words.ts';
import { eyeNumbers, type Fitting } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ColourField from '../../../kit/ColourField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import EyeControl from '../../mass/EyeControl.vue';
import { withShape } from '../../mass/shapeChanges.ts';
import GazeControl from '../../GazeControl.vue';

/** The eyes: half a millimetre either way, pupil and iris, lids and sockets, their place, and where they look. */
const props = defineProps<{ fitting: Fitting }>();
const { piece, plan, change } = usePiecePlan();
const eyes = computed(() => plan.value.fittings.eyes);
const own = computed(() => piece.value.measure.shape.eyes);
const first = computed(() => plan.value.measure.skeleton.animal.face?.eyes[0]);

const put = (label: string, part: Partial<typeof own.value>): void =>
  change(label, (p) => {
    const { shape } = p.measure;
    return withShape(p, { ...shape, eyes: { ...shape.eyes, ...part } });
  });
/** Half a millimetre of the model, from the size as it is sold. */
const STEP_MM = 0.5;
const resize = (steps: number): void => {
  const mm = Math.max(STEP_MM, props.fitting.sold!.value + steps * STEP_MM);
  put(say.resizeEyes, { diameterMm: mm * plan.value.measure.lifePerModel });
};
const PUPILS = (['dark', 'round', 'upright', 'level'] as const).map((value) => ({
  value,
  label: say.pupils[value],
}));
</script>

<template>
  <div class="steps">
    <ActionButton kind="line" @click="resize(-1)">{{ say.halfSmaller }}</ActionButton>
    <ActionButton kind="line" @click="resize(1)">{{ say.halfLarger }}</ActionButton>
  </div>
  <template v-if="first && eyes">
    <DecisionRow
      :name="say.pupilWord"
      :own="own.pupil !== null"
      @revert="put(say.changePupil, { pupil: null })"
    >
      <ChoiceField
        small
        :label="say.pupilWord"
        :value="first.pupil"
        :options="PUPILS"
        @set="put(say.changePupil, { pupil: $event as typeof own.pupil })"
      />
    </DecisionRow>
    <DecisionRow
      :name="say.irisWord"
      :own="own.hex !== null"
      @revert="put(say.changeIris, { hex: null })"
    >
      <ColourField
        :label="say.irisWord"
        :hex="first.hex"
        @set="put(say.changeIris, { hex: $event })"
      />
    </DecisionRow>
    <WorkingRow v-for="working in eyeNumbers(eyes)" :key="working.id" :working="working" />
    <EyeControl />
    <GazeControl />
  </template>
</template>

<style scoped>
.steps {
  display: flex;
  gap: 8px;
  padding: 6px 4px;
}
</style>
