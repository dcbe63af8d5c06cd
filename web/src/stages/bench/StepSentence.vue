<script setup lang="ts">
import type { Sentence } from '@keen-sinew/core';
import WorkingCell from '../../ledger/WorkingCell.vue';

/** A step's sentence; each number in it opens its working. */
defineProps<{ sentence: Sentence }>();
</script>

<template>
  <template v-for="(part, i) in sentence" :key="i"
    ><template v-if="typeof part === 'string'">{{ part }}</template
    ><WorkingCell v-else :working="part" unit
  /></template>
</template>
