<script setup lang="ts">
import * as say from './words.ts';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import JobProgress from '../kit/JobProgress.vue';

/** Stands in the place of numbers that wait for the body. */
const { body } = usePiecePlan().work;
</script>

<template>
  <JobProgress :job="body" :sentence="say.bodyIsBeingWorked" />
</template>
