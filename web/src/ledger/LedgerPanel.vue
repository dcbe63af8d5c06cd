<script setup lang="ts">
import * as say from './words.ts';
import type { Stage } from '@keen-sinew/core';
import { ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { STAGE_NAMES } from '../shell/stageNames.ts';

const props = defineProps<{ stage: Stage }>();
const { piece, change } = usePiecePlan();
const drawn = ref(false);

const isConfirmed = () => piece.value.confirmed.includes(props.stage);

function toggleConfirmed(): void {
  const without = piece.value.confirmed.filter((stage) => stage !== props.stage);
  const confirmed = isConfirmed() ? without : [...without, props.stage];
  change(`${isConfirmed() ? say.reopen : say.confirm} ${STAGE_NAMES[props.stage].name}`, (p) => ({
    ...p,
    confirmed,
  }));
}
</script>

<template>
  <button type="button" class="drawer" :aria-expanded="drawn" @click="drawn = !drawn">
    {{ drawn ? say.closeLedger : say.openLedger }}
  </button>
  <aside class="ledger" :class="{ drawn }" :aria-label="say.ledger">
    <div
      class="scroll"
      tabindex="0"
      role="region"
      :aria-label="say.numbersOf(STAGE_NAMES[stage].name)"
    >
      <h2>{{ STAGE_NAMES[stage].name }}</h2>
      <slot />
      <button
        type="button"
        class="confirm"
        :class="{ done: isConfirmed() }"
        @click="toggleConfirmed"
      >
        {{ isConfirmed() ? say.confirmedReopenThisStage : say.confirmThisStage }}
      </button>
    </div>
  </aside>
</template>

<style scoped>
.ledger {
  width: var(--ledger-width);
  min-height: 0;
}
.scroll {
  height: 100%;
  overflow-y: auto;
  /* What is hidden from sight inside scrolls with it, and never makes the page longer. */
  position: relative;
  padding: 14px 18px 18px 4px;
}
h2 {
  font-size: 20px;
  margin-bottom: 8px;
}
.confirm {
  width: 100%;
  margin-top: 6px;
  padding: 9px;
  background: none;
  border: 1px solid var(--ink);
  border-radius: var(--radius);
  font-weight: 600;
  cursor: pointer;
}
.confirm.done {
  border-color: var(--line);
  color: var(--soft);
  font-weight: 400;
}
.drawer {
  display: none;
}
@media (max-width: 900px) {
  .drawer {
    display: block;
    position: fixed;
    right: 12px;
    bottom: 58px;
    z-index: 6;
    background: var(--verdigris);
    color: var(--sheet);
    border: 0;
    border-radius: var(--radius);
    padding: 12px 16px;
    font-weight: 700;
  }
  .ledger {
    display: none;
  }
  .ledger.drawn {
    display: block;
    position: fixed;
    inset: 56px 0 0 auto;
    z-index: 5;
    background: var(--paper);
    border-left: 1.5px solid var(--ink);
    padding-left: 14px;
  }
}
</style>
