<script setup lang="ts">
import { ChevronDown, ChevronRight } from 'lucide-vue-next';
import { ref } from 'vue';

const props = defineProps<{ title: string; folded?: boolean }>();
const isOpen = ref(!props.folded);
</script>

<template>
  <section>
    <h3>
      <button type="button" :aria-expanded="isOpen" @click="isOpen = !isOpen">
        <component :is="isOpen ? ChevronDown : ChevronRight" :size="15" aria-hidden="true" />
        {{ title }}
      </button>
    </h3>
    <div v-if="isOpen" class="body"><slot /></div>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 12px;
}
h3 {
  border-bottom: 1px solid var(--line);
}
h3 button {
  display: flex;
  align-items: center;
  gap: 4px;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  padding: 3px 0;
  font: inherit;
  color: inherit;
  cursor: pointer;
}
.body {
  padding-top: 2px;
}
</style>
