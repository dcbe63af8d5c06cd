<script setup lang="ts">
import * as say from './words.ts';
import { elevation, layersOf, paintedForm, type FoundColour } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import EmptyState from '../../../kit/EmptyState.vue';
import HintText from '../../../kit/HintText.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import SheetBoard from '../../../sheet/SheetBoard.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../../usePickOnSheet.ts';
import ColourTabs from '../ColourTabs.vue';
import FoundColours from './FoundColours.vue';
import { withFound } from './foundChanges.ts';
import PaletteTable from './PaletteTable.vue';
import PictureMarks from './PictureMarks.vue';
import PictureTools from './PictureTools.vue';
import { usePictureAsk } from './usePictureAsk.ts';

/** Colours to aim at, read from pictures of the animal; the piece stands beside the picture while zones take them. */
const { piece, plan, change } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const ask = usePictureAsk();
const { picture, image, unseen, mode, many, round, card, found, problem, busy } = ask;
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
      <PictureTools :ask="ask" />
      <HintText v-if="unseen" alarm>{{ unseen }}</HintText>
      <div class="beside">
        <PictureMarks
          v-if="image"
          :src="image.src"
          :alt="picture.name"
          :mode="mode"
          :round="round"
          :card="card"
          @round="ask.setRound($event)"
          @card="ask.setCard($event)"
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
        :busy="busy"
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
