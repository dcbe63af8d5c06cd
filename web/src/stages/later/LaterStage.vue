<script setup lang="ts">
import type { Stage } from '@keen-sinew/core';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import SheetFrame from '../../sheet/SheetFrame.vue';
import { STAGE_NAMES } from '../../shell/stageNames.ts';
import VertebraMark from '../../shell/VertebraMark.vue';

defineProps<{ stage: Stage }>();
const { piece } = usePiecePlan();
const router = useRouter();
</script>

<template>
  <SheetFrame :label="STAGE_NAMES[stage].name">
    <div class="empty">
      <VertebraMark state="open" :snag="null" />
      <h2>{{ STAGE_NAMES[stage].name }}</h2>
      <p>{{ STAGE_NAMES[stage].purpose }} It computes nothing yet.</p>
      <button type="button" class="quiet-button" @click="router.push(`/piece/${piece.id}/wire`)">
        Back to Wire
      </button>
    </div>
  </SheetFrame>
</template>

<style scoped>
.empty {
  margin: auto;
  max-width: 460px;
  text-align: center;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 10px;
}
p {
  margin: 0;
}
</style>
