<script setup lang="ts">
import * as say from './words.ts';
import { STAGES, type Snag, type Stage } from '@keen-sinew/core';
import { STAGE_NAMES } from './stageNames.ts';
import VertebraMark from './VertebraMark.vue';

const props = defineProps<{
  pieceId: string;
  here: string;
  confirmed: readonly Stage[];
  snags: readonly Snag[];
}>();

const stateOf = (stage: Stage) =>
  stage === props.here ? 'here' : props.confirmed.includes(stage) ? 'confirmed' : 'open';

function snagOf(stage: Stage): 'fix' | 'watch' | null {
  const own = props.snags.filter((snag) => snag.stage === stage);
  if (own.some((snag) => snag.grade === 'fix')) return 'fix';
  return own.length > 0 ? 'watch' : null;
}

/** The state in words, since colour is never the only sign. */
function stateText(stage: Stage): string {
  const snag = snagOf(stage);
  const told = props.confirmed.includes(stage) ? 'confirmed' : say.notConfirmedYet;
  return snag === null ? told : say.something(told, snag === 'fix' ? say.toFix3 : say.toWatch3);
}
</script>

<template>
  <nav class="spine" :aria-label="say.stages">
    <ol>
      <li v-for="stage in STAGES" :key="stage">
        <RouterLink
          :to="`/piece/${pieceId}/${stage}`"
          :class="{ here: stage === here }"
          :aria-current="stage === here ? 'page' : undefined"
        >
          <VertebraMark :state="stateOf(stage)" :snag="snagOf(stage)" />
          <span>{{ STAGE_NAMES[stage].name }}</span>
          <span class="visually-hidden">, {{ stateText(stage) }}</span>
        </RouterLink>
      </li>
    </ol>
  </nav>
</template>

<style scoped>
.spine {
  width: var(--spine-width);
  overflow-y: auto;
}
ol {
  list-style: none;
  margin: 0;
  padding: 14px 0;
  min-height: 100%;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  gap: 6px;
  background: linear-gradient(var(--line), var(--line)) center / 3px 100% no-repeat;
}
a {
  display: flex;
  flex-direction: column;
  align-items: center;
  text-decoration: none;
  color: var(--ink);
  font-size: 14px;
  line-height: 1.3;
}
a > span:not(.visually-hidden) {
  background: var(--paper);
  padding: 0 4px;
}
.here {
  color: var(--verdigris);
  font-weight: 700;
}
</style>
