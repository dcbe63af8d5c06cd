<script setup lang="ts">
import * as say from './words.ts';
import type { StepPlan } from '@keen-sinew/core';
import { ref } from 'vue';
import ActionButton from '../../kit/ActionButton.vue';
import GuideLines from './GuideLines.vue';

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
  <GuideLines v-if="isOpen" :guide="step.guide" />
</template>

<style scoped>
.lesson {
  margin: 3px 0;
  padding-left: 8px;
  border-left: 3px solid var(--ochre);
}
</style>
