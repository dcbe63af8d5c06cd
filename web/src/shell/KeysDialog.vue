<script setup lang="ts">
import * as say from './words.ts';
import DialogBox from '../kit/DialogBox.vue';
import { KEYS } from './keys.ts';

/** Every key that does something, by where it does. */
defineProps<{ show: boolean }>();
const emit = defineEmits<{ 'update:show': [show: boolean] }>();
</script>

<template>
  <DialogBox
    :show="show"
    :label="say.keys"
    :width-px="880"
    @update:show="emit('update:show', $event)"
  >
    <h2>{{ say.keys }}</h2>
    <div class="groups">
      <section v-for="group in KEYS" :key="group.where">
        <h3>{{ group.where }}</h3>
        <dl>
          <div v-for="entry in group.keys" :key="entry.does">
            <dt>
              <kbd v-for="key in entry.keys" :key="key">{{ key }}</kbd>
            </dt>
            <dd>{{ entry.does }}</dd>
          </div>
        </dl>
      </section>
    </div>
  </DialogBox>
</template>

<style scoped>
.groups {
  columns: 2;
  column-gap: 34px;
  margin: 8px 0 14px;
}
.groups section {
  break-inside: avoid;
  margin-bottom: 14px;
}
dl {
  margin: 0;
}
dl div {
  display: grid;
  grid-template-columns: 132px 1fr;
  gap: 10px;
  align-items: baseline;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
}
dt {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
dd {
  margin: 0;
  font-size: 14px;
}
kbd {
  font: 13px var(--font-number);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 1px 6px;
}
</style>
