<script setup lang="ts">
import * as say from './words.ts';
import {
  buildSkeleton,
  creatureText,
  lineup,
  STARTERS,
  type Starter,
  type Norm,
  type SheetTarget,
} from '@keen-sinew/core';
import { useMessage } from 'naive-ui';
import { computed, h, onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import PickRow from '../controls/PickRow.vue';
import { downloadText } from '../files/download.ts';
import SheetBoard from '../sheet/SheetBoard.vue';
import SheetFrame from '../sheet/SheetFrame.vue';
import { useCreatureStore } from '../stores/creatureStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import AnimalDetail from './AnimalDetail.vue';
import AnimalList from './AnimalList.vue';
import ComparedBars from './ComparedBars.vue';
import LibraryFrame from './LibraryFrame.vue';
import { listedGroups, OWN, subjectByRef } from './subjects.ts';

const props = defineProps<{ id?: string }>();
const route = useRoute();
const router = useRouter();
const message = useMessage();
const store = useCreatureStore();
const pieces = usePieceStore();
onMounted(async () => {
  await store.load();
  await pieces.loadAll();
});

const groups = computed(() => listedGroups(store.creatures));
const open = computed(() => props.id ?? 'grey-heron');
const beside = computed(() => {
  const asked = route.query['with'];
  return typeof asked === 'string' ? asked.split(',').filter((ref) => ref !== '') : [];
});
const subject = computed(() => subjectByRef(open.value, store.creatures));
const chosen = computed(() =>
  [open.value, ...beside.value.filter((ref) => ref !== open.value)].flatMap(
    (ref) => subjectByRef(ref, store.creatures) ?? [],
  ),
);
const skeletons = computed(() =>
  chosen.value.map(({ plan, animal }) => buildSkeleton(plan, animal)),
);
const rows = computed(() => [[lineup(chosen.value)]]);
const NORMS: readonly { readonly label: string; readonly value: Norm }[] = [
  { label: say.toTrunk, value: 'trunk' },
  { label: say.toHead, value: 'head' },
  { label: say.toStandingHeight, value: 'height' },
];
const norm = ref<Norm>('trunk');

const picked = ref<string | null>(null);
const target = computed((): SheetTarget | null => {
  const bone = skeletons.value[0]?.bones.find((bone) => bone.key === picked.value);
  return bone === undefined ? null : { kind: 'bone', id: bone.id };
});
function pickOnSheet(at: SheetTarget): void {
  picked.value = at.kind === 'bone' ? (skeletons.value[0]?.byId.get(at.id)?.key ?? null) : null;
}

const go = (ref: string, withThese: readonly string[]): void =>
  void router.replace({
    path: `/library/${ref}`,
    query: withThese.length === 0 ? {} : { with: withThese.join(',') },
  });
const setBeside = (ref: string, on: boolean): void =>
  go(open.value, on ? [...beside.value, ref] : beside.value.filter((entry) => entry !== ref));

const creature = computed(() =>
  store.creatures.find((creature) => OWN + creature.id === open.value),
);
async function makePiece(): Promise<void> {
  const name = say.newWord(subject.value?.animal.name.toLowerCase() ?? 'piece');
  const id = creature.value
    ? await pieces.createOf(name, creature.value)
    : await pieces.create(name, open.value);
  await router.push(`/piece/${id}/measure`);
}
function makeOwn(): void {
  const base = creature.value?.base ?? open.value;
  const id = store.create(say.ofMyOwn(subject.value?.animal.name ?? say.animal), base);
  if (creature.value)
    store.change(store.byId(id)!, { ...creature.value, id, name: say.copy(creature.value.name) });
  void router.push(`/library/own/${id}`);
}
function begin(starter: Starter): void {
  void router.push(`/library/own/${store.begin(starter.creature('new'))}`);
}
const keep = (): void => {
  if (creature.value)
    downloadText(`${creature.value.id}.json`, creatureText(creature.value), 'application/json');
};
async function remove(): Promise<void> {
  const gone = creature.value;
  if (!gone) return;
  const restore = await store.remove(gone.id);
  go('grey-heron', []);
  const note = message.info(() =>
    h('span', [
      say.isRemovedPiecesMade(gone.name),
      h(
        'button',
        {
          class: 'quiet-button',
          onClick: () => {
            restore();
            note.destroy();
          },
        },
        say.putItBack,
      ),
    ]),
  );
}

const fileInput = ref<HTMLInputElement | null>(null);
const problem = ref<string | null>(null);
async function takeIn(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  const taken = store.takeIn(await file.text());
  problem.value = 'sentence' in taken ? say.wasNotTakenIn(file.name, taken.sentence) : null;
  if ('id' in taken) go(OWN + taken.id, []);
}
</script>

<template>
  <LibraryFrame :title="say.libraryOfAnimals">
    <template #list>
      <AnimalList
        :groups="groups"
        :open="open"
        :beside="beside"
        @open="go($event, beside)"
        @beside="setBeside"
      />
      <h2 class="start">{{ say.beginCreature }}</h2>
      <p v-if="store.creatures.length === 0" class="hint">
        {{ say.noneOfYourOwn }}
      </p>
      <ul class="starters">
        <li v-for="starter in STARTERS" :key="starter.name">
          <button type="button" class="quiet-button" :title="starter.why" @click="begin(starter)">
            {{ starter.name }}
          </button>
        </li>
      </ul>
      <button type="button" class="quiet-button" @click="fileInput?.click()">
        {{ say.takeInAnimalFrom }}
      </button>
      <input
        ref="fileInput"
        class="visually-hidden"
        type="file"
        accept=".json,application/json"
        :aria-label="say.animalFile"
        tabindex="-1"
        @change="takeIn"
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <p v-if="store.problem" class="problem" role="alert">{{ store.problem }}</p>
      <p v-if="store.unreadable > 0" class="problem" role="alert">
        {{ say.ofYourOwnAnimals(store.unreadable) }}
      </p>
    </template>
    <SheetFrame :label="say.atOneScale(chosen.map((one) => one.animal.name).join(', '))">
      <SheetBoard
        v-if="chosen.length > 0"
        :rows="rows"
        :target="target"
        :label="say.sideElevationsAtOne"
        @pick="pickOnSheet"
      />
      <p v-else role="alert">
        {{ say.thereIsNoAnimal(open) }}
      </p>
      <section v-if="chosen.length > 1" class="compared" :aria-label="say.compared">
        <PickRow
          :label="say.lengthsAsSharesOf2"
          :value="norm"
          :options="NORMS"
          @set="norm = $event as Norm"
        />
        <ComparedBars :skeletons="skeletons" :norm="norm" />
      </section>
      <p v-else class="hint">{{ say.tickOtherAnimalsIn }}</p>
    </SheetFrame>
    <template v-if="subject && skeletons[0]" #ledger>
      <h2>{{ subject.animal.name }}</h2>
      <p class="latin">
        <i>{{ subject.animal.latin }}</i> · {{ subject.plan.name }}
      </p>
      <button type="button" class="wide-button" @click="makePiece">{{ say.makePieceOfIt }}</button>
      <div class="acts">
        <RouterLink v-if="creature" class="quiet-button" :to="`/library/own/${creature.id}`">
          {{ say.changeIt }}
        </RouterLink>
        <button type="button" class="quiet-button" @click="makeOwn">
          {{ creature ? say.copyIt : say.takeItAsStart }}
        </button>
        <template v-if="creature">
          <button type="button" class="quiet-button" @click="keep">{{ say.saveToFile }}</button>
          <button type="button" class="quiet-button" @click="remove">{{ say.remove }}</button>
        </template>
      </div>
      <AnimalDetail
        :subject="subject"
        :skeleton="skeletons[0]"
        :picked="picked"
        :own="creature !== undefined"
        @pick="picked = picked === $event ? null : $event"
      />
    </template>
  </LibraryFrame>
</template>

<style scoped>
.latin {
  margin: 0 0 8px;
  color: var(--soft);
}
.acts {
  display: flex;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.acts a {
  text-decoration: none;
}
.start {
  font-weight: 400;
  font-style: italic;
  font-size: 15px;
  color: var(--soft);
  border-bottom: 1px solid var(--line);
}
.starters {
  list-style: none;
  margin: 0 0 10px;
  padding: 0;
}
.starters button {
  text-align: left;
  padding: 3px 2px;
}
.hint {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
.problem {
  color: var(--rust);
  font-size: 14px;
}
.compared {
  max-height: 46%;
  overflow-y: auto;
}
</style>
