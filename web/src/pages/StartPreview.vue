<script setup lang="ts">
import * as say from './words.ts';
import {
  elevation,
  planPiece,
  scaleText,
  sizeText,
  startPiece,
  type Plan,
  type StartWish,
} from '@keen-sinew/core';
import { computed, onUnmounted, shallowRef, watch } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import HintText from '../kit/HintText.vue';
import SheetBoard from '../sheet/SheetBoard.vue';
import { useWorkshopStore } from '../stores/workshopStore.ts';

/** What a wish comes to: its side and its front, and five numbers. */
const props = defineProps<{ wish: StartWish }>();
const workshops = useWorkshopStore();
const { text } = useUnits();
const plan = shallowRef<Plan | null>(null);
/** Worked out after the page has shown what was chosen; only the last choice counts. */
let waiting: ReturnType<typeof setTimeout> | undefined;
watch(
  () => props.wish,
  (wish) => {
    clearTimeout(waiting);
    waiting = setTimeout(() => {
      plan.value = planPiece(startPiece('wish', 'Wish', wish, workshops.current, planPiece));
    });
  },
  { immediate: true },
);
onUnmounted(() => clearTimeout(waiting));
const rows = computed(() =>
  plan.value === null
    ? []
    : [
        (['side', 'front'] as const).map((view) =>
          elevation(plan.value!, view, { show: 'wires', dimensions: true }),
        ),
      ],
);
const numbers = computed((): readonly (readonly [string, string])[] => {
  if (plan.value === null) return [];
  const { measure, stance, wire, balance, piece } = plan.value;
  return [
    [say.scaleOfIt, scaleText(measure.lifePerModel, 'smaller')],
    [stance.heightAsPosed.label, text(stance.heightAsPosed.value, 'mm')],
    [say.spineOfIt, `${piece.wire.spine.strands} × ${sizeText(piece.wire.spine.size)}`],
    [say.aboutAsHeavy, text(balance.grams, 'g', 0)],
    [
      wire.base.on === 'wall' ? say.plateOfIt : say.baseOfIt,
      `${text(wire.base.length.value, 'mm', 0)} × ${text(wire.base.width.value, 'mm', 0)}`,
    ],
  ];
});
</script>

<template>
  <section class="preview" :aria-label="say.whatItWillBe">
    <SheetBoard
      v-if="plan"
      class="board"
      still
      :rows="rows"
      :target="null"
      :label="say.whatItWillBe"
    />
    <HintText v-else>{{ say.workingItOut }}</HintText>
    <dl>
      <div v-for="[label, value] in numbers" :key="label">
        <dt>{{ label }}</dt>
        <dd class="number">{{ value }}</dd>
      </div>
    </dl>
  </section>
</template>

<style scoped>
.preview {
  display: grid;
  grid-template-columns: 1fr 240px;
  gap: 18px;
  align-items: start;
  margin: 12px 0;
}
.board {
  height: 260px;
  background: var(--sheet);
  border: 1px solid var(--line);
}
dl {
  margin: 0;
}
dl > div {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  border-bottom: 1px dotted var(--line);
  padding: 4px 0;
}
dd {
  margin: 0;
}
</style>
