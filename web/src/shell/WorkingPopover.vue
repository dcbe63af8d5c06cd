<script setup lang="ts">
import type { Working } from '@keen-sinew/core';
import { NPopover } from 'naive-ui';
import WorkingDetail from '../ledger/WorkingDetail.vue';

/** A working that opens below its chip. Loaded when the first one is opened: the first page is light. */
const props = defineProps<{ working: Working; below: HTMLElement }>();
const emit = defineEmits<{ close: [] }>();

const box = props.below.getBoundingClientRect();
/** A touch of the chip itself closes it by the chip's own click. */
const outside = (event: MouseEvent): void => {
  if (!props.below.contains(event.target as Node)) emit('close');
};
</script>

<template>
  <NPopover
    trigger="manual"
    placement="bottom-start"
    style="max-width: 360px"
    :show="true"
    :show-arrow="false"
    :x="box.left"
    :y="box.bottom"
    @clickoutside="outside"
  >
    <WorkingDetail :working="working" />
  </NPopover>
</template>
