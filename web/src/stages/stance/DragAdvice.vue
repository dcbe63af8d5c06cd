<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { useUnits } from '../../composables/useUnits.ts';
import HintText from '../../kit/HintText.vue';

/** What a drag does, or why it goes no farther. */
const props = defineProps<{
  drags: 'turn' | 'reach' | 'trunk';
  told: { readonly shortfallMm: number; readonly share: number };
}>();
const { text } = useUnits();
/** Less than this is met, for a hand. */
const LEAST_TOLD_MM = 0.5;
const WAYS = {
  turn: say.dragJointEachView,
  reach: say.dragPawHandHead,
  trunk: say.dragTrunkFeetThat,
} as const;
const sentence = computed(() => {
  const { shortfallMm, share } = props.told;
  if (shortfallMm > LEAST_TOLD_MM) return say.outOfReachBy(text(shortfallMm, 'mm'));
  return share < 1 ? say.noFartherLegIs : WAYS[props.drags];
});
</script>

<template>
  <HintText aria-live="polite">{{ sentence }}</HintText>
</template>
