<script setup lang="ts">
import * as say from './words.ts';
import type { StepPlan } from '@keen-sinew/core';
import { ref } from 'vue';
import ActionButton from '../../kit/ActionButton.vue';

/** What to have ready, how it looks when it is right, what goes wrong here; lessons always stand open. */
defineProps<{ step: StepPlan }>();
const isOpen = ref(false);
</script>

<template>
  <p v-for="lesson in step.lessons" :key="lesson.id" class="lesson">
    <b>{{ say.learntAt(lesson.piece) }}</b> {{ lesson.words }}
  </p>
  <ActionButton kind="quiet" :aria-expanded="isOpen" @click="isOpen = !isOpen">
    {{ isOpen ? say.lessAboutIt : say.moreAboutIt
    }}<span class="visually-hidden">: {{ step.title }}</span>
  </ActionButton>
  <dl v-if="isOpen">
    <dt>{{ say.onTable }}</dt>
    <dd>{{ step.guide.table.join(', ') }}</dd>
    <dt>{{ say.rightWhen }}</dt>
    <dd>{{ step.guide.right }}</dd>
    <dt>{{ say.watchFor }}</dt>
    <dd>{{ step.guide.wrong }}</dd>
  </dl>
</template>

<style scoped>
.lesson {
  margin: 3px 0;
  padding-left: 8px;
  border-left: 3px solid var(--ochre);
}
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 2px 10px;
  margin: 3px 0;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
  max-width: 62ch;
}
</style>
