<script setup lang="ts">
/** A list of what is on hand: its columns, a row each in the slot, or why it is empty. */
defineProps<{ columns: readonly string[]; last: string; empty: string | null }>();
</script>

<template>
  <p v-if="empty !== null" class="empty">{{ empty }}</p>
  <table v-else>
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
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 400;
  font-size: 13.5px;
  color: var(--soft);
}
table :slotted(td) {
  padding: 3px 6px 3px 0;
  border-bottom: 1px dotted var(--line);
}
.empty {
  margin: 4px 0;
  font-size: 14px;
  color: var(--soft);
}
</style>
