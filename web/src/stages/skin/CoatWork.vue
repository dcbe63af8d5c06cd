<script setup lang="ts">
import * as say from './words.ts';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import HintText from '../../kit/HintText.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import BodyPending from '../BodyPending.vue';
import { METHOD_NAMES } from './methodNames.ts';

/** How long the coat takes by hand, in all and by limb. */
const { plan } = usePiecePlan();
</script>

<template>
  <BodyPending v-if="plan.skin.work === null" />
  <template v-else>
    <WorkingRow :working="plan.skin.work.total" />
    <WorkingRow
      v-for="{ minutes, method } in plan.skin.work.limbs"
      :key="minutes.id"
      :working="minutes"
      :label="say.limbAndKind(minutes.label, METHOD_NAMES[method].toLowerCase())"
    />
    <WorkingRow
      v-for="stamp in plan.skin.stamps.filter(({ minutes }) => minutes !== null)"
      :key="stamp.choice.id"
      :working="stamp.minutes!"
    />
    <HintText>{{ say.hoursAreHands }}</HintText>
  </template>
</template>
