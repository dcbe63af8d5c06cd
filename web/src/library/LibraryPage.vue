<script setup lang="ts">
import * as say from './words.ts';
import { buildSkeleton, creatureText, lineup, type Norm, type SheetTarget } from '@keen-sinew/core';
import { computed, onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { downloadText } from '../files/download.ts';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceRow from '../kit/ChoiceRow.vue';
import HintText from '../kit/HintText.vue';
import SheetBoard from '../sheet/SheetBoard.vue';
import SheetFrame from '../sheet/SheetFrame.vue';
import { useCreatureStore } from '../stores/creatureStore.ts';
import { useNoteStore } from '../stores/noteStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import AnimalDetail from './AnimalDetail.vue';
import AnimalList from './AnimalList.vue';
import ComparedBars from './ComparedBars.vue';
import LibraryFrame from './LibraryFrame.vue';
import OwnStart from './OwnStart.vue';
import { listedGroups, OWN, subjectByRef } from './subjects.ts';

const props = defineProps<{ id?: string }>();
const route = useRoute();
const router = useRouter();
const notes = useNoteStore();
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
const keep = (): void => {
  if (creature.value)
    downloadText(`${creature.value.id}.json`, creatureText(creature.value), 'application/json');
};
async function remove(): Promise<void> {
  const gone = creature.value;
  if (!gone) return;
  const restore = await store.remove(gone.id);
  go('grey-heron', []);
  notes.tell({ sentence: say.isRemovedPiecesMade(gone.name), label: say.putItBack, act: restore });
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
      <OwnStart @taken="go($event, [])" />
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
        <ChoiceRow
          :label="say.lengthsAsSharesOf2"
          :value="norm"
          :options="NORMS"
          @set="norm = $event as Norm"
        />
        <ComparedBars :skeletons="skeletons" :norm="norm" />
      </section>
      <HintText v-else>{{ say.tickOtherAnimalsIn }}</HintText>
    </SheetFrame>
    <template v-if="subject && skeletons[0]" #ledger>
      <h2>{{ subject.animal.name }}</h2>
      <p class="latin">
        <i>{{ subject.animal.latin }}</i> · {{ subject.plan.name }}
      </p>
      <ActionButton kind="wide" @click="makePiece">{{ say.makePieceOfIt }}</ActionButton>
      <div class="acts">
        <RouterLink v-if="creature" class="quiet-button" :to="`/library/own/${creature.id}`">
          {{ say.changeIt }}
        </RouterLink>
        <ActionButton @click="makeOwn">
          {{ creature ? say.copyIt : say.takeItAsStart }}
        </ActionButton>
        <template v-if="creature">
          <ActionButton @click="keep">{{ say.saveToFile }}</ActionButton>
          <ActionButton @click="remove">{{ say.remove }}</ActionButton>
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
.compared {
  max-height: 46%;
  overflow-y: auto;
}
</style>
