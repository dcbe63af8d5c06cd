<script setup lang="ts">
import * as say from './words.ts';
import {
  animalById,
  ANIMALS,
  buildSkeleton,
  type Creature,
  creatureFaults,
  creatureSchema,
  creatureText,
  findSubject,
  lengthLimits,
  lineup,
  oddProportions,
  oddSentence,
  parseLength,
  parseLifeWeight,
  parseNumber,
  problemSentence,
  type Subject,
} from '@keen-sinew/core';
import { NInput } from 'naive-ui';
import { computed, onMounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useUndoKeys } from '../composables/useUndoKeys.ts';
import { useUnits } from '../composables/useUnits.ts';
import ChoiceField from '../controls/ChoiceField.vue';
import QuantityField from '../controls/QuantityField.vue';
import { downloadText } from '../files/download.ts';
import LedgerSection from '../ledger/LedgerSection.vue';
import SheetBoard from '../sheet/SheetBoard.vue';
import SheetFrame from '../sheet/SheetFrame.vue';
import { useCreatureStore } from '../stores/creatureStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import CreatureLengths from './CreatureLengths.vue';
import CreatureParts from './CreatureParts.vue';
import GraftList from './GraftList.vue';
import LibraryFrame from './LibraryFrame.vue';
import { OWN } from './subjects.ts';

const props = defineProps<{ id: string }>();
const router = useRouter();
const store = useCreatureStore();
const { system, text } = useUnits();
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
const animals = ANIMALS.map(({ id, name }) => ({ value: id, label: name })).toSorted((a, b) =>
  a.label.localeCompare(b.label),
);

const change = (part: Partial<Creature>): void => {
  if (creature.value) store.change(creature.value, part);
};
/** The name while it is typed; the animal is called so when that is done. */
const name = ref('');
watch(
  () => creature.value?.name,
  (now) => (name.value = now ?? ''),
  { immediate: true },
);
function rename(): void {
  const typed = name.value.trim();
  if (typed === '') name.value = creature.value?.name ?? '';
  else if (typed !== creature.value?.name) change({ name: typed });
}
const percent = (value: number): string => `${Math.round(value * 1000) / 10} %`;
const readPercent = (where: string, min: number, max: number) => (typed: string) => {
  const read = parseNumber(typed.replace('%', ''), where, min, max, '%');
  return read.ok ? { ok: true as const, value: read.value / 100 } : read;
};
const readKg = (typed: string) => parseLifeWeight(typed, say.weightInLife, system.value);
const weightText = ([low, high]: readonly [number, number]): string =>
  say.to2(text(low, 'kg'), text(high, 'kg'));

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
      <button
        type="button"
        class="quiet-button"
        :disabled="!store.canUndo(id)"
        @click="store.undo(id)"
      >
        {{ say.undo }}
      </button>
      <button
        type="button"
        class="quiet-button"
        :disabled="!store.canRedo(id)"
        @click="store.redo(id)"
      >
        {{ say.redo }}
      </button>
      <RouterLink class="quiet-button" :to="`/library/${OWN}${id}`">{{
        say.backToLibrary
      }}</RouterLink>
    </template>
    <template v-if="creature && base" #list>
      <label class="entry">
        <span>{{ say.name }}</span>
        <NInput
          v-model:value="name"
          :input-props="{ 'aria-label': say.nameOfAnimal, maxlength: 60 }"
          @change="rename"
          @keydown.esc="name = creature.name"
        />
      </label>
      <label class="entry">
        <span>{{ say.startsFrom }}</span>
        <ChoiceField
          :label="say.startsFrom"
          :value="creature.base"
          :options="animals"
          @set="change({ base: $event, without: [], lengthsMm: {}, girth: {} })"
        />
      </label>
      <label class="entry">
        <span>{{ say.sizeOfItAll }}</span>
        <QuantityField
          small
          :label="say.sizeOfItAll"
          :shown="percent(creature.size)"
          :parse="readPercent(say.size, 2, 5000)"
          @set="change({ size: $event })"
        />
      </label>
      <h2>{{ say.partsOf(base.animal.name.toLowerCase()) }}</h2>
      <CreatureParts :creature="creature" :base="base" @change="change" />
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
      <button type="button" class="wide-button" :disabled="!subject" @click="makePiece">
        {{ say.makePieceOfIt }}
      </button>
      <button type="button" class="quiet-button" @click="keep">{{ say.saveToFile }}</button>
      <LedgerSection :title="say.partsOfOtherAnimals">
        <GraftList :creature="creature" :base="base" @change="change" />
      </LedgerSection>
      <LedgerSection :title="say.eyesAndWeight">
        <label class="entry">
          <span>{{ say.eyeball }}</span>
          <QuantityField
            small
            :label="say.eyeball"
            :shown="text(creature.eyeMm ?? subject?.animal.eye.mm ?? 0, 'mm')"
            :parse="
              (typed) =>
                parseLength(typed, say.eyeball, lengthLimits('eyeMm', creatureSchema), system)
            "
            @set="change({ eyeMm: $event })"
          />
        </label>
        <label class="entry">
          <span>{{ say.weightInLife }}</span>
          <QuantityField
            small
            :label="say.weightInLife"
            :placeholder="say.toKg"
            :shown="creature.massKg ? weightText(creature.massKg) : ''"
            :parse="readKg"
            @set="change({ massKg: [...$event] })"
          />
        </label>
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
.entry {
  display: grid;
  grid-template-columns: 1fr;
  gap: 2px;
  margin-bottom: 8px;
  font-size: 14px;
}
aside .entry {
  grid-template-columns: 1fr 130px;
  align-items: center;
}
h2 {
  font-weight: 400;
  font-style: italic;
  color: var(--soft);
  font-size: 15px;
  margin-top: 12px;
  border-bottom: 1px solid var(--line);
}
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
