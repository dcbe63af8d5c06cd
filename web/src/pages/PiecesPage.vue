<script setup lang="ts">
import * as say from './words.ts';
import {
  ANIMALS,
  animalById,
  inWorkshop,
  pieceText,
  quantityText,
  type Piece,
  type Workshop,
} from '@keen-sinew/core';
import { NInput, useMessage } from 'naive-ui';
import { h, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { offlineSentence } from '../composables/offline.ts';
import ChoiceField from '../controls/ChoiceField.vue';
import { downloadBlob, downloadText } from '../files/download.ts';
import { keepPicture } from '../stores/pictureStorage.ts';
import { usePieceStore, type TakenIn } from '../stores/pieceStore.ts';
import { useWorkshopStore } from '../stores/workshopStore.ts';

const store = usePieceStore();
const workshops = useWorkshopStore();
const router = useRouter();
const message = useMessage();
const name = ref('');
const animalId = ref('eurasian-otter');
const problem = ref<string | null>(null);
const fileInput = ref<HTMLInputElement | null>(null);
const animals = ANIMALS.map((animal) => ({ label: animal.name, value: animal.id })).toSorted(
  (a, b) => a.label.localeCompare(b.label),
);

onMounted(() => store.loadAll());

async function make(): Promise<void> {
  const typed =
    name.value.trim() || say.newWord(animalById(animalId.value)?.name.toLowerCase() ?? '');
  const id = await store.create(typed.slice(0, 80), animalId.value);
  await router.push(`/piece/${id}/measure`);
}

async function takeIn(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const taken = await readIn(file);
  if ('sentence' in taken) {
    problem.value = say.wasNotTakenIn(file.name, taken.sentence);
    return;
  }
  problem.value = null;
  if (taken.brings !== null) offer(file.name, taken.brings);
  await router.push(`/piece/${taken.id}/measure`);
}

/** The workshop that came with a piece stays outside unless it is asked for. */
function offer(name: string, workshop: Workshop): void {
  const note = message.info(
    () =>
      h('span', [
        say.bringsWorkshopOfIts(name),
        h(
          'button',
          {
            class: 'quiet-button',
            onClick: async () => {
              await workshops.adopt(say.takeOverFrom(name), workshop);
              await workshops.settled();
              note.destroy();
            },
          },
          say.takeOverWhatIs,
        ),
      ]),
    { duration: 12_000 },
  );
}

/** A piece file as text, or an archive with its pictures, told by what it holds. */
async function readIn(file: File): Promise<TakenIn | { sentence: string }> {
  if ((await file.slice(0, 2).text()) !== 'PK') return store.takeIn(await file.text());
  try {
    const { readPieceZip } = await import('../files/pieceZip.ts');
    const { text, pictures } = await readPieceZip(file);
    const taken = await store.takeIn(text);
    if ('id' in taken) for (const [id, blob] of pictures) await keepPicture(taken.id, id, blob);
    return taken;
  } catch (error) {
    return { sentence: say.archiveCouldNotBe((error as Error).message) };
  }
}

async function remove(piece: Piece): Promise<void> {
  const restore = await store.remove(piece.id);
  const note = message.info(() =>
    h('span', [
      say.isRemoved(piece.name),
      h(
        'button',
        {
          class: 'quiet-button',
          onClick: async () => {
            await restore();
            note.destroy();
          },
        },
        say.putItBack,
      ),
    ]),
  );
}

/** With the pictures that were brought in, where there are some: nothing is left behind. */
async function keep(piece: Piece): Promise<void> {
  if (piece.references.pictures.every(({ shipped }) => shipped !== null)) {
    downloadText(
      `${piece.id}.json`,
      pieceText(inWorkshop(piece, workshops.current)),
      'application/json',
    );
    return;
  }
  try {
    const { pieceZip } = await import('../files/pieceZip.ts');
    downloadBlob(`${piece.id}.zip`, await pieceZip(inWorkshop(piece, workshops.current)));
  } catch (error) {
    problem.value = say.wasNotSaved(piece.name, (error as Error).message);
  }
}
function scaleText({ measure: { scale } }: Piece): string {
  if (scale.by === 'ratio') return quantityText(scale.lifePerModel, 'scale');
  if (scale.by === 'size') return say.scaleBy(scale.sizeId.replace('-', ' '));
  return scale.by === 'eye' ? say.scaleByItsEyes : say.scaleBy2(scale.by);
}
</script>

<template>
  <main class="pieces">
    <header>
      <img src="/mark.svg" alt="" width="44" height="44" />
      <div>
        <h1>{{ say.keenSinew }}</h1>
        <p>{{ say.oneMeasuredSkeletonEverything }}</p>
      </div>
      <nav :aria-label="say.besidePieces">
        <RouterLink to="/workshop">{{ say.workshop }}</RouterLink>
        <RouterLink to="/library">{{ say.libraryOfAnimals }}</RouterLink>
      </nav>
    </header>
    <section aria-labelledby="yours">
      <h2 id="yours">{{ say.yourPieces }}</h2>
      <p v-if="store.pieces.length === 0">
        {{ say.thereIsNoPiece }}
        <button type="button" class="quiet-button" @click="store.restoreDemo()">
          {{ say.bringDemonstrationBack }}
        </button>
      </p>
      <ul>
        <li v-for="piece in store.pieces" :key="piece.id">
          <RouterLink :to="`/piece/${piece.id}/measure`">{{ piece.name }}</RouterLink>
          <span>
            {{ piece.measure.creature?.name ?? animalById(piece.measure.animalId)?.name }},
            {{ scaleText(piece) }}
            <template v-if="piece.place"> · {{ piece.place }}</template>
          </span>
          <span class="acts">
            <button type="button" class="quiet-button" @click="keep(piece)">
              {{ say.saveToFile }}<span class="visually-hidden">: {{ piece.name }}</span>
            </button>
            <button type="button" class="quiet-button" @click="remove(piece)">
              {{ say.remove }}<span class="visually-hidden">: {{ piece.name }}</span>
            </button>
          </span>
        </li>
      </ul>
      <p v-for="entry in store.damaged" :key="entry.id" class="problem" role="alert">
        {{ say.storedPieceIsDamaged(entry.id, entry.sentence) }}
      </p>
    </section>
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
        <label>
          <span>{{ say.animal }}</span>
          <ChoiceField
            :label="say.animal"
            :value="animalId"
            :options="animals"
            @set="animalId = $event"
          />
        </label>
        <button type="submit" class="make">{{ say.makePiece }}</button>
      </form>
      <button type="button" class="quiet-button" @click="fileInput?.click()">
        {{ say.takeInPieceFrom }}
      </button>
      <input
        ref="fileInput"
        class="visually-hidden"
        type="file"
        accept=".json,.zip,application/json,application/zip"
        :aria-label="say.pieceFile"
        tabindex="-1"
        @change="takeIn"
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </section>
    <p v-if="offlineSentence" class="offline" role="status">{{ offlineSentence }}</p>
  </main>
</template>

<style scoped>
.pieces {
  max-width: 880px;
  margin: 0 auto;
  padding: 48px 24px;
}
header {
  display: flex;
  gap: 18px;
  align-items: center;
  border-bottom: 1.5px solid var(--ink);
  padding-bottom: 18px;
  margin-bottom: 26px;
}
h1 {
  font-size: 34px;
  line-height: 1.1;
}
header nav {
  margin-left: auto;
  display: flex;
  gap: 18px;
}
header nav a {
  color: var(--verdigris);
  font-weight: 700;
}
header p {
  margin: 2px 0 0;
  color: var(--soft);
}
h2 {
  font-size: 21px;
  margin-bottom: 6px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0 0 34px;
}
li {
  display: grid;
  grid-template-columns: 260px 1fr auto;
  gap: 14px;
  align-items: baseline;
  border-bottom: 1px dotted var(--line);
  padding: 10px 0;
}
li a {
  font-weight: 700;
  color: var(--verdigris);
  font-size: 17px;
}
form {
  display: grid;
  grid-template-columns: 1fr 220px auto;
  gap: 14px;
  align-items: end;
  margin-bottom: 12px;
}
label span {
  display: block;
  color: var(--soft);
  font-size: 14px;
}
.make {
  height: 34px;
  padding: 0 18px;
  background: var(--verdigris);
  color: var(--sheet);
  border: 0;
  border-radius: var(--radius);
  font-weight: 700;
  cursor: pointer;
}
.problem {
  color: var(--rust);
}
.offline {
  margin-top: 40px;
  font-size: 14px;
  color: var(--soft);
}
</style>
