<script setup lang="ts">
import * as say from './words.ts';
import { LOG_KINDS, type LogKind, type StepPlan } from '@keen-sinew/core';
import { NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import { FilePicker } from '../../../kit/heavy.ts';
import HintText from '../../../kit/HintText.vue';
import { newEntry, withEntry } from '../stepChanges.ts';
import { keepLogPicture } from './logPicture.ts';

/** Writes into the log: what kind of thing, at which step, in words, with a picture. */
const props = defineProps<{ steps: readonly StepPlan[] }>();
const { piece, change } = usePiecePlan();
const NONE = '-';
const kind = ref<LogKind>('note');
const step = ref(NONE);
const words = ref('');
const problem = ref<string | null>(null);
const kinds = LOG_KINDS.map((id) => ({ label: say.KINDS[id], value: id as string }));
const steps = computed(() => [
  { label: say.wholePiece, value: NONE },
  ...props.steps.map(({ id, number, title }) => ({ label: `${number}. ${title}`, value: id })),
]);

function write(picture: string | null): void {
  const of = { kind: kind.value, step: step.value === NONE ? null : step.value };
  change(say.writeEntry, (p) =>
    withEntry(p, newEntry(p, { ...of, words: words.value.trim(), picture })),
  );
  words.value = '';
  problem.value = null;
}
function keep(): void {
  if (words.value.trim() === '') problem.value = say.nothingWritten;
  else write(null);
}
async function take([file]: readonly File[]): Promise<void> {
  if (file === undefined) return;
  const kept = await keepLogPicture(piece.value.id, file);
  if ('sentence' in kept) problem.value = kept.sentence;
  else write(kept.id);
}
</script>

<template>
  <div class="entry">
    <ChoiceField
      small
      :label="say.kindOfEntry"
      :value="kind"
      :options="kinds"
      @set="kind = $event as LogKind"
    />
    <ChoiceField small :label="say.atStep" :value="step" :options="steps" @set="step = $event" />
    <NInput
      v-model:value="words"
      type="textarea"
      :autosize="{ minRows: 2, maxRows: 6 }"
      :maxlength="1000"
      :placeholder="say.whatHappened"
      :input-props="{ 'aria-label': say.whatHappened }"
    />
    <p class="acts">
      <ActionButton kind="line" @click="keep">{{ say.keepEntry }}</ActionButton>
      <FilePicker :label="say.pictureFile" accept="image/*" kind="line" @take="take">
        {{ say.withPicture }}
      </FilePicker>
    </p>
    <HintText v-if="problem" alarm>{{ problem }}</HintText>
  </div>
</template>

<style scoped>
.entry {
  display: grid;
  gap: 6px;
  margin: 4px;
}
.acts {
  display: flex;
  gap: 10px;
  margin: 0;
}
</style>
