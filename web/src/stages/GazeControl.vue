<script setup lang="ts">
import * as say from './words.ts';
import { EYE_TURNS_DEG, type Gaze } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { useUnits } from '../composables/useUnits.ts';
import ChoiceRow from '../kit/ChoiceRow.vue';
import DecisionRow from '../kit/DecisionRow.vue';
import HintText from '../kit/HintText.vue';
import { signedLengthAt } from '../kit/limited.ts';
import QuantityField from '../kit/QuantityField.vue';
import WorkingRow from '../ledger/WorkingRow.vue';
import { withStance } from './stance/stanceChanges.ts';

/** Where both eyes look: out of their lids, or at one point. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const gaze = computed(() => piece.value.stance.gaze);
const WAYS = [
  { value: 'lids', label: say.outOfTheirLids },
  { value: 'point', label: say.atOnePoint },
];
/** A point to begin with lies so many heads ahead. */
const HEADS_AHEAD = 4;

const put = (label: string, next: Gaze | null): void =>
  change(label, (p) => withStance(p, { gaze: next }));

function setWay(way: string): void {
  if (way === 'lids') return put(say.lookOutOfLids, null);
  const { skeleton, lifePerModel } = plan.value.measure;
  const key = skeleton.animal.face?.eyes[0]?.at[0] ?? '';
  const head = (skeleton.animal.lengths[key]?.mm ?? 0) / lifePerModel;
  put(say.lookAtPoint, { aheadMm: Math.round(HEADS_AHEAD * head), leftMm: 0, upMm: 0 });
}

const FIELDS = [
  { key: 'aheadMm', label: say.aheadOfEyes },
  { key: 'leftMm', label: say.toItsLeft },
  { key: 'upMm', label: say.upFromEyes },
] as const;
const parser = (key: keyof Gaze, label: string) =>
  signedLengthAt(`stance.gaze.${key}`, label, system.value);

const eyes = computed(() => plan.value.stance.eyes);
const far = computed(() =>
  eyes.value.flatMap(({ value, label }) => (value > EYE_TURNS_DEG ? [label] : [])),
);
</script>

<template>
  <ChoiceRow
    :label="say.eyesLook"
    :value="gaze === null ? 'lids' : 'point'"
    :options="WAYS"
    @set="setWay"
  />
  <template v-if="gaze !== null">
    <DecisionRow v-for="{ key, label } in FIELDS" :key="key" :name="label">
      <QuantityField
        small
        :label="label"
        :shown="text(gaze[key], 'mm')"
        :parse="parser(key, label)"
        @set="put(say.lookAtPoint, { ...gaze, [key]: $event })"
      />
    </DecisionRow>
    <WorkingRow v-for="turns in eyes" :key="turns.id" :working="turns" />
    <HintText v-if="far.length > 0">{{ say.turnTheHead(far, EYE_TURNS_DEG) }}</HintText>
  </template>
</template>
