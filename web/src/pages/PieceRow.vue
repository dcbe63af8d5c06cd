<script setup lang="ts">
import * as say from './words.ts';
import { quantityText } from '@keen-sinew/core';
import ActionButton from '../kit/ActionButton.vue';
import LogPicture from '../stages/bench/log/LogPicture.vue';
import type { KeptPiece } from '../stores/benchStorage.ts';
import type { ListedPiece } from '../stores/shelfStorage.ts';
import { pieceState } from './pieceState.ts';

/** A piece on the shelf: how it looks, what it is, where it stands. */
defineProps<{ piece: ListedPiece; kept: KeptPiece | undefined }>();
const emit = defineEmits<{ keep: []; remove: [] }>();

function scaleText({ scale }: ListedPiece): string {
  if (scale.by === 'ratio') return quantityText(scale.lifePerModel, 'scale');
  if (scale.by === 'size') return say.scaleBy(scale.sizeId.replace('-', ' '));
  return scale.by === 'eye' ? say.scaleByItsEyes : say.scaleBy2(scale.by);
}
/** A piece that is begun opens where it stands. */
const isBegun = (kept: KeptPiece | undefined): boolean =>
  kept?.piece.steps.some(({ done }) => done) ?? false;
</script>

<template>
  <li>
    <span class="look">
      <LogPicture
        v-if="kept?.picture"
        :piece-id="piece.id"
        :picture="kept.picture"
        :of="piece.name"
      />
      <svg v-else-if="kept?.relief" :viewBox="kept.relief.viewBox" aria-hidden="true">
        <path :d="kept.relief.path" />
      </svg>
    </span>
    <RouterLink :to="`/piece/${piece.id}/${isBegun(kept) ? 'bench/now' : 'measure'}`">{{
      piece.name
    }}</RouterLink>
    <span>
      {{ piece.animal }}, {{ scaleText(piece) }}
      <template v-if="piece.place"> · {{ piece.place }}</template>
      <small v-if="kept && pieceState(kept.piece)" class="state">{{
        pieceState(kept.piece)
      }}</small>
    </span>
    <span class="acts">
      <ActionButton @click="emit('keep')">
        {{ say.saveToFile }}<span class="visually-hidden">: {{ piece.name }}</span>
      </ActionButton>
      <ActionButton @click="emit('remove')">
        {{ say.remove }}<span class="visually-hidden">: {{ piece.name }}</span>
      </ActionButton>
    </span>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 84px 220px 1fr auto;
  gap: 14px;
  align-items: center;
  border-bottom: 1px dotted var(--line);
  padding: 8px 0;
}
li a {
  font-weight: 700;
  color: var(--verdigris);
  font-size: 17px;
}
.look {
  width: 84px;
  height: 52px;
  display: grid;
  place-items: center;
  overflow: hidden;
}
.look svg {
  width: 100%;
  height: 100%;
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}
.look :deep(img) {
  max-height: 52px;
}
.state {
  display: block;
  color: var(--verdigris);
}
</style>
