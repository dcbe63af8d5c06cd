<script setup lang="ts">
/** Says of decisions in a piece's ledger that they are the workshop's. */
</script>

<template>
  <p>Kept in the <RouterLink to="/workshop">workshop</RouterLink>: every piece reads it there.</p>
</template>

<style scoped>
p {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
