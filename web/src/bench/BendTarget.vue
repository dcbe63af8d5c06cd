<script setup lang="ts">
import * as say from './words.ts';
import { isStraight, type PlannedBend } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import BendPicture from './BendPicture.vue';

/** How far to bend, what it relaxes to, and where the tool grips. */
defineProps<{ bend: PlannedBend; number: number }>();
const { piece, change } = usePiecePlan();
const at = computed(() => piece.value.wire.bendAt);
const switchHow = (): void =>
  change(say.changeWhereToolGoes, (p) => ({
    ...p,
    wire: { ...p.wire, bendAt: p.wire.bendAt === 'start' ? 'middle' : 'start' },
  }));
</script>

<template>
  <section :aria-label="say.angle">
    <h2>{{ say.bendTo }}</h2>
    <template v-if="bend.bendTo">
      <p v-if="isStraight(bend)" class="number big" data-bend-to>{{ say.straight }}</p>
      <p v-else class="number big" data-bend-to>{{ bend.bendTo.value.toFixed(1) }}°</p>
      <div class="with-how">
        <p class="relaxes">
          {{ say.relaxesTo }} <b>{{ bend.angle.value.toFixed(1) }}°</b>
        </p>
        <button type="button" class="how" @click.stop="switchHow">
          {{ at === 'start' ? say.byPliersAtIts : say.byHandAtIts }}
        </button>
      </div>
      <BendPicture
        :bend-to-deg="bend.bendTo.value"
        :relaxes-deg="bend.angle.value"
        :number="number"
        :at="at"
      />
    </template>
    <p v-else class="relaxes">
      {{ say.thisMetalSpringsBack }}
    </p>
  </section>
</template>

<style scoped>
h2 {
  font-size: 21px;
  font-weight: 400;
  font-style: italic;
  color: var(--soft);
}
.with-how {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.how {
  min-height: 64px;
  padding: 0 16px;
  font-size: 17px;
  background: none;
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  cursor: pointer;
}
.big {
  font-size: 72px;
  line-height: 1;
  font-weight: 700;
  margin: 4px 0;
}
.relaxes {
  margin: 0;
  font-size: 19px;
  color: var(--soft);
}
.relaxes b {
  color: var(--ink);
}
</style>
