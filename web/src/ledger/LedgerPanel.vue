<script setup lang="ts">
import * as say from './words.ts';
import type { Stage } from '@keen-sinew/core';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useNarrow } from '../composables/useNarrow.ts';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { useSelection } from '../composables/useSelection.ts';
import ActionButton from '../kit/ActionButton.vue';
import { STAGE_NAMES } from '../shell/stageNames.ts';
import LedgerPages from './LedgerPages.vue';

/** The numbers of a stage beside the sheet; on a tablet in a drawer over its edge. */
const props = defineProps<{ stage: Stage }>();
const LedgerDrawer = defineAsyncComponent(() => import('./LedgerDrawer.vue'));
const { piece, change } = usePiecePlan();
const { open } = useSelection();
const narrow = useNarrow();
const drawn = ref(false);
const name = computed(() => STAGE_NAMES[props.stage].name);
/** A working that is asked for on the sheet, or by a snag, is not left in a closed drawer. */
watch(open, (id) => (drawn.value ||= id !== null));

const isConfirmed = computed(() => piece.value.confirmed.includes(props.stage));

function toggleConfirmed(): void {
  const without = piece.value.confirmed.filter((stage) => stage !== props.stage);
  const confirmed = isConfirmed.value ? without : [...without, props.stage];
  change(`${isConfirmed.value ? say.reopen : say.confirm} ${name.value}`, (p) => ({
    ...p,
    confirmed,
  }));
}
</script>

<template>
  <ActionButton
    v-if="narrow"
    kind="main"
    class="puller"
    :aria-expanded="drawn"
    @click="drawn = !drawn"
  >
    {{ drawn ? say.closeLedger : say.openLedger }}
  </ActionButton>
  <component
    :is="narrow ? LedgerDrawer : 'aside'"
    class="ledger"
    :class="{ drawn: narrow }"
    v-bind="narrow ? { show: drawn, label: say.ledger } : { 'aria-label': say.ledger }"
    @update:show="drawn = $event"
  >
    <LedgerPages :title="name" :label="say.numbersOf(name)">
      <slot />
      <ActionButton :kind="isConfirmed ? 'wide-line' : 'wide'" @click="toggleConfirmed">
        {{ isConfirmed ? say.confirmedReopenThisStage : say.confirmThisStage }}
      </ActionButton>
    </LedgerPages>
  </component>
</template>

<style scoped>
.ledger {
  width: var(--ledger-width);
  min-height: 0;
}
.puller {
  position: fixed;
  right: 12px;
  bottom: 58px;
  z-index: 3000;
}
</style>
