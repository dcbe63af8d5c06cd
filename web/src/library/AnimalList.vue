<script setup lang="ts">
import type { ListedAnimal } from './subjects.ts';

/** Animals by body plan: one is open, any number stand beside it. */
defineProps<{
  groups: readonly {
    readonly id: string;
    readonly name: string;
    readonly animals: readonly ListedAnimal[];
  }[];
  open: string;
  beside: readonly string[];
}>();
const emit = defineEmits<{ open: [ref: string]; beside: [ref: string, on: boolean] }>();
</script>

<template>
  <div v-for="group in groups" :key="group.id" class="group">
    <h2 v-if="group.animals.length > 0">{{ group.name }}</h2>
    <ul>
      <li v-for="one in group.animals" :key="one.ref" :class="{ open: one.ref === open }">
        <button
          type="button"
          :aria-current="one.ref === open ? 'true' : undefined"
          @click="emit('open', one.ref)"
        >
          {{ one.name }}
        </button>
        <label :title="`Put the ${one.name.toLowerCase()} beside it`">
          <span class="visually-hidden">Beside it: {{ one.name }}</span>
          <input
            type="checkbox"
            :checked="one.ref === open || beside.includes(one.ref)"
            :disabled="one.ref === open"
            @change="emit('beside', one.ref, ($event.target as HTMLInputElement).checked)"
          />
        </label>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.group {
  margin-bottom: 10px;
}
h2 {
  font-weight: 400;
  font-style: italic;
  color: var(--soft);
  font-size: 15px;
  border-bottom: 1px solid var(--line);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  align-items: center;
}
li button {
  flex: 1;
  text-align: left;
  background: none;
  border: 0;
  padding: 4px 2px;
  cursor: pointer;
}
.open button {
  font-weight: 700;
  color: var(--verdigris);
}
label {
  padding: 4px;
  cursor: pointer;
}
input {
  accent-color: var(--verdigris);
  width: 16px;
  height: 16px;
}
</style>
