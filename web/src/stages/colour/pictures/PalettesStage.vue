<script setup lang="ts">
import * as say from './words.ts';
import {
  elevation,
  layersOf,
  paintedForm,
  type CardKind,
  type FoundColour,
  type Picture,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import EmptyState from '../../../kit/EmptyState.vue';
import HintText from '../../../kit/HintText.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import { usePictureImage } from '../../../pictures/usePictureImage.ts';
import SheetBoard from '../../../sheet/SheetBoard.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import type { Loop } from '../../../workers/palette.worker.ts';
import { usePickOnSheet } from '../../usePickOnSheet.ts';
import ColourTabs from '../ColourTabs.vue';
import FoundColours from './FoundColours.vue';
import { withFound } from './foundChanges.ts';
import PaletteTable from './PaletteTable.vue';
import PictureMarks from './PictureMarks.vue';
import { usePalette } from './usePalette.ts';

/** Colours to aim at, read from pictures of the animal; the piece stands beside the picture while zones take them. */
const { piece, plan, change } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const pictures = computed(() => piece.value.references.pictures);
const chosen = ref('');
const picture = computed<Picture | null>(
  () => pictures.value.find(({ id }) => id === chosen.value) ?? pictures.value[0] ?? null,
);
const { image, problem: unseen } = usePictureImage(() => piece.value.id, picture);
const mode = ref<'round' | 'card'>('round');
const kind = ref<CardKind>('grey');
/** By picture: what is drawn round on it, and where its card lies. */
const rounds = ref<Readonly<Record<string, Loop | null>>>({});
const cards = ref<Readonly<Record<string, Loop | null>>>({});
const many = ref(5);
const id = computed(() => picture.value?.id ?? '');
const round = computed(() => rounds.value[id.value] ?? null);
const card = computed(() => cards.value[id.value] ?? null);
const question = computed(() => ({
  ...{ round: round.value, card: card.value, kind: kind.value, many: many.value },
}));
const { found, problem, busy } = usePalette(() => piece.value.id, picture, question);
const MODES = (['round', 'card'] as const).map((value) => ({ label: say.MODES[value], value }));
const CARDS = (['grey', 'paper'] as const).map((value) => ({ label: say.CARDS[value], value }));
const rows = computed(() => [
  [
    paintedForm(plan.value, 'side', layersOf(plan.value).length) ??
      elevation(plan.value, 'side', { show: 'zones', dimensions: false }),
  ],
]);
const keep = (of: Omit<FoundColour, 'id'>): void => change(say.keepFound, (p) => withFound(p, of));
</script>

<template>
  <SheetFrame :label="say.picturesAndAnimal">
    <ColourTabs />
    <EmptyState v-if="picture === null" :reason="say.noPictures">
      <RouterLink :to="`/piece/${piece.id}/measure/pictures`">{{ say.toPictures }}</RouterLink>
    </EmptyState>
    <template v-else>
      <div class="tools">
        <ChoiceField
          small
          :label="say.whichPicture"
          :value="picture.id"
          :options="pictures.map(({ id: value, name: label }) => ({ label, value }))"
          @set="chosen = $event"
        />
        <RouterLink :to="`/piece/${piece.id}/measure/pictures`">{{ say.morePictures }}</RouterLink>
        <ChoiceRow
          :label="say.whatYouSet"
          :value="mode"
          :options="MODES"
          @set="mode = $event as 'round' | 'card'"
        />
        <ChoiceRow
          v-if="mode === 'card'"
          :label="say.whatCard"
          :value="kind"
          :options="CARDS"
          @set="kind = $event as CardKind"
        />
        <ActionButton v-if="round" @click="rounds = { ...rounds, [id]: null }">{{
          say.wholePicture
        }}</ActionButton>
        <ActionButton v-if="card" @click="cards = { ...cards, [id]: null }">{{
          say.noCard
        }}</ActionButton>
      </div>
      <HintText v-if="unseen" alarm>{{ unseen }}</HintText>
      <div class="beside">
        <PictureMarks
          v-if="image"
          :src="image.src"
          :alt="picture.name"
          :mode="mode"
          :round="round"
          :card="card"
          @round="rounds = { ...rounds, [id]: $event }"
          @card="cards = { ...cards, [id]: $event }"
        />
        <SheetBoard
          still
          :rows="rows"
          :target="target"
          :label="say.colourNow"
          @pick="pickOnSheet"
        />
      </div>
      <HintText>{{ say.setHint }}</HintText>
    </template>
  </SheetFrame>
  <LedgerPanel stage="colour">
    <LedgerSection v-if="picture" :title="say.colourOfPicture">
      <HintText v-if="problem" alarm role="alert">{{ problem }}</HintText>
      <PaletteTable
        v-if="found"
        :found="found"
        :many="many"
        :next="piece.colour.found.length + 1"
        :picture="picture.name"
        @many="many = $event"
        @keep="keep"
      />
      <HintText v-else-if="busy" role="status">{{ say.lookingAt }}</HintText>
    </LedgerSection>
    <LedgerSection :title="say.foundColours"><FoundColours /></LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  margin: 6px 0;
}
.beside {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 14px;
  flex: 1;
  min-height: 0;
}
@media (width < 1000px) {
  .beside {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
