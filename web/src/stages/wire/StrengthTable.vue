<script setup lang="ts">
import { loadClass, LOAD_CLASSES, type WiredJoint } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';

/** What the chosen wire bears at each joint while the clay is raw, and what size would do. */
const props = defineProps<{ wireId: string }>();
const { plan } = usePiecePlan();
const { target, open, pick } = useSelection();
const joints = computed(() =>
  plan.value.strength.joints.filter(({ wire }) => wire.id === props.wireId),
);
type What = 'posed' | 'turned' | 'least' | 'most';
const workingOf = (joint: WiredJoint, what: What) =>
  plan.value.strength.workings.find(({ id }) => id === `strength.${joint.boneId}.${what}`);
const sizes = computed(() =>
  plan.value.strength.workings.filter(({ id }) =>
    [`strength.${props.wireId}.least`, `strength.${props.wireId}.most`].includes(id),
  ),
);
const sags = computed(() =>
  plan.value.strength.workings.filter(
    ({ id, target: at }) =>
      id.startsWith('strength.sag.') && joints.value.some(({ boneId }) => boneId === at?.id),
  ),
);
const nameOf = ({ boneId }: WiredJoint): string => {
  const bone = plan.value.measure.skeleton.byId.get(boneId)!;
  return bone.side === 'mid' ? bone.joint.name : `${bone.joint.name}, ${bone.side}`;
};
const words = (joint: WiredJoint): string =>
  LOAD_CLASSES.find(({ id }) => id === loadClass(joint))!.name;
const opened = (joint: WiredJoint) =>
  (['posed', 'turned'] as const)
    .map((what) => workingOf(joint, what))
    .find((working) => working !== undefined && working.id === open.value);
/** A joint is spread out while any number of it is open. */
const spread = (joint: WiredJoint): boolean =>
  (['posed', 'turned', 'least', 'most'] as const).some(
    (what) => open.value === `strength.${joint.boneId}.${what}`,
  );
const sizesOf = (joint: WiredJoint) =>
  (['least', 'most'] as const).flatMap((what) => workingOf(joint, what) ?? []);
function toggle(id: string, boneId: string): void {
  if (open.value === id) pick(null);
  else pick({ kind: 'bone', id: boneId }, id);
}
</script>

<template>
  <WorkingRow v-for="one in sizes" :key="one.id" :working="one" />
  <table class="reckoning">
    <caption class="visually-hidden">
      What the wire bears at each joint, in hundredths of what bends it
    </caption>
    <thead>
      <tr>
        <th scope="col">Joint</th>
        <th scope="col">Posed %</th>
        <th scope="col">Turned %</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="joint in joints" :key="joint.boneId">
        <tr :class="{ chosen: target?.kind === 'bone' && target.id === joint.boneId }">
          <td>
            {{ nameOf(joint) }} <small>{{ words(joint) }}</small>
          </td>
          <td v-for="what in ['posed', 'turned'] as const" :key="what" class="number">
            <button
              v-if="workingOf(joint, what)"
              type="button"
              :data-working="workingOf(joint, what)!.id"
              :aria-expanded="open === workingOf(joint, what)!.id"
              :aria-label="`${workingOf(joint, what)!.label}, ${workingOf(joint, what)!.value.toFixed(0)} %`"
              :class="{ alarm: workingOf(joint, what)!.value > 100 }"
              @click="toggle(workingOf(joint, what)!.id, joint.boneId)"
            >
              {{ workingOf(joint, what)!.value.toFixed(0) }}
            </button>
          </td>
        </tr>
        <tr v-if="spread(joint)">
          <td colspan="3" class="spread">
            <WorkingDetail v-if="opened(joint)" :working="opened(joint)!" />
            <WorkingRow v-for="one in sizesOf(joint)" :key="one.id" :working="one" />
          </td>
        </tr>
      </template>
    </tbody>
  </table>
  <WorkingRow v-for="one in sags" :key="one.id" :working="one" />
  <p class="says">
    Of what bends the bare wire, while the clay is raw and carries nothing; after the bake it
    carries too. Turned over means held by the trunk, the worst way up.
  </p>
</template>

<style scoped>
small {
  display: block;
  color: var(--soft);
  font-size: 12.5px;
}
td button {
  background: none;
  border: 0;
  padding: 2px 4px;
  cursor: pointer;
  font: inherit;
  color: inherit;
}
.alarm {
  color: var(--rust);
  font-weight: 700;
}
.spread {
  text-align: left !important;
}
.says {
  margin: 6px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
