<script setup lang="ts">
import type { Picture } from '@keen-sinew/core';
import { toRef } from 'vue';
import { usePictureImage } from './usePictureImage.ts';

const props = defineProps<{ pieceId: string; picture: Picture }>();
const { image } = usePictureImage(() => props.pieceId, toRef(props, 'picture'));
</script>

<template>
  <span class="thumb">
    <img v-if="image" :src="image.src" alt="" :style="{ rotate: `${picture.turnDeg}deg` }" />
  </span>
</template>

<style scoped>
.thumb {
  width: 60px;
  height: 44px;
  display: grid;
  place-items: center;
  overflow: hidden;
  background: var(--hair);
}
img {
  max-width: 60px;
  max-height: 44px;
}
</style>
