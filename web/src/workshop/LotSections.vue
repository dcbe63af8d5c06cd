<script setup lang="ts">
import * as say from './words.ts';
import ClayOnHand from './ClayOnHand.vue';
import SuppliesOnHand from './SuppliesOnHand.vue';

/** What lies in the workshop by lots, over the whole width. */
</script>

<template>
  <section aria-labelledby="clay">
    <h2 id="clay">{{ say.clayOnHand }}</h2>
    <ClayOnHand />
  </section>
  <section aria-labelledby="supplies">
    <h2 id="supplies">{{ say.suppliesOnHand }}</h2>
    <SuppliesOnHand />
  </section>
</template>

<style scoped>
section {
  margin-bottom: 22px;
}
h2 {
  font-size: 20px;
  margin-bottom: 4px;
}
</style>
