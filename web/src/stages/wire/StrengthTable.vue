<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, loadClass, LOAD_CLASSES, type WiredJoint } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';
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
/** Where this wire or rod leaves the base. */
const pegs = computed(() =>
  plan.value.strength.pegs.filter(({ wireId }) => wireId === props.wireId),
);
/** Ends that nothing holds: told in words, not as a length. */
const drooping = computed(() =>
  plan.value.strength.sags.flatMap(({ name, mm, boneId, givesAt }) =>
    mm === null && givesAt !== null && joints.value.some((joint) => joint.boneId === boneId)
      ? [{ name, at: nameOf(givesAt), percent: 100 * givesAt.posedShare }]
      : [],
  ),
);
const sags = computed(() =>
  plan.value.strength.workings.filter(
    ({ id, target: at }) =>
      id.startsWith('strength.sag.') &&
      joints.value.some(({ boneId }) => isTarget(at, 'bone', boneId)),
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
const openPeg = (peg: (typeof pegs.value)[number]) =>
  [peg.bending, peg.buckling, ...peg.shares].find(
    (working) => working !== null && working.id === open.value,
  ) ?? null;
const sizesOf = (joint: WiredJoint) =>
  (['least', 'most'] as const).flatMap((what) => workingOf(joint, what) ?? []);
function toggle(id: string, boneId: string): void {
  if (open.value === id) pick(null);
  else pick({ kind: 'bone', id: boneId }, id);
}
</script>

<template>
  <WorkingRow v-for="size in sizes" :key="size.id" :working="size" />
  <ReckoningTable
    :columns="[say.joint, say.posed, say.turned]"
    :rows="joints"
    :key-of="(joint) => joint.boneId"
    :caption="say.whatWireBearsAt"
    ><template #row="{ row: joint }">
      <tr :class="{ chosen: isTarget(target, 'bone', joint.boneId) }">
        <td>
          {{ nameOf(joint) }} <small>{{ words(joint) }}</small>
        </td>
        <td v-for="what in ['posed', 'turned'] as const" :key="what" class="number">
          <ActionButton
            v-if="workingOf(joint, what)"
            kind="plain"
            :data-working="workingOf(joint, what)!.id"
            :aria-expanded="open === workingOf(joint, what)!.id"
            :aria-label="`${workingOf(joint, what)!.label}, ${workingOf(joint, what)!.value.toFixed(0)} %`"
            :class="{ alarm: workingOf(joint, what)!.value > 100 }"
            @click="toggle(workingOf(joint, what)!.id, joint.boneId)"
          >
            {{ workingOf(joint, what)!.value.toFixed(0) }}
          </ActionButton>
        </td>
      </tr>
      <tr v-if="spread(joint)">
        <td colspan="3" class="spread">
          <WorkingDetail v-if="opened(joint)" :working="opened(joint)!" />
          <WorkingRow v-for="entry in sizesOf(joint)" :key="entry.id" :working="entry" />
        </td>
      </tr>
    </template>
    <template #after
      ><template v-for="peg in pegs" :key="peg.place.id">
        <tr>
          <td>
            {{ peg.stiff ? say.rodAtBase : say.pegInBase }}
            <small>{{ peg.place.name }}</small>
          </td>
          <td class="number">
            <WorkingCell :working="peg.bending" :alarm="peg.bending.value > 100" />
          </td>
          <td></td>
        </tr>
        <tr v-if="peg.buckling">
          <td>
            {{ say.rodOfWhatBuckles }} <small>{{ peg.place.name }}</small>
          </td>
          <td class="number">
            <WorkingCell :working="peg.buckling" :alarm="peg.buckling.value > 100" />
          </td>
          <td></td>
        </tr>
        <tr v-if="openPeg(peg)">
          <td colspan="3" class="spread">
            <WorkingDetail :working="openPeg(peg)!" />
            <WorkingRow v-for="share in peg.shares" :key="share.id" :working="share" />
          </td>
        </tr> </template></template
  ></ReckoningTable>
  <WorkingRow v-for="sag in sags" :key="sag.id" :working="sag" />
  <p v-for="entry in drooping" :key="entry.name" class="droops">
    {{ say.isNotHeldWire(entry.name, entry.at.toLowerCase(), entry.percent.toFixed(0)) }}
  </p>
  <HintText>
    {{ say.ofWhatBendsBare }}
  </HintText>
</template>

<style scoped>
small {
  display: block;
  color: var(--soft);
  font-size: 12.5px;
}
.alarm {
  color: var(--rust);
  font-weight: 700;
}
.spread {
  text-align: left !important;
}
.droops {
  margin: 6px 0;
  font-size: 14px;
  color: var(--rust);
}
</style>
