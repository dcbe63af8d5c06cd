<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, parseNumber, type FreedomName, type Working } from '@keen-sinew/core';
import { Lock, LockOpen } from 'lucide-vue-next';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import QuantityField from '../../kit/QuantityField.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import { withLock, withoutAngle, withTurn } from './stanceChanges.ts';

const { piece, plan, change } = usePiecePlan();
const { target, open, pick } = useSelection();
const PARTS = [
  { label: say.column, value: 'mid' },
  { label: say.leftLimbs, value: 'left' },
  { label: say.rightLimbs, value: 'right' },
];
const part = ref('left');

interface JointRow {
  readonly working: Working;
  readonly boneId: string;
  readonly joint: string;
  readonly freedom: FreedomName;
  readonly limits: readonly [number, number];
}

const rows = computed(() =>
  plan.value.stance.angles.flatMap(({ bone, freedom, angle: working }): JointRow[] => {
    if (bone.side !== part.value) return [];
    const limits = working.range ?? [-180, 180];
    return [{ working, boneId: bone.id, joint: bone.joint.name, freedom, limits }];
  }),
);

// Touching a bone on the sheet turns to the part of the body that it belongs to.
watch(target, (now) => {
  const side = now?.kind === 'bone' && plan.value.measure.skeleton.byId.get(now.id)?.side;
  if (side) part.value = side;
});

const isOwn = (row: JointRow) =>
  piece.value.stance.anglesDeg[row.boneId]?.[row.freedom] !== undefined;
const read = (row: JointRow) => (typed: string) => {
  const [low, high] = piece.value.stance.beyondLimits ? [-180, 180] : row.limits;
  return parseNumber(typed, row.working.label, low, high, 'degrees');
};
const outside = ({ working, limits }: JointRow) =>
  working.value < limits[0] - 1e-6 || working.value > limits[1] + 1e-6;

const set = (row: JointRow, deg: number): void =>
  change(say.set(row.working.label), (p) =>
    withTurn(p, plan.value.measure.skeleton, row.boneId, row.freedom, deg),
  );
const revert = (row: JointRow): void =>
  change(say.reset(row.working.label), (p) => withoutAngle(p, row.boneId, row.freedom));
const isLocked = (row: JointRow) => piece.value.stance.locked.includes(row.boneId);
const lock = (row: JointRow): void =>
  change(say.text2(isLocked(row) ? say.unlock : say.lock, row.joint.toLowerCase()), (p) =>
    withLock(p, row.boneId, !isLocked(row)),
  );
const toggle = ({ working }: JointRow): void =>
  open.value === working.id ? pick(null) : pick(working.target ?? null, working.id);
</script>

<template>
  <ChoiceRow :label="say.partOfBody" :value="part" :options="PARTS" @set="part = $event" />
  <ReckoningTable
    :columns="[say.joint, say.limits, say.degrees, { title: say.lockAndReset, hidden: true }]"
    :rows="rows"
    :key-of="(row) => row.working.id"
    ><template #row="{ row }">
      <tr :class="{ chosen: isTarget(target, 'bone', row.boneId) }">
        <td>
          <ActionButton
            kind="plain"
            :data-working="row.working.id"
            :aria-expanded="open === row.working.id"
            @click="toggle(row)"
          >
            {{ row.joint }} <small>{{ row.freedom }}</small>
          </ActionButton>
        </td>
        <td class="limits number">{{ row.limits[0] }}…{{ row.limits[1] }}</td>
        <td class="deg" :class="{ outside: outside(row) }">
          <QuantityField
            small
            :label="say.degrees2(row.working.label)"
            :shown="row.working.value.toFixed(1).replace('-0.0', '0.0')"
            :parse="read(row)"
            @set="set(row, $event)"
          />
        </td>
        <td class="reset">
          <ActionButton
            class="lock"
            :aria-pressed="isLocked(row)"
            :aria-label="say.lock2(row.working.label)"
            :title="isLocked(row) ? say.lockedDragsLeaveIt : say.lockItAgainstDrags"
            @click="lock(row)"
          >
            <component :is="isLocked(row) ? Lock : LockOpen" :size="13" aria-hidden="true" />
          </ActionButton>
          <ActionButton
            v-if="isOwn(row)"
            :aria-label="say.reset(row.working.label)"
            @click="revert(row)"
          >
            {{ say.reset2 }}
          </ActionButton>
        </td>
      </tr>
      <OpenedRow :of="[row.working]" /> </template
  ></ReckoningTable>
</template>

<style scoped>
table {
  margin-top: 8px;
}
small {
  color: var(--soft);
  font-size: 12.5px;
}
.limits {
  font-size: 12.5px;
  color: var(--soft);
  white-space: nowrap;
}
.deg {
  width: 72px;
}
.outside {
  box-shadow: inset 0 0 0 2px var(--rust);
}
.reset {
  width: 66px;
  white-space: nowrap;
}
.lock {
  padding: 0 3px;
}
.lock[aria-pressed='true'] {
  color: var(--rust);
}
</style>
