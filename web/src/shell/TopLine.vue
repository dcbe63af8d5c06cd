<script setup lang="ts">
import * as say from './words.ts';
import { cutText } from '@keen-sinew/core';
import { Keyboard, Moon, Sun } from 'lucide-vue-next';
import { NInput } from 'naive-ui';
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import ActionButton from '../kit/ActionButton.vue';
import { useKeysStore } from '../stores/keysStore.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import { useSettingsStore } from '../stores/settingsStore.ts';
import { storageTrouble } from '../stores/storageTrouble.ts';
import UndoButtons from './UndoButtons.vue';
import WorkingChip from './WorkingChip.vue';

const emit = defineEmits<{ print: [] }>();
const { piece, plan, change } = usePiecePlan();
const store = usePieceStore();
const settings = useSettingsStore();
const keys = useKeysStore();
const renaming = ref(false);
const field = useTemplateRef('field');
function beginRename(): void {
  renaming.value = true;
  void nextTick(() => field.value?.select());
}

const animal = computed(() => plan.value.measure.skeleton.animal.name);
const stance = computed(
  () =>
    plan.value.stance.gait?.spec.name ??
    plan.value.measure.skeleton.plan.stances.find((s) => s.id === piece.value.stance.presetId)
      ?.name ??
    say.ownStance,
);
/** Refused by the browser, or overtaken by another tab. */
const isUnsaved = computed(
  () => store.saveProblem !== null || store.theirs !== null || storageTrouble.value !== null,
);
const saved = computed(() => {
  if (isUnsaved.value) return say.notSaved;
  if (!store.savedAt) return say.saving;
  const at = new Date(store.savedAt);
  return say.saved(
    at.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false }),
  );
});

function rename(typed: string): void {
  // Escape has put the name back: the field that goes away changes nothing.
  if (!renaming.value) return;
  const name = cutText(typed.trim(), 80);
  renaming.value = false;
  if (name !== '' && name !== piece.value.name) change(say.renamePiece, (p) => ({ ...p, name }));
}
</script>

<template>
  <header class="top">
    <RouterLink to="/pieces" class="home" :title="say.allPieces">
      <img src="/mark.svg" :alt="say.allPieces" width="26" height="26" />
    </RouterLink>
    <h1>
      <NInput
        v-if="renaming"
        ref="field"
        class="rename"
        :default-value="piece.name"
        :maxlength="80"
        :input-props="{ 'aria-label': say.nameOfPiece }"
        @change="rename"
        @blur="renaming = false"
        @keydown.escape="renaming = false"
      />
      <ActionButton v-else kind="plain" class="name" :title="say.rename" @click="beginRename">
        {{ piece.name }}
      </ActionButton>
    </h1>
    <span class="what">{{ animal }} · {{ stance.toLowerCase() }}</span>
    <div class="chips">
      <WorkingChip :label="say.scale" :working="plan.measure.scale" />
      <span class="tall">
        <WorkingChip :label="say.tallAsPosed" :working="plan.stance.heightAsPosed" />
      </span>
      <WorkingChip v-if="plan.mass" :label="say.clay" :working="plan.mass.clayGrams" />
    </div>
    <div class="right">
      <span class="saved" role="status" :class="{ problem: isUnsaved }">{{ saved }}</span>
      <UndoButtons :history="store" />
      <ActionButton
        kind="line"
        :title="
          settings.units === 'metric' ? say.switchToInchesOunces : say.switchToMillimetresGrams
        "
        @click="settings.switchUnits()"
      >
        {{ settings.units === 'metric' ? 'mm · °C' : 'in · °F' }}
      </ActionButton>
      <ActionButton
        kind="icon"
        :title="settings.theme === 'day' ? say.nightBench : say.paperByDay"
        :aria-label="settings.theme === 'day' ? say.nightBench : say.paperByDay"
        @click="settings.switchTheme()"
      >
        <component :is="settings.theme === 'day' ? Moon : Sun" :size="18" aria-hidden="true" />
      </ActionButton>
      <ActionButton kind="icon" :title="say.keysListed" :aria-label="say.keys" @click="keys.show()">
        <Keyboard :size="18" aria-hidden="true" />
      </ActionButton>
      <ActionButton kind="main" :title="say.sheetsAndFilesP" @click="emit('print')">
        {{ say.printShopSheets }}
      </ActionButton>
    </div>
  </header>
</template>

<style scoped>
.top {
  display: flex;
  align-items: center;
  gap: 14px;
  padding: 0 18px 0 16px;
  height: 56px;
  border-bottom: 1.5px solid var(--ink);
  white-space: nowrap;
}
.home {
  display: flex;
}
.name {
  padding: 0;
  cursor: text;
  font: 700 23px var(--font-title);
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
h1 {
  flex: none;
  max-width: 300px;
  overflow: hidden;
}
.rename {
  font: 700 23px var(--font-title);
  width: 260px;
}
.what,
.saved {
  color: var(--soft);
}
.saved {
  font-size: 14px;
}
.problem {
  color: var(--rust);
  font-weight: 700;
}
.what {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
}
.chips,
.right {
  display: flex;
  align-items: center;
  gap: 10px;
}
.chips,
.right {
  flex: none;
}
.right {
  margin-left: auto;
}
@media (max-width: 1180px) {
  .what {
    display: none;
  }
}
@media (max-width: 1080px) {
  .tall {
    display: none;
  }
}
</style>
