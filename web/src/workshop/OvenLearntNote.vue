<script setup lang="ts">
import * as say from './words.ts';
import type { OvenLearnt } from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import HintText from '../kit/HintText.vue';

/** What traces told of the oven, and a way to forget it. */
const props = defineProps<{ learnt: OvenLearnt | null }>();
const emit = defineEmits<{ forget: [label: string] }>();
const { text, number } = useUnits();
const facts = computed(() => {
  const { warmingCPerMin: rate = null, film = null } = props.learnt ?? {};
  return [
    ...(rate === null ? [] : [say.warmsBy(text(rate, 'K/min'))]),
    ...(film === null
      ? []
      : [
          say.filmIs(
            text(film.typical, 'W/m2K'),
            number(film.low, 'W/m2K'),
            number(film.high, 'W/m2K'),
          ),
        ]),
  ].join(', ');
});
</script>

<template>
  <template v-if="learnt && facts !== ''">
    <HintText>{{ say.whatProbeTold }} · {{ say.learntOn(learnt.on, facts) }}</HintText>
    <ActionButton @click="emit('forget', say.forgetWhatProbe)">{{ say.forgetLearnt }}</ActionButton>
  </template>
</template>
