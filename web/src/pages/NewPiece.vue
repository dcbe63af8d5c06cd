<script setup lang="ts">
import * as say from './words.ts';
import {
  animalById,
  cutText,
  problemSentence,
  USUAL_WISH,
  type StartWish,
  type Workshop,
} from '@keen-sinew/core';
import { NInput } from 'naive-ui';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import { beginsWith, textOf } from '../files/textOf.ts';
import { useArchive } from '../files/useArchive.ts';
import { FilePicker } from '../kit/heavy.ts';
import HintText from '../kit/HintText.vue';
import JobProgress from '../kit/JobProgress.vue';
import { useNoteStore } from '../stores/noteStore.ts';
import { keepPicture } from '../stores/pictureStorage.ts';
import type { TakenIn } from '../stores/pieceIntake.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import { useWorkshopStore } from '../stores/workshopStore.ts';
import StartWishes from './StartWishes.vue';

/** Fetched with the first choice. */
const StartPreview = defineAsyncComponent(() => import('./StartPreview.vue'));

/** Makes a piece, or takes one in from a file. */
const store = usePieceStore();
const workshops = useWorkshopStore();
const notes = useNoteStore();
const router = useRouter();
const name = ref('');
const wish = ref<StartWish>({ ...USUAL_WISH, animalId: 'eurasian-otter' });
/** Shown from the first choice on. */
const chosen = ref(false);
const nameOfWish = computed(
  () => wish.value.creature?.name ?? animalById(wish.value.animalId)?.name ?? '',
);
function choose(next: StartWish): void {
  wish.value = next;
  chosen.value = true;
}
/** Whether the library's sizes do for now, or pictures of one's own are brought in first. */
const measuredBy = ref('library');
const SOURCES = [
  { label: say.sizesOfLibrary, value: 'library' },
  { label: say.picturesOfMine, value: 'pictures' },
];
const problem = ref<string | null>(null);
/** The archive that is being opened. */
let opened = '';
const opening = useArchive((reason) => say.wasNotTakenIn(opened, reason));
const isOpening = opening.shown;
async function make(): Promise<void> {
  const typed = name.value.trim() || say.newWord(nameOfWish.value.toLowerCase());
  const id = await store.create(cutText(typed, 80), wish.value.animalId, wish.value);
  await router.push(`/piece/${id}/measure${measuredBy.value === 'pictures' ? '/pictures' : ''}`);
}

async function takeIn([file]: readonly File[]): Promise<void> {
  if (!file) return;
  opened = file.name;
  const taken = await readIn(file);
  if (taken === null) return;
  if ('sentence' in taken) {
    problem.value = say.wasNotTakenIn(file.name, taken.sentence);
    return;
  }
  problem.value = null;
  if (taken.brings !== null) offer(file.name, taken.brings);
  await router.push(`/piece/${taken.id}/measure`);
}

/** The workshop that came with a piece stays outside unless it is asked for. */
function offer(from: string, workshop: Workshop): void {
  notes.tell({
    sentence: say.bringsWorkshopOfIts(from),
    label: say.takeOverWhatIs,
    act: async () => {
      await workshops.adopt(say.takeOverFrom(from), workshop);
      await workshops.settled();
    },
  });
}

/** A piece file as text, or an archive with its pictures, told by what it holds; null where cancelled. */
async function readIn(file: File): Promise<TakenIn | { sentence: string } | null> {
  if (!(await beginsWith(file, 'PK'))) {
    const text = await textOf(file);
    return text.ok ? store.takeIn(text.value) : { sentence: problemSentence(text.problem) };
  }
  const archive = await opening.run(async (told, signal) =>
    (await import('../files/pieceZip.ts')).readPieceZip(file, told, signal),
  );
  if (archive === null) return null;
  const taken = await store.takeIn(archive.text);
  if ('id' in taken)
    for (const { id, blob } of archive.pictures) await keepPicture(taken.id, id, blob);
  return taken;
}
</script>

<template>
  <section aria-labelledby="new">
    <h2 id="new">{{ say.newPiece }}</h2>
    <p class="look">
      {{ say.notSureWhich }} <RouterLink to="/library">{{ say.openLibraryOfAnimals }}</RouterLink>
      {{ say.toSeeThemSide }}
    </p>
    <form @submit.prevent="make">
      <label>
        <span>{{ say.name }}</span>
        <NInput
          v-model:value="name"
          :placeholder="say.otterAtWeir"
          :input-props="{ 'aria-label': say.nameOfNewPiece, maxlength: 80 }"
        />
      </label>
      <StartWishes :wish="wish" @set="choose" />
      <label>
        <span>{{ say.measuredBy }}</span>
        <ChoiceField
          :label="say.measuredBy"
          :value="measuredBy"
          :options="SOURCES"
          @set="measuredBy = $event"
        />
      </label>
      <ActionButton kind="main" submit>{{ say.makePiece }}</ActionButton>
    </form>
    <StartPreview v-if="chosen" :wish="wish" />
    <FilePicker
      :label="say.pieceFile"
      accept=".json,.zip,application/json,application/zip"
      @take="takeIn"
    >
      {{ say.takeInPieceFrom }}
    </FilePicker>
    <JobProgress v-if="isOpening" :job="opening" :sentence="say.openingArchive" />
    <HintText v-if="problem" alarm>{{ problem }}</HintText>
  </section>
</template>

<style scoped>
h2 {
  font-size: 21px;
  margin-bottom: 6px;
}
form {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 14px;
  align-items: end;
  margin-bottom: 12px;
}
label span {
  display: block;
  color: var(--soft);
  font-size: 14px;
}
</style>
