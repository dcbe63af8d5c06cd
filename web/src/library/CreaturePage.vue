<script setup lang="ts">
import * as say from './words.ts';
import {
  animalById,
  buildSkeleton,
  type Creature,
  creatureFaults,
  creatureText,
  findSubject,
  lineup,
  oddProportions,
  oddSentence,
  problemSentence,
  type Subject,
} from '@keen-sinew/core';
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useUndoKeys } from '../composables/useUndoKeys.ts';
import { downloadText } from '../files/download.ts';
import ActionButton from '../kit/ActionButton.vue';
import LedgerSection from '../ledger/LedgerSection.vue';
import SheetBoard from '../sheet/SheetBoard.vue';
import SheetFrame from '../sheet/SheetFrame.vue';
import { useCreatureStore } from '../stores/creatureStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import CreatureEyes from './CreatureEyes.vue';
import CreatureLengths from './CreatureLengths.vue';
import CreatureStart from './CreatureStart.vue';
import GraftList from './GraftList.vue';
import LibraryFrame from './LibraryFrame.vue';
import { OWN } from './subjects.ts';

const props = defineProps<{ id: string }>();
const router = useRouter();
const store = useCreatureStore();
const pieces = usePieceStore();
const loaded = ref(false);
onMounted(async () => {
  if (store.byId(props.id) === undefined) await store.load();
  await pieces.loadAll();
  loaded.value = true;
});

const creature = computed(() => store.byId(props.id));
const base = computed(() => {
  const animalId = creature.value?.base ?? '';
  return findSubject({ animalId, creature: null });
});
const faults = computed(() => (creature.value ? creatureFaults(creature.value) : []));
const subject = computed((): Subject | undefined =>
  creature.value && faults.value.length === 0
    ? findSubject({ animalId: creature.value.base, creature: creature.value })
    : undefined,
);
const skeleton = computed(
  () => subject.value && buildSkeleton(subject.value.plan, subject.value.animal),
);
const rows = computed(() => [
  [lineup([subject.value, base.value].filter((entry) => entry !== undefined))],
]);
const odd = computed(() => (subject.value ? oddProportions(subject.value).map(oddSentence) : []));

const change = (part: Partial<Creature>): void => {
  if (creature.value) store.change(creature.value, part);
};
async function makePiece(): Promise<void> {
  if (!creature.value) return;
  const id = await pieces.createOf(say.newWord(creature.value.name.toLowerCase()), creature.value);
  await router.push(`/piece/${id}/measure`);
}
const keep = (): void => {
  if (creature.value)
    downloadText(`${creature.value.id}.json`, creatureText(creature.value), 'application/json');
};
useUndoKeys(
  () => store.undo(props.id),
  () => store.redo(props.id),
);
</script>

<template>
  <LibraryFrame :title="creature?.name ?? say.animalOfYourOwn">
    <template #top>
      <ActionButton :disabled="!store.canUndo(id)" @click="store.undo(id)">
        {{ say.undo }}
      </ActionButton>
      <ActionButton :disabled="!store.canRedo(id)" @click="store.redo(id)">
        {{ say.redo }}
      </ActionButton>
      <RouterLink class="quiet-button" :to="`/library/${OWN}${id}`">{{
        say.backToLibrary
      }}</RouterLink>
    </template>
    <template v-if="creature && base" #list>
      <CreatureStart :creature="creature" :base="base" @change="change" />
    </template>
    <SheetFrame :label="say.besideAnimalThatIt(creature?.name ?? say.ownAnimal)">
      <template v-if="creature && base">
        <SheetBoard
          :rows="rows"
          :target="null"
          :label="say.besideThatItStarts(creature.name, base.animal.name.toLowerCase())"
        />
        <div v-if="faults.length > 0" class="faults" role="alert">
          <p v-for="fault in faults" :key="fault.where + fault.received">
            {{ problemSentence(fault) }}
          </p>
        </div>
        <ul v-if="odd.length > 0" class="odd" role="status">
          <li v-for="sentence in odd" :key="sentence">{{ sentence }}</li>
        </ul>
        <p v-else-if="faults.length === 0" class="fine">
          {{ say.everyProportionLiesWithin }}
        </p>
      </template>
      <p v-else-if="loaded" role="alert">
        {{ say.thereIsNoOwn(id) }}
        <RouterLink to="/library">{{ say.openLibrary }}</RouterLink>
      </p>
    </SheetFrame>
    <template v-if="creature" #ledger>
      <ActionButton kind="wide" :disabled="!subject" @click="makePiece">
        {{ say.makePieceOfIt }}
      </ActionButton>
      <ActionButton @click="keep">{{ say.saveToFile }}</ActionButton>
      <LedgerSection :title="say.partsOfOtherAnimals">
        <GraftList :creature="creature" :base="base" @change="change" />
      </LedgerSection>
      <LedgerSection :title="say.eyesAndWeight">
        <CreatureEyes :creature="creature" :subject="subject" @change="change" />
      </LedgerSection>
      <LedgerSection :title="say.boneLengthsInLife">
        <CreatureLengths
          v-if="skeleton"
          :creature="creature"
          :skeleton="skeleton"
          @change="change"
        />
      </LedgerSection>
      <p v-if="!animalById(creature.base)" class="faults">{{ say.itsBaseIsNot }}</p>
    </template>
  </LibraryFrame>
</template>

<style scoped>
a.quiet-button {
  text-decoration: none;
}
.faults {
  color: var(--rust);
  font-size: 14.5px;
}
.faults p {
  margin: 2px 0;
}
.odd {
  margin: 0;
  padding: 6px 10px 6px 24px;
  border-top: 1px solid var(--ochre);
  font-size: 14px;
  max-height: 110px;
  overflow-y: auto;
}
.fine {
  margin: 0;
  color: var(--soft);
  font-size: 14px;
}
</style>
