<script setup lang="ts">
import { NTable } from 'naive-ui';
import HintText from '../kit/HintText.vue';

/** A list of what is on hand: its columns, a row each in the slot, or why it is empty. */
defineProps<{ columns: readonly string[]; last: string; empty: string | null }>();
</script>

<template>
  <HintText v-if="empty !== null">{{ empty }}</HintText>
  <NTable v-else class="reckoning words" size="small" :bordered="false">
    <thead>
      <tr>
        <th v-for="column in columns" :key="column" scope="col">{{ column }}</th>
        <th scope="col">
          <span class="visually-hidden">{{ last }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <slot />
    </tbody>
  </NTable>
</template>
