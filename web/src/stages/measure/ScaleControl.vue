<script setup lang="ts">
import {
  MODEL_LENGTH_LIMITS,
  parseLength,
  parseScale,
  type Piece,
  type ScaleChoice,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import PickRow from '../../controls/PickRow.vue';
import QuantityField from '../../controls/QuantityField.vue';

type By = ScaleChoice['by'];
type Oven = NonNullable<Piece['measure']['oven']>;

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const WAYS: readonly { readonly label: string; readonly value: By }[] = [
  { label: 'Ratio', value: 'ratio' },
  { label: 'Shoulder height', value: 'shoulder-height' },
  { label: 'Length', value: 'length' },
  { label: 'Fit the oven', value: 'oven' },
];
const SIDES = ['lengthMm', 'widthMm', 'heightMm'] as const;
const SIDE_NAMES = { lengthMm: 'long', widthMm: 'deep', heightMm: 'high' } as const;

const scale = computed(() => piece.value.measure.scale);
const oven = computed(() => piece.value.measure.oven);

const setScale = (next: ScaleChoice): void =>
  change('Change the scale', (p) => ({ ...p, measure: { ...p.measure, scale: next } }));

/** Keeps the model as large as it is, and only changes which target decides. */
function setWay(by: string): void {
  const ratio = plan.value.measure.lifePerModel;
  const { shoulderHeightMm, totalLengthMm } = plan.value.measure.sizes;
  const oneDigit = (mm: number): number => Math.round((mm / ratio) * 10) / 10;
  if (by === 'ratio') setScale({ by, lifePerModel: Math.round(ratio * 1000) / 1000 });
  else if (by === 'shoulder-height') setScale({ by, mm: oneDigit(shoulderHeightMm) });
  else if (by === 'length') setScale({ by, mm: oneDigit(totalLengthMm) });
  else if (by === 'oven') {
    const fallback: Oven = { lengthMm: 400, heightMm: 250, widthMm: 350 };
    change('Fit the oven', (p) => ({
      ...p,
      measure: { ...p.measure, oven: p.measure.oven ?? fallback, scale: { by } },
    }));
  }
}

const setOven = (side: (typeof SIDES)[number], mm: number): void =>
  change('Change the oven', (p) => ({
    ...p,
    measure: {
      ...p.measure,
      oven: { ...(p.measure.oven ?? { lengthMm: 400, heightMm: 250, widthMm: 350 }), [side]: mm },
    },
  }));

const readLength = (where: string) => (typed: string) =>
  parseLength(typed, where, MODEL_LENGTH_LIMITS, system.value);
const readOven = (typed: string) =>
  parseLength(typed, 'Oven', { minMm: 20, maxMm: 5000 }, system.value);
</script>

<template>
  <PickRow label="What decides the scale" :value="scale.by" :options="WAYS" @set="setWay" />
  <div class="target">
    <label v-if="scale.by === 'ratio'">
      <span>Scale</span>
      <QuantityField
        label="Scale"
        :shown="text(scale.lifePerModel, 'scale')"
        :parse="parseScale"
        @set="setScale({ by: 'ratio', lifePerModel: $event })"
      />
    </label>
    <label v-else-if="scale.by === 'shoulder-height'">
      <span>Shoulder height of the model</span>
      <QuantityField
        label="Shoulder height of the model"
        :shown="text(scale.mm, 'mm')"
        :parse="readLength('Shoulder height')"
        @set="setScale({ by: 'shoulder-height', mm: $event })"
      />
    </label>
    <label v-else-if="scale.by === 'length'">
      <span>Snout to tail tip of the model</span>
      <QuantityField
        label="Snout to tail tip of the model"
        :shown="text(scale.mm, 'mm')"
        :parse="readLength('Length')"
        @set="setScale({ by: 'length', mm: $event })"
      />
    </label>
    <p v-else>
      The largest model that fits the oven as posed: 1:{{ plan.measure.lifePerModel.toFixed(2) }}
    </p>
  </div>
  <div class="oven">
    <span>Inside of the oven</span>
    <label v-for="side in SIDES" :key="side">
      <QuantityField
        small
        :label="`Oven, ${SIDE_NAMES[side]}`"
        :shown="oven ? text(oven[side], 'mm', system === 'metric' ? 0 : 2) : ''"
        :parse="readOven"
        @set="setOven(side, $event)"
      />
      <small>{{ SIDE_NAMES[side] }}</small>
    </label>
  </div>
</template>

<style scoped>
.target {
  margin: 10px 0;
}
.target label {
  display: grid;
  grid-template-columns: 1fr 130px;
  align-items: center;
  gap: 8px;
}
.target p {
  margin: 0;
}
.oven {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 2px 8px;
  margin-bottom: 12px;
}
.oven > span {
  grid-column: 1 / -1;
}
small {
  color: var(--soft);
  font-size: 12.5px;
}
</style>
