<script setup lang="ts">
import * as say from './words.ts';
import {
  mirroredSide,
  straightened,
  swappedSides,
  type Side,
  type StanceEdit,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import { withStance } from './stanceChanges.ts';

/** Whole limbs at once: copied to the other side, exchanged, straightened. */
const { piece, plan, change } = usePiecePlan();
const skeleton = computed(() => plan.value.measure.skeleton);
const ALL = 'all';
const paired = computed(() =>
  skeleton.value.plan.parts.filter(({ keys }) =>
    skeleton.value.bones.some((bone) => bone.side === 'left' && keys.includes(bone.key)),
  ),
);
const options = computed(() => [
  { label: say.allLimbs, value: ALL },
  ...paired.value.map(({ id, name }) => ({ label: name, value: id })),
]);
const limb = ref(ALL);
const chosen = computed(() =>
  options.value.some(({ value }) => value === limb.value) ? limb.value : ALL,
);
const name = computed(
  () => options.value.find(({ value }) => value === chosen.value)?.label.toLowerCase() ?? '',
);

const edit = (label: string, result: StanceEdit): void =>
  change(label, (p) =>
    withStance(p, {
      anglesDeg: { ...result.anglesDeg },
      lifted: result.lifted === null ? null : [...result.lifted],
    }),
  );
const copy = (from: 'left' | 'right'): void =>
  edit(
    say.copyFromToOther(name.value, from),
    mirroredSide(
      skeleton.value,
      piece.value.stance,
      from,
      chosen.value === ALL ? undefined : chosen.value,
    ),
  );
const swap = (): void =>
  edit(say.swapLeftAndRight2, swappedSides(skeleton.value, piece.value.stance));

/** One part after the other, each on what the one before has left. */
function straighten(side: Side): void {
  const parts = chosen.value === ALL ? paired.value.map(({ id }) => id) : [chosen.value];
  let stance = piece.value.stance;
  for (const id of parts) {
    const result = straightened(skeleton.value, stance, id, side);
    stance = { ...stance, anglesDeg: { ...result.anglesDeg } };
  }
  edit(say.straighten(name.value, side), { anglesDeg: stance.anglesDeg, lifted: stance.lifted });
}
</script>

<template>
  <DecisionRow :name="say.limbs">
    <ChoiceField
      small
      :label="say.whichLimbs"
      :value="chosen"
      :options="options"
      @set="limb = $event"
    />
  </DecisionRow>
  <div class="edits">
    <ActionButton @click="copy('left')">
      {{ say.copyLeftToRight }}
    </ActionButton>
    <ActionButton @click="copy('right')">
      {{ say.copyRightToLeft }}
    </ActionButton>
    <ActionButton @click="straighten('left')">
      {{ say.straightenLeft }}
    </ActionButton>
    <ActionButton @click="straighten('right')">
      {{ say.straightenRight }}
    </ActionButton>
    <ActionButton @click="swap">
      {{ say.swapLeftAndRight }}
    </ActionButton>
  </div>
</template>

<style scoped>
.edits {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
  padding: 4px 0;
}
</style>
