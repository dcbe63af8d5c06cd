<script setup lang="ts">
import * as say from './words.ts';
import ActionButton from '../kit/ActionButton.vue';
import CheckField from '../kit/CheckField.vue';
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
      <li v-for="animal in group.animals" :key="animal.ref" :class="{ open: animal.ref === open }">
        <ActionButton
          kind="row"
          :aria-current="animal.ref === open ? 'true' : undefined"
          @click="emit('open', animal.ref)"
        >
          {{ animal.name }}
        </ActionButton>
        <CheckField
          :label="say.besideIt(animal.name)"
          :title="say.putBesideIt(animal.name.toLowerCase())"
          :checked="animal.ref === open || beside.includes(animal.ref)"
          :disabled="animal.ref === open"
          @set="emit('beside', animal.ref, $event)"
        />
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
  width: auto;
  min-width: 0;
  border: 0;
}
.open button {
  font-weight: 700;
  color: var(--verdigris);
}
</style>
