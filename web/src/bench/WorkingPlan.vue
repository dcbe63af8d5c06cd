<script setup lang="ts">
import { providePiecePlan } from '../composables/usePiecePlan.ts';

/** The plan of the open piece, kept from step to step: turning to the next works nothing out anew. */
providePiecePlan();
</script>

<template>
  <slot />
</template>
