<script setup lang="ts">
import { NDrawer } from 'naive-ui';

/** The ledger over the edge of the sheet, which stays in reach beside it. */
defineProps<{ show: boolean; label: string }>();
const emit = defineEmits<{ 'update:show': [show: boolean] }>();
</script>

<template>
  <NDrawer
    class="drawer"
    placement="right"
    display-directive="show"
    :show="show"
    :width="360"
    :show-mask="false"
    :mask-closable="false"
    :aria-label="label"
    @update:show="emit('update:show', $event)"
  >
    <slot />
  </NDrawer>
</template>

<style>
/* Under the top line and over the line of snags, which both stay in reach. */
.drawer.n-drawer .scroll {
  padding: 14px 18px 64px 16px;
}
.drawer.n-drawer {
  top: 56px;
  bottom: 46px;
  border-left: 1.5px solid var(--ink);
}
</style>
