<script setup lang="ts">
import * as say from './words.ts';

/** The library's page: the list on the left, the sheet, and the reckoning beside it. */
defineProps<{ title: string }>();
</script>

<template>
  <div class="library">
    <header>
      <RouterLink to="/pieces" :title="say.allPieces">
        <img src="/mark.svg" :alt="say.allPieces" width="26" height="26" />
      </RouterLink>
      <h1>{{ title }}</h1>
      <slot name="top" />
    </header>
    <div class="body">
      <nav :aria-label="say.animals" class="list"><slot name="list" /></nav>
      <slot />
      <aside class="ledger" :aria-label="say.ledger">
        <div class="scroll" tabindex="0" role="region" :aria-label="say.whatIsKnownOf">
          <slot name="ledger" />
        </div>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.library {
  height: 100%;
  display: flex;
  flex-direction: column;
}
header {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 10px 18px;
  border-bottom: 1.5px solid var(--ink);
}
h1 {
  font-size: 22px;
  flex: 1;
}
.body {
  flex: 1;
  min-height: 0;
  display: flex;
}
.list {
  width: 212px;
  overflow-y: auto;
  padding: 12px 8px 16px 18px;
}
.ledger {
  width: var(--ledger-width);
  min-height: 0;
}
.scroll {
  height: 100%;
  overflow-y: auto;
  padding: 14px 18px 18px 4px;
}
@media (max-width: 900px) {
  .body {
    flex-direction: column;
    overflow-y: auto;
  }
  .list,
  .ledger {
    width: auto;
    padding: 12px 18px;
  }
}
</style>
