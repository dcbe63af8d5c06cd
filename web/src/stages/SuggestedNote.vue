<script setup lang="ts">
import * as say from './words.ts';
import { planPiece, sound, still } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import ActionButton from '../kit/ActionButton.vue';
import HintText from '../kit/HintText.vue';

/** Which of these decisions load and size suggested, which are the user's, and the way back to the suggestion. */
const props = defineProps<{ of: 'wire' | 'shells' }>();
const { piece, plan, change } = usePiecePlan();
const suggested = computed(() => piece.value.suggested);

/** Decisions under the names that the user reads, each as it is and as it was suggested. */
const decisions = computed((): readonly (readonly [string, unknown, unknown])[] => {
  const was = suggested.value;
  if (was === null) return [];
  const { limbPairs, regions } = plan.value.measure.skeleton.plan;
  const { wire, mass } = piece.value;
  if (props.of === 'shells')
    return regions.map(({ id, name }) => [name, mass.shells[id], was.shells[id]]);
  return [
    [say.schemeWord, wire.scheme, was.wire.scheme],
    [say.spineWord, wire.spine, was.wire.spine],
    ...limbPairs.map(
      ({ id, name }) => [name.toLowerCase(), wire.limbs[id], was.wire.limbs[id]] as const,
    ),
    [say.thinWires, wire.fine, was.wire.fine],
    [say.coverWord, wire.coverMm, was.wire.coverMm],
  ];
});
const own = computed(() =>
  decisions.value.filter(([, now, then]) => !still(now, then)).map(([name]) => name),
);
const told = computed(() => {
  if (suggested.value === null) return say.nothingSuggested[props.of];
  return own.value.length === 0
    ? say.allSuggested[props.of]
    : say.suggestedBut(own.value.join(', '));
});
const suggest = (): void => change(say.takeSuggestion, (p) => sound(p, planPiece));
</script>

<template>
  <HintText>
    {{ told }}
    <ActionButton @click="suggest">
      {{ say.suggestAll }}
    </ActionButton>
  </HintText>
</template>
