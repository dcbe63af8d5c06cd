<script setup lang="ts">
import * as say from './words.ts';
import type { Picture } from '@keen-sinew/core';
import PictureThumb from './PictureThumb.vue';

/** The pictures of a piece in a row, with what each is a view of. */
defineProps<{ pieceId: string; pictures: readonly Picture[]; chosen: string | undefined }>();
const VIEW_WORDS = {
  side: 'side',
  front: 'front',
  top: 'above',
  back: 'back',
  photo: 'photograph',
} as const;
</script>

<template>
  <nav class="strip" :aria-label="say.pictures">
    <RouterLink
      v-for="entry in pictures"
      :key="entry.id"
      :to="`/piece/${pieceId}/measure/pictures/${entry.id}`"
      :class="{ here: entry.id === chosen }"
      :aria-current="entry.id === chosen ? 'true' : undefined"
      :title="entry.name"
    >
      <PictureThumb :piece-id="pieceId" :picture="entry" />
      <span>{{ VIEW_WORDS[entry.view] }}</span>
      <small>{{ say.placed2(Object.keys(entry.landmarks).length) }}</small>
    </RouterLink>
    <slot />
  </nav>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 8px;
  overflow-x: auto;
  align-items: stretch;
  padding: 2px;
}
a {
  display: grid;
  grid-template-columns: auto auto;
  grid-template-rows: auto auto;
  column-gap: 8px;
  align-items: center;
  text-decoration: none;
  color: var(--ink);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 4px 8px 4px 4px;
  font-size: 14px;
  line-height: 1.15;
}
a > :first-child {
  grid-row: 1 / -1;
}
a > span {
  align-self: end;
}
small {
  color: var(--soft);
  font-size: 12.5px;
  align-self: start;
  white-space: nowrap;
}
.here {
  border: 1.5px solid var(--verdigris);
  background: var(--verdigris-wash);
}
</style>
