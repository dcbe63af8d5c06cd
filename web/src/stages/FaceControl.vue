<script setup lang="ts">
import * as say from './words.ts';
import {
  expressionAngles,
  expressionOf,
  hasFaceJoints,
  parseNumber,
  type FreedomName,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import ChoiceRow from '../kit/ChoiceRow.vue';
import DecisionRow from '../kit/DecisionRow.vue';
import HintText from '../kit/HintText.vue';
import { numberAt } from '../kit/limited.ts';
import QuantityField from '../kit/QuantityField.vue';
import { useUnits } from '../composables/useUnits.ts';
import GazeControl from './GazeControl.vue';
import { withAngle, withStance } from './stance/stanceChanges.ts';

/** Mouth, ears, lids and gaze: a face of the plan to start from, and each by itself, left and right alike. */
const { piece, plan, change } = usePiecePlan();
const { text } = useUnits();
const skeleton = computed(() => plan.value.measure.skeleton);
const moves = computed(() => hasFaceJoints(skeleton.value));
const expressions = computed(() =>
  skeleton.value.plan.expressions.map(({ id }) => ({ value: id, label: say.expressions[id] })),
);
const shown = computed(() => expressionOf(skeleton.value, piece.value.stance)?.id ?? '');

function take(id: string): void {
  const of = skeleton.value.plan.expressions.find((one) => one.id === id);
  if (of === undefined) return;
  const angles = expressionAngles(skeleton.value, of);
  change(say.takeExpression(say.expressions[of.id]), (p) => {
    const { anglesDeg } = p.stance;
    const joined = Object.fromEntries(
      Object.entries(angles).map(([bone, own]) => [bone, { ...anglesDeg[bone], ...own }]),
    );
    return withStance(p, { lids: of.lids, anglesDeg: { ...anglesDeg, ...joined } });
  });
}

interface FaceField {
  readonly label: string;
  readonly bones: readonly string[];
  readonly freedom: FreedomName;
  readonly deg: number;
  readonly limits: readonly [number, number];
}
const FIELDS = [
  { key: 'jaw', freedom: 'flexion', label: say.mouthOpen },
  { key: 'ear', freedom: 'flexion', label: say.earsBack },
  { key: 'ear', freedom: 'abduction', label: say.earsInward },
] as const;
const fields = computed(() =>
  FIELDS.flatMap(({ key, freedom, label }): FaceField[] => {
    const bones = skeleton.value.bones.filter((bone) => bone.key === key);
    const limits = bones[0]?.joint.freedoms[freedom];
    if (limits === undefined) return [];
    const deg = plan.value.stance.angles.find(
      (of) => of.bone.id === bones[0]!.id && of.freedom === freedom,
    )!.angle.value;
    const ids = bones.map(({ id }) => id);
    return [{ label, bones: ids, freedom, deg, limits: [limits.minDeg, limits.maxDeg] }];
  }),
);
const read =
  ({ label, limits }: FaceField) =>
  (typed: string) =>
    parseNumber(typed.replace('°', ''), label, ...limits, 'degrees');
const turn = ({ label, bones, freedom }: FaceField, deg: number): void =>
  change(say.set(label.toLowerCase()), (p) =>
    bones.reduce((now, bone) => withAngle(now, bone, freedom, deg), p),
  );
const readLids = (typed: string) => {
  const read = numberAt('stance.lids', say.lidsOpen)(String(Number(typed.replace('%', '')) / 100));
  return read.ok ? read : parseNumber(typed.replace('%', ''), say.lidsOpen, 0, 150, '%');
};
const setLids = (lids: number): void =>
  change(say.set(say.lidsOpen.toLowerCase()), (p) => withStance(p, { lids }));
</script>

<template>
  <ChoiceRow
    v-if="moves"
    again
    :label="say.expression"
    :value="shown"
    :options="expressions"
    @set="take"
  />
  <DecisionRow v-for="field in fields" :key="field.label" :name="field.label">
    <QuantityField
      small
      :label="field.label"
      :shown="text(field.deg, 'deg')"
      :parse="read(field)"
      @set="turn(field, $event)"
    />
  </DecisionRow>
  <template v-if="skeleton.animal.face?.eyes.length">
    <DecisionRow :name="say.lidsOpen">
      <QuantityField
        small
        :label="say.lidsOpen"
        :shown="`${Math.round(100 * piece.stance.lids)} %`"
        :parse="readLids"
        @set="setLids"
      />
    </DecisionRow>
    <GazeControl />
  </template>
  <HintText>{{ say.faceIsAStart }}</HintText>
</template>
