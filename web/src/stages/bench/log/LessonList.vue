<script setup lang="ts">
import * as say from './words.ts';
import type { DiaryEntry, Lesson, LessonAbout, StepPlan } from '@keen-sinew/core';
import { accepted, cutText, freeId } from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import { withPart } from '../../withPart.ts';
import { today } from '../stepChanges.ts';
import { lessonName } from './lessonName.ts';

/** What was learnt, and what each lesson comes back at; a new one from what was written in the log. */
const props = defineProps<{
  /** What a lesson is made of; null for none. */
  from: DiaryEntry | null;
  abouts: readonly LessonAbout[];
  steps: readonly StepPlan[];
}>();
const emit = defineEmits<{ kept: [] }>();
const { piece, change } = usePiecePlan();
/** What a lesson comes back at, as people call it. */
const wordsOf = (about: LessonAbout): string =>
  say.comesBackAt(about.kind, lessonName(about, props.steps));
const keyOf = ({ kind, id }: LessonAbout): string => `${kind} ${id}`;
const about = ref('');
const words = ref('');
watch(
  () => props.from,
  (entry) => {
    words.value = entry?.words ?? '';
    about.value = props.abouts[0] === undefined ? '' : keyOf(props.abouts[0]);
  },
  { immediate: true },
);
const options = computed(() =>
  props.abouts.map((of) => ({ label: wordsOf(of), value: keyOf(of) })),
);
const lessons = computed(() => piece.value.atHand.lessons);
const set = (label: string, all: Lesson[]): void =>
  change(label, (p) => withPart(p, 'atHand', { lessons: all }));
function keep(): void {
  const chosen = props.abouts.find((of) => keyOf(of) === about.value);
  if (chosen === undefined || words.value.trim() === '') return;
  const id = freeId(
    'lesson',
    lessons.value.map((of) => of.id),
  );
  const { name } = piece.value;
  const lesson = { id, piece: name, on: today(), words: words.value.trim(), about: { ...chosen } };
  set(say.keepLesson, [...lessons.value, lesson]);
  emit('kept');
}
const remove = ({ id }: Lesson): void =>
  set(
    say.removeLesson,
    lessons.value.filter((of) => of.id !== id),
  );
</script>

<template>
  <div v-if="from" class="new">
    <QuantityField
      small
      words
      :label="say.lesson"
      :shown="words"
      :parse="(typed) => accepted(cutText(typed, 500))"
      @set="words = $event"
    />
    <ChoiceField
      small
      :label="say.comesBack"
      :value="about"
      :options="options"
      @set="about = $event"
    />
    <ActionButton kind="line" @click="keep">{{ say.keepLesson }}</ActionButton>
  </div>
  <HintText v-if="lessons.length === 0">{{ say.noLessons }}</HintText>
  <ul>
    <li v-for="lesson in lessons" :key="lesson.id">
      <span>
        {{ lesson.words }}
        <small>{{ wordsOf(lesson.about) }}, {{ lesson.piece }}</small>
      </span>
      <ActionButton @click="remove(lesson)">
        {{ say.remove }}<span class="visually-hidden">: {{ lesson.words }}</span>
      </ActionButton>
    </li>
  </ul>
</template>

<style scoped>
.new {
  display: grid;
  gap: 6px;
  margin: 4px;
}
ul {
  list-style: none;
  margin: 4px;
  padding: 0;
}
li {
  display: flex;
  gap: 8px;
  align-items: baseline;
  justify-content: space-between;
  border-bottom: 1px dotted var(--line);
  padding: 3px 0;
}
small {
  color: var(--soft);
  display: block;
}
</style>
