<script setup lang="ts">
import { ChevronDown, ChevronRight } from 'lucide-vue-next';
import { ref } from 'vue';
import { useTurn } from '../composables/useTurns.ts';
import ActionButton from '../kit/ActionButton.vue';

const props = defineProps<{ title: string; folded?: boolean }>();
const isOpen = ref(!props.folded);
/** Sections come one after the other, so that a page that opens answers at once. */
const ready = useTurn();
</script>

<template>
  <section>
    <h3>
      <ActionButton kind="plain" class="fold" :aria-expanded="isOpen" @click="isOpen = !isOpen">
        <component :is="isOpen ? ChevronDown : ChevronRight" :size="15" aria-hidden="true" />
        {{ title }}
      </ActionButton>
    </h3>
    <div v-if="isOpen && ready" class="body"><slot /></div>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 12px;
}
h3 {
  border-bottom: 1px solid var(--line);
}
.fold {
  width: 100%;
  font: inherit;
  color: inherit;
}
.body {
  padding-top: 2px;
}
</style>
