<script setup lang="ts">
import * as say from './words.ts';
import type { Footfall } from '@keen-sinew/core';
import { plantedAngles } from '@keen-sinew/core';
import { Lock, LockOpen } from 'lucide-vue-next';
import { NSwitch } from 'naive-ui';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withFoot, withLock } from './stanceChanges.ts';

const { piece, plan, change } = usePiecePlan();
const feet = computed(() => plan.value.stance.feet);
const hanging = computed(() => feet.value.some((foot) => foot.down && !foot.touches));

const setDown = (foot: Footfall, down: boolean): void =>
  change(down ? say.plant(foot.contact.name) : say.lift(foot.contact.name), (p) =>
    withFoot(
      p,
      feet.value.filter((foot) => !foot.down).map((foot) => foot.contact.id),
      foot.contact.id,
      down,
    ),
  );

/** What is no foot is told as what it is: the rod that carries the body, or the flesh that lies on the ground. */
function nameOf({ contact: { name, kind }, down }: Footfall): string {
  if (!down) return `${name}, ${say.lifted}`;
  if (kind === 'rod') return say.rodUpTo(name);
  return kind === 'rest' ? say.liesOnGround(name) : `${name}, ${say.down}`;
}

const isLocked = ({ contact }: Footfall): boolean => piece.value.stance.locked.includes(contact.id);
const lock = (foot: Footfall): void =>
  change(say.textWord(isLocked(foot) ? say.unlock : say.lock, foot.contact.name), (p) =>
    withLock(p, foot.contact.id, !isLocked(foot)),
  );

const plant = (): void =>
  change(say.plantFeet, (p) => ({
    ...p,
    stance: {
      ...p.stance,
      anglesDeg: {
        ...plantedAngles(
          plan.value.measure.skeleton,
          p.stance,
          1 / plan.value.measure.lifePerModel,
        ),
      },
    },
  }));
</script>

<template>
  <div v-for="foot in feet" :key="foot.contact.id" class="foot">
    <NSwitch
      :value="foot.down"
      size="small"
      :aria-label="say.isOnBase(foot.contact.name)"
      @update:value="setDown(foot, $event)"
    />
    <WorkingRow
      class="row"
      tight
      :working="foot.working"
      :label="nameOf(foot)"
      :alarm="foot.down && !foot.touches"
    />
    <ActionButton
      v-if="foot.contact.kind === 'foot'"
      class="lock"
      :aria-pressed="isLocked(foot)"
      :aria-label="say.lockWhereItStands(foot.contact.name)"
      :title="isLocked(foot) ? say.lockedWhereItStands : say.lockItWhereIt"
      @click="lock(foot)"
    >
      <component :is="isLocked(foot) ? Lock : LockOpen" :size="14" aria-hidden="true" />
    </ActionButton>
  </div>
  <ActionButton v-if="hanging" kind="wide" @click="plant">
    {{ say.plantFeetBendEach }}
  </ActionButton>
</template>

<style scoped>
.foot {
  display: flex;
  align-items: flex-start;
  gap: 8px;
}
.foot > :first-child {
  margin-top: 8px;
}
.row {
  flex: 1;
}
.lock {
  margin-top: 4px;
  padding: 2px 3px;
}
.lock[aria-pressed='true'] {
  color: var(--rust);
}
</style>
