<script setup lang="ts">
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
  const typed = name.value.trim() || `New ${animalById(animalId.value)?.name.toLowerCase()}`;
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
    problem.value = `${file.name} was not taken in. ${taken.sentence}`;
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
        `${name} brings a workshop of its own; yours stays as it is. `,
        h(
          'button',
          {
            class: 'quiet-button',
            onClick: async () => {
              await workshops.adopt(`Take over from ${name}`, workshop);
              await workshops.settled();
              note.destroy();
            },
          },
          'Take over what is missing here',
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
    return { sentence: `The archive could not be read: ${(error as Error).message}.` };
  }
}

async function remove(piece: Piece): Promise<void> {
  const restore = await store.remove(piece.id);
  const note = message.info(() =>
    h('span', [
      `“${piece.name}” is removed. `,
      h(
        'button',
        {
          class: 'quiet-button',
          onClick: async () => {
            await restore();
            note.destroy();
          },
        },
        'Put it back',
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
    problem.value = `${piece.name} was not saved: ${(error as Error).message}.`;
  }
}
function scaleText({ measure: { scale } }: Piece): string {
  if (scale.by === 'ratio') return quantityText(scale.lifePerModel, 'scale');
  if (scale.by === 'size') return `scale by ${scale.sizeId.replace('-', ' ')}`;
  return scale.by === 'eye' ? 'scale by its eyes' : `scale by the ${scale.by}`;
}
</script>

<template>
  <main class="pieces">
    <header>
      <img src="/mark.svg" alt="" width="44" height="44" />
      <div>
        <h1>Keen Sinew</h1>
        <p>One measured skeleton; everything else is worked out from it.</p>
      </div>
      <nav aria-label="Beside the pieces">
        <RouterLink to="/workshop">Workshop</RouterLink>
        <RouterLink to="/library">Library of animals</RouterLink>
      </nav>
    </header>
    <section aria-labelledby="yours">
      <h2 id="yours">Your pieces</h2>
      <p v-if="store.pieces.length === 0">
        There is no piece yet. Make one below, or bring the demonstration back.
        <button type="button" class="quiet-button" @click="store.restoreDemo()">
          Bring the demonstration back
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
              Save to a file<span class="visually-hidden">: {{ piece.name }}</span>
            </button>
            <button type="button" class="quiet-button" @click="remove(piece)">
              Remove<span class="visually-hidden">: {{ piece.name }}</span>
            </button>
          </span>
        </li>
      </ul>
      <p v-for="entry in store.damaged" :key="entry.id" class="problem" role="alert">
        The stored piece “{{ entry.id }}” is damaged and was set aside. {{ entry.sentence }}
      </p>
    </section>
    <section aria-labelledby="new">
      <h2 id="new">A new piece</h2>
      <p class="look">
        Not sure which? <RouterLink to="/library">Open the library of animals</RouterLink> to see
        them side by side, or to put one together yourself.
      </p>
      <form @submit.prevent="make">
        <label>
          <span>Name</span>
          <NInput
            v-model:value="name"
            placeholder="Otter at the weir"
            :input-props="{ 'aria-label': 'Name of the new piece', maxlength: 80 }"
          />
        </label>
        <label>
          <span>Animal</span>
          <ChoiceField
            label="Animal"
            :value="animalId"
            :options="animals"
            @set="animalId = $event"
          />
        </label>
        <button type="submit" class="make">Make the piece</button>
      </form>
      <button type="button" class="quiet-button" @click="fileInput?.click()">
        Take in a piece from a file
      </button>
      <input
        ref="fileInput"
        class="visually-hidden"
        type="file"
        accept=".json,.zip,application/json,application/zip"
        aria-label="Piece file"
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
