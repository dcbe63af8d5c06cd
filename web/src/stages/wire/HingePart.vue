<script setup lang="ts">
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import DecisionRow from '../../controls/DecisionRow.vue';
import SwitchField from '../../controls/SwitchField.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import CautionNote from '../../ledger/CautionNote.vue';
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
  change('Change the joints that stay free', (p) => withWire(p, { freeJoints }));
</script>

<template>
  <p v-if="!piece.wire.posable" class="says">
    This piece is fixed in its pose. Switch “Posable” on under Scheme to keep joints free.
  </p>
  <template v-else>
    <DecisionRow v-if="legs.length > 0" name="All joints of the legs">
      <SwitchField
        label="All joints of the legs"
        :value="legs.every((id) => free.includes(id))"
        @set="setLegs"
      />
    </DecisionRow>
    <ChoiceField
      small
      label="A joint that stays free"
      value=""
      :options="[{ label: 'Keep a joint free …', value: '' }, ...joints]"
      @set="$event !== '' && set([...free, $event])"
    />
    <div v-for="hinge in plan.wire.hinges.hinges" :key="hinge.boneId" class="hinge">
      <p class="name">
        {{ hinge.name }}
        <button
          type="button"
          class="quiet-button"
          @click="set(free.filter((id) => id !== hinge.boneId))"
        >
          fix it<span class="visually-hidden">: {{ hinge.name }}</span>
        </button>
      </p>
      <WorkingRow :working="hinge.gap" label="free of putty on each side" />
      <WorkingRow :working="hinge.pin" label="pin of a hinge" />
      <WorkingRow :working="hinge.tube" label="tube, inside" />
      <WorkingRow :working="hinge.leaf" label="leaf along each bone" />
    </div>
    <p v-if="free.length === 0" class="says">
      Hard putty and brittle skins over a joint crack when it moves. Name the joints that must move,
      and their gaps and hinges are measured.
    </p>
    <CautionNote :ids="['epoxy', 'small-parts']" />
  </template>
</template>

<style scoped>
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
.name {
  margin: 8px 4px 0;
  font-weight: 600;
  font-size: 14px;
}
.name::first-letter {
  text-transform: uppercase;
}
</style>
