<script setup lang="ts">
import * as say from './words.ts';
import type { Shape } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { degreesAt, lengthAt, percentAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withShape } from './shapeChanges.ts';

/** Place, size and opening of the eyes, left and right alike; each the animal's until it is typed. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
type Eyes = Shape['eyes'];
const own = computed(() => piece.value.measure.shape.eyes);
const animal = computed(() => plan.value.measure.skeleton.animal);
const ball = computed(() => animal.value.eye.mm);

const put = (label: string, key: keyof Eyes, value: number | null): void =>
  change(say.change(label.toLowerCase()), (p) => {
    const { shape } = p.measure;
    return withShape(p, { ...shape, eyes: { ...shape.eyes, [key]: value } });
  });

const pathOf = (key: keyof Eyes): string => `measure.shape.eyes.${key}`;
const percent = (share: number): string => `${Math.round(100 * share)} %`;

const fields = computed(() => {
  const eye = animal.value.face?.eyes[0];
  if (eye === undefined) return [];
  const [bone, along, around] = eye.at;
  const name = plan.value.measure.skeleton.bones.find(({ key }) => key === bone)?.name ?? bone;
  const length = lengthAt('measure.shape.eyes.diameterMm', say.eyeball, system.value);
  const alongSkull = say.alongThe(name.toLowerCase());
  return [
    { key: 'diameterMm', label: say.eyeball, shown: text(ball.value, 'mm'), parse: length },
    {
      key: 'along',
      label: alongSkull,
      shown: percent(along),
      parse: percentAt(pathOf('along'), alongSkull),
    },
    {
      key: 'around',
      label: say.fromBackLine,
      shown: text(around, 'deg'),
      parse: degreesAt(pathOf('around'), say.fromBackLine),
    },
    {
      key: 'wide',
      label: say.lidsWide,
      shown: percent(eye.opening[0]),
      parse: percentAt(pathOf('wide'), say.lidsWide),
    },
    {
      key: 'high',
      label: say.lidsHigh,
      shown: percent(eye.opening[1]),
      parse: percentAt(pathOf('high'), say.lidsHigh),
    },
    {
      key: 'slitDeg',
      label: say.slant,
      shown: text(eye.slitDeg, 'deg'),
      parse: degreesAt(pathOf('slitDeg'), say.slant),
    },
  ] as const;
});
</script>

<template>
  <DecisionRow
    v-for="{ key, label, shown, parse } in fields"
    :key="key"
    :name="label"
    :own="own[key] !== null"
    @revert="put(label, key, null)"
  >
    <QuantityField
      small
      :label="label"
      :shown="shown"
      :parse="parse"
      @set="put(label, key, $event)"
    />
  </DecisionRow>
  <HintText>
    {{ say.eyeOnModel(text(ball / plan.measure.lifePerModel, 'mm')) }}
  </HintText>
</template>
