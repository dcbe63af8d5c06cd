<script setup lang="ts">
import type { Working } from '@keen-sinew/core';
import { computed, inject } from 'vue';
import { useSelection } from '../composables/useSelection.ts';
import { COLUMN_COUNT } from '../kit/columns.ts';
import WorkingDetail from './WorkingDetail.vue';

/** Under a row of a table: the working that is open, where it is one of the row's. */
const props = defineProps<{ of: readonly (Working | null | undefined)[] }>();
const { open } = useSelection();
const columns = inject(COLUMN_COUNT);
const opened = computed(() => props.of.find((working) => working?.id === open.value && working));
</script>

<template>
  <tr v-if="opened">
    <td :colspan="columns"><WorkingDetail :working="opened" /></td>
  </tr>
</template>
