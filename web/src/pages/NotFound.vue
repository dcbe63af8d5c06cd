<script setup lang="ts">
import * as say from './words.ts';
</script>

<template>
  <main>
    <h1>{{ say.noSuchPage }}</h1>
    <p>{{ say.addressDoesNotBelong }}</p>
    <RouterLink to="/pieces">{{ say.allPieces }}</RouterLink>
  </main>
</template>

<style scoped>
main {
  padding: 80px;
}
</style>
