<script setup lang="ts">
import * as say from './words.ts';
import { PAPERS, type PaperName } from '@keen-sinew/core';
import ActionButton from '../kit/ActionButton.vue';
import DialogBox from '../kit/DialogBox.vue';
import ChoiceRow from '../kit/ChoiceRow.vue';
import HintText from '../kit/HintText.vue';
import JobProgress from '../kit/JobProgress.vue';
import { useSettingsStore } from '../stores/settingsStore.ts';
import LedgerSection from '../ledger/LedgerSection.vue';
import PrinterCheck from './PrinterCheck.vue';
import { usePieceFiles } from './usePieceFiles.ts';

defineProps<{ show: boolean }>();
const emit = defineEmits<{ 'update:show': [show: boolean] }>();
const settings = useSettingsStore();
const { files, makeSheets, busy, problem, packing } = usePieceFiles();
const isPacking = packing.shown;

const PAPER_OPTIONS = Object.keys(PAPERS).map((name) => ({ label: name, value: name }));
</script>

<template>
  <DialogBox
    :show="show"
    :label="say.sheetsAndFiles"
    :width-px="680"
    @update:show="emit('update:show', $event)"
  >
    <h2>{{ say.sheetsAndFiles }}</h2>
    <div class="first">
      <p>
        {{ say.elevationsWiresWithTheir }}
      </p>
      <div class="make">
        <ChoiceRow
          :label="say.paper"
          :value="settings.paper"
          :options="PAPER_OPTIONS"
          @set="settings.setPaper($event as PaperName)"
        />
        <ActionButton kind="main" class="pdf" :disabled="busy" @click="makeSheets()">
          {{ busy ? say.drawingSheets : say.shopSheetsPdf(settings.paper) }}
        </ActionButton>
      </div>
    </div>
    <LedgerSection folded :title="say.yourPrinterWhatBars">
      <PrinterCheck />
    </LedgerSection>
    <HintText v-if="problem" alarm>{{ problem }}</HintText>
    <JobProgress v-if="isPacking" :job="packing" :sentence="say.packingPictures" />
    <ul>
      <li v-for="file in files" :key="file.id">
        <ActionButton @click="file.make()">{{ file.title }}</ActionButton>
        <span>{{ file.what }}</span>
      </li>
    </ul>
  </DialogBox>
</template>

<style scoped>
.first {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 18px;
  align-items: center;
}
.make {
  display: grid;
  gap: 8px;
}
.pdf {
  padding: 14px 18px;
  font-weight: 700;
}
ul {
  list-style: none;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 170px 1fr;
  align-items: baseline;
  border-top: 1px dotted var(--line);
  padding: 6px 0;
}
li > :first-child {
  justify-self: start;
  text-align: left;
}
</style>
