<script setup lang="ts">
import * as say from './words.ts';
import { metalsOf, problemSentence, workshopText, type Adopted } from '@keen-sinew/core';
import { computed, onMounted, ref } from 'vue';
import { useUndoKeys } from '../composables/useUndoKeys.ts';
import { useUnits } from '../composables/useUnits.ts';
import { downloadText } from '../files/download.ts';
import { textOf } from '../files/textOf.ts';
import ActionButton from '../kit/ActionButton.vue';
import { FilePicker } from '../kit/heavy.ts';
import HintText from '../kit/HintText.vue';
import UndoButtons from '../shell/UndoButtons.vue';
import { usePieceStore } from '../stores/pieceStore.ts';
import { useSettingsStore } from '../stores/settingsStore.ts';
import { useWorkshopStore } from '../stores/workshopStore.ts';
import LotSections from './LotSections.vue';
import OvenPart from './OvenPart.vue';
import OwnStuffs from './OwnStuffs.vue';
import OwnTools from './OwnTools.vue';
import PacePart from './PacePart.vue';
import PaintsOnHand from './PaintsOnHand.vue';
import SheetsPart from './SheetsPart.vue';
import ToolChoices from './ToolChoices.vue';
import { useWorkshop } from './useWorkshop.ts';
import WireOnHand from './WireOnHand.vue';

/** Everything that belongs to the maker and not to a piece: every piece reads it from here. */
const store = useWorkshopStore();
const settings = useSettingsStore();
const { workshop, change } = useWorkshop();
const { system } = useUnits();
const loaded = ref(false);
const told = ref<string | null>(null);
const problem = ref<string | null>(null);
onMounted(async () => {
  // On a first visit the demonstration comes with its workshop.
  await usePieceStore().loadAll();
  loaded.value = true;
});
useUndoKeys(
  () => store.undo(),
  () => store.redo(),
);

const metals = computed(() =>
  metalsOf(workshop.value.wire.ownMetals).map(({ id, name }) => ({ label: name, value: id })),
);
const USUAL = { metal: 'aluminium-soft', size: { system: 'mm', value: 2 } } as const;

const keep = (): void =>
  downloadText('workshop.json', workshopText(workshop.value), 'application/json');

async function takeIn([file]: readonly File[]): Promise<void> {
  if (!file) return;
  const text = await textOf(file);
  const taken = text.ok
    ? await store.takeIn(text.value)
    : { sentence: problemSentence(text.problem) };
  problem.value = 'sentence' in taken ? say.wasNotTakenIn(file.name, taken.sentence) : null;
  told.value = 'sentence' in taken ? null : takenSentence(taken);
}

/** What was taken over, and what both have otherwise. */
const takenSentence = ({ kept }: Adopted): string =>
  kept.length === 0 ? say.whatWasMissingHere : say.whatWasMissingHereWas(kept.join(', '));
</script>

<template>
  <main class="workshop">
    <header>
      <RouterLink to="/pieces" :title="say.allPieces">
        <img src="/mark.svg" :alt="say.allPieces" width="34" height="34" />
      </RouterLink>
      <div>
        <h1>{{ say.workshop2 }}</h1>
        <p>{{ say.whatYouHaveAnd }}</p>
      </div>
      <div class="acts">
        <UndoButtons :history="store" />
        <ActionButton @click="settings.switchUnits()">
          {{ system === 'metric' ? 'mm · °C' : 'in · °F' }}
        </ActionButton>
        <ActionButton @click="keep">{{ say.saveToFile }}</ActionButton>
        <FilePicker :label="say.workshopFile" accept=".json,application/json" @take="takeIn">
          {{ say.takeInFromFile }}
        </FilePicker>
      </div>
    </header>
    <HintText v-if="store.saveProblem" alarm>{{ store.saveProblem }}</HintText>
    <HintText v-if="store.damage" alarm>
      {{ say.storedWorkshopWasDamaged(store.damage) }}
    </HintText>
    <HintText v-if="problem" alarm>{{ problem }}</HintText>
    <p v-if="told" role="status">{{ told }}</p>
    <template v-if="loaded">
      <div class="columns">
        <div>
          <section aria-labelledby="wire">
            <h2 id="wire">{{ say.wireOnHand }}</h2>
            <WireOnHand
              :stock="workshop.wire.stock"
              :metals="metals"
              :usual="USUAL"
              @set="(label, stock) => change(label, (w) => ({ ...w, wire: { ...w.wire, stock } }))"
            />
          </section>
          <section aria-labelledby="stuffs">
            <h2 id="stuffs">{{ say.stuffsByLabel }}</h2>
            <OwnStuffs />
          </section>
          <section aria-labelledby="paints">
            <h2 id="paints">{{ say.paintsOnHand }}</h2>
            <PaintsOnHand />
          </section>
        </div>
        <div>
          <section aria-labelledby="oven">
            <h2 id="oven">{{ say.oven }}</h2>
            <OvenPart />
          </section>
          <section aria-labelledby="pace">
            <h2 id="pace">{{ say.pace }}</h2>
            <PacePart />
          </section>
          <section aria-labelledby="tools">
            <h2 id="tools">{{ say.toolsForTexture }}</h2>
            <ToolChoices
              :tools="workshop.tools"
              @set="(label, tools) => change(label, (w) => ({ ...w, tools }))"
            />
            <OwnTools
              :tools="workshop.ownTools"
              @set="(label, ownTools) => change(label, (w) => ({ ...w, ownTools }))"
            />
          </section>
          <section aria-labelledby="sheets">
            <h2 id="sheets">{{ say.foilPaperSheetsOf }}</h2>
            <SheetsPart
              :sheets="workshop"
              @set="(label, part) => change(label, (w) => ({ ...w, ...part }))"
            />
          </section>
        </div>
      </div>
      <LotSections />
    </template>
    <p v-else aria-busy="true">{{ say.openingWorkshop }}</p>
  </main>
</template>

<style scoped>
.workshop {
  max-width: 1120px;
  margin: 0 auto;
  padding: 26px 24px 48px;
}
header {
  display: flex;
  gap: 16px;
  align-items: center;
  border-bottom: 1.5px solid var(--ink);
  padding-bottom: 12px;
  margin-bottom: 18px;
}
h1 {
  font-size: 30px;
  line-height: 1.1;
}
header p {
  margin: 2px 0 0;
  color: var(--soft);
}
.acts {
  margin-left: auto;
  display: flex;
  gap: 6px;
  align-items: center;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 0 40px;
}
section {
  margin-bottom: 22px;
}
h2 {
  font-size: 20px;
  margin-bottom: 4px;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: 1fr;
  }
  header {
    flex-wrap: wrap;
  }
}
</style>
