<script setup lang="ts">
import * as say from './words.ts';
import type { DiaryEntry } from '@keen-sinew/core';
import { computed } from 'vue';
import { clockText, dayText } from '../../../composables/dayText.ts';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import { withPart } from '../../withPart.ts';
import LogPicture from './LogPicture.vue';

/** The diary day by day, the newest day first; entries of the log can be taken out, and become a lesson. */
const props = defineProps<{ entries: readonly DiaryEntry[] }>();
const emit = defineEmits<{ learn: [entry: DiaryEntry] }>();
const { piece, change } = usePiecePlan();
const days = computed(() => {
  const all = [...new Set(props.entries.map(({ at }) => at.slice(0, 10)))].reverse();
  return all.map((day) => ({ day, its: props.entries.filter(({ at }) => at.startsWith(day)) }));
});
const isOwn = ({ kind }: DiaryEntry): boolean =>
  kind === 'note' || kind === 'attempt' || kind === 'sitting';
const remove = ({ id, title }: DiaryEntry): void =>
  change(say.removeEntry(title), (p) =>
    withPart(p, 'bench', { log: p.bench.log.filter((entry) => entry.id !== id) }),
  );
</script>

<template>
  <div class="days" tabindex="0" role="region" :aria-label="say.diary">
    <section v-for="{ day, its } in days" :key="day">
      <h2>{{ dayText(day) }} {{ day.slice(0, 4) }}</h2>
      <ul>
        <li v-for="entry in its" :key="entry.id" :class="entry.kind">
          <time>{{ clockText(entry.at) }}</time>
          <div>
            <b>{{ entry.title }}</b>
            <small>{{ say.KINDS[entry.kind] }}</small>
            <small v-if="entry.minutes !== null">{{ say.minutesOf(entry.minutes) }}</small>
            <p v-if="entry.words !== ''">{{ entry.words }}</p>
            <LogPicture
              v-if="entry.picture !== null"
              :piece-id="piece.id"
              :picture="entry.picture"
              :of="entry.title"
            />
          </div>
          <span>
            <ActionButton v-if="entry.words !== ''" @click="emit('learn', entry)">
              {{ say.asLesson }}<span class="visually-hidden">: {{ entry.title }}</span>
            </ActionButton>
            <ActionButton v-if="isOwn(entry)" @click="remove(entry)">
              {{ say.remove }}<span class="visually-hidden">: {{ entry.title }}</span>
            </ActionButton>
          </span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.days {
  overflow-y: auto;
  min-height: 0;
}
h2 {
  margin: 10px 0 2px;
  font: 700 17px var(--font-title);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 52px 1fr auto;
  gap: 10px;
  padding: 5px 8px;
  border-bottom: 1px dotted var(--line);
}
li > span {
  display: flex;
  gap: 10px;
  align-items: start;
}
time,
small {
  color: var(--soft);
}
small {
  margin-left: 8px;
}
p {
  margin: 2px 0;
  max-width: 70ch;
}
.attempt b,
.defect b {
  color: var(--rust);
}
</style>
