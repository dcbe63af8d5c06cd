<script setup lang="ts">
import { useOutlineKept } from '../composables/useOutlineKept.ts';
import { providePiecePlan } from '../composables/usePiecePlan.ts';

/** The plan of the open piece, kept from step to step: turning to the next works nothing out anew. */
useOutlineKept(providePiecePlan());
</script>

<template>
  <slot />
</template>
