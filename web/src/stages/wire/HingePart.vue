<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import SwitchField from '../../kit/SwitchField.vue';
import CautionSign from '../../kit/CautionSign.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withWire } from './wireChanges.ts';

/** Joints that stay free in a posable piece, and what a hinge there measures. */
const { piece, plan, change } = usePiecePlan();
const free = computed(() => piece.value.wire.freeJoints);
const joints = computed(() =>
  plan.value.measure.skeleton.bones
    .filter(
      ({ parent, id, joint }) =>
        parent !== null && joint.freedoms.flexion && !free.value.includes(id),
    )
    .map(({ id, joint, side }) => ({
      label: side === 'mid' ? joint.name : `${joint.name}, ${side}`,
      value: id,
    })),
);
/** Every joint of a limb pair that bends. */
const legs = computed(() => {
  const { plan: body, bones } = plan.value.measure.skeleton;
  const keys = new Set(
    body.limbPairs.flatMap(({ left }) =>
      left.bones.map((id) => bones.find((bone) => bone.id === id)?.key),
    ),
  );
  return bones
    .filter(({ key, parent, joint }) => keys.has(key) && parent !== null && joint.freedoms.flexion)
    .map(({ id }) => id);
});
const setLegs = (on: boolean): void => {
  const others = free.value.filter((id) => !legs.value.includes(id));
  set(on ? [...others, ...legs.value] : others);
};
const set = (freeJoints: string[]): void =>
  change(say.changeJointsThatStay, (p) => withWire(p, { freeJoints }));
</script>

<template>
  <HintText v-if="!piece.wire.posable">
    {{ say.thisPieceIsFixed }}
  </HintText>
  <template v-else>
    <DecisionRow v-if="legs.length > 0" :name="say.allJointsOfLegs">
      <SwitchField
        :label="say.allJointsOfLegs"
        :value="legs.every((id) => free.includes(id))"
        @set="setLegs"
      />
    </DecisionRow>
    <ChoiceField
      small
      :label="say.jointThatStaysFree"
      value=""
      :options="[{ label: say.keepJointFree, value: '' }, ...joints]"
      @set="$event !== '' && set([...free, $event])"
    />
    <div v-for="hinge in plan.wire.hinges.hinges" :key="hinge.boneId" class="hinge">
      <p class="name">
        {{ hinge.name }}
        <ActionButton @click="set(free.filter((id) => id !== hinge.boneId))">
          {{ say.fixIt }}<span class="visually-hidden">: {{ hinge.name }}</span>
        </ActionButton>
      </p>
      <WorkingRow :working="hinge.gap" :label="say.freeOfPuttyOn" />
      <WorkingRow :working="hinge.pin" :label="say.pinOfHinge" />
      <WorkingRow :working="hinge.tube" :label="say.tubeInside" />
      <WorkingRow :working="hinge.leaf" :label="say.leafAlongEachBone" />
    </div>
    <HintText v-if="free.length === 0">
      {{ say.hardPuttyAndBrittle }}
    </HintText>
    <CautionSign :ids="['epoxy', 'small-parts']" />
  </template>
</template>

<style scoped>
.name {
  margin: 8px 4px 0;
  font-weight: 600;
  font-size: 14px;
}
.name::first-letter {
  text-transform: uppercase;
}
</style>
