<script setup lang="ts">
import * as say from './words.ts';
import { snagSentence, type Snag } from '@keen-sinew/core';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import GradeMark from './GradeMark.vue';

/** The list and its dialog are fetched when they are first asked for. */
const SnagList = defineAsyncComponent(() => import('./SnagList.vue'));

const props = defineProps<{
  snags: readonly Snag[];
  accepted: readonly Snag[];
  working: string | null;
}>();
const emit = defineEmits<{ show: [snag: Snag]; accept: [snag: Snag]; recall: [snag: Snag] }>();
const { system } = useUnits();
const at = ref(0);
const listed = ref(false);
const asked = ref(false);

const shown = computed(() => props.snags[Math.min(at.value, props.snags.length - 1)]);
const count = (grade: Snag['grade']) => props.snags.filter((snag) => snag.grade === grade).length;
const sentence = (snag: Snag) => snagSentence(snag, system.value);

watch(
  () => props.snags,
  () => (at.value = 0),
);

/** Goes to the place of the snag shown; pressed again, to the next one. */
function showNext(): void {
  const snag = shown.value;
  if (!snag) return;
  emit('show', snag);
}
defineExpose({
  showNext,
  next: () => (at.value = (at.value + 1) % Math.max(1, props.snags.length)),
});

function list(): void {
  asked.value = true;
  listed.value = true;
}
function showFromList(snag: Snag): void {
  listed.value = false;
  emit('show', snag);
}
</script>

<template>
  <footer class="snags">
    <ActionButton
      v-if="snags.length + accepted.length > 0"
      kind="plain"
      class="counts"
      :title="say.listAll"
      @click="list"
    >
      <GradeMark v-if="count('fix') > 0" grade="fix">{{ say.toFix(count('fix')) }}</GradeMark>
      <GradeMark v-if="count('watch') > 0" grade="watch">{{
        say.toWatch(count('watch'))
      }}</GradeMark>
      <span v-if="accepted.length > 0" class="known">{{ say.known(accepted.length) }}</span>
    </ActionButton>
    <p v-if="shown" role="status">{{ sentence(shown) }}</p>
    <p v-else-if="working" role="status">{{ working }}</p>
    <p v-else role="status" class="fine">{{ say.nothingToFixAnd }}</p>
    <template v-if="shown">
      <ActionButton v-if="snags.length > 1" @click="at = (at + 1) % snags.length">
        {{ say.next }}
      </ActionButton>
      <ActionButton @click="showNext">{{ say.showMe }}</ActionButton>
      <kbd>.</kbd>
    </template>
    <SnagList
      v-if="asked"
      v-model:show="listed"
      :snags="snags"
      :accepted="accepted"
      @pick="showFromList"
      @accept="emit('accept', $event)"
      @recall="emit('recall', $event)"
    />
  </footer>
</template>

<style scoped>
.snags {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 46px;
  padding: 4px 18px;
  border-top: 1.5px solid var(--ink);
}
.snags > p {
  margin: 0;
  flex: 1;
  font-size: 14.5px;
  line-height: 1.25;
}
.fine,
.known {
  color: var(--soft);
}
.known {
  padding-left: 8px;
  font-size: 14px;
}
.counts {
  border-right: 1px solid var(--line);
  padding-right: 12px;
}
kbd {
  font: 13px var(--font-number);
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 2px 7px;
}
</style>
