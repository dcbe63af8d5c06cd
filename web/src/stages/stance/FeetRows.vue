<script setup lang="ts">
import type { Footfall } from '@keen-sinew/core';
import { plantedAngles } from '@keen-sinew/core';
import { NSwitch } from 'naive-ui';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withFoot } from './stanceChanges.ts';

const { plan, change } = usePiecePlan();
const feet = computed(() => plan.value.stance.feet);
const hanging = computed(() => feet.value.some((foot) => foot.down && !foot.touches));

const setDown = (foot: Footfall, down: boolean): void =>
  change(down ? `Plant the ${foot.contact.name}` : `Lift the ${foot.contact.name}`, (p) =>
    withFoot(
      p,
      feet.value.filter((one) => !one.down).map((one) => one.contact.id),
      foot.contact.id,
      down,
    ),
  );

const plant = (): void =>
  change('Plant the feet', (p) => ({
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
      :aria-label="`The ${foot.contact.name} is on the base`"
      @update:value="setDown(foot, $event)"
    />
    <WorkingRow
      class="row"
      :working="foot.working"
      :label="`${foot.contact.name}, ${foot.down ? 'down' : 'lifted'}`"
      :alarm="foot.down && !foot.touches"
    />
  </div>
  <button v-if="hanging" type="button" class="wide-button" @click="plant">
    Plant the feet: bend each leg until its foot touches
  </button>
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
</style>
