<script setup lang="ts">
import * as say from './words.ts';
import { Moon, Sun } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import { useSettingsStore } from '../stores/settingsStore.ts';
import UndoButtons from './UndoButtons.vue';
import WorkingChip from './WorkingChip.vue';

const emit = defineEmits<{ print: [] }>();
const { piece, plan, change } = usePiecePlan();
const store = usePieceStore();
const settings = useSettingsStore();
const renaming = ref(false);

const animal = computed(() => plan.value.measure.skeleton.animal.name);
const stance = computed(
  () =>
    plan.value.stance.gait?.spec.name ??
    plan.value.measure.skeleton.plan.stances.find((s) => s.id === piece.value.stance.presetId)
      ?.name ??
    say.ownStance,
);
const saved = computed(() => {
  if (store.saveProblem) return say.notSaved;
  if (!store.savedAt) return say.saving;
  const at = new Date(store.savedAt);
  return say.saved(
    at.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hour12: false }),
  );
});

function rename(event: Event): void {
  const name = (event.target as HTMLInputElement).value.trim().slice(0, 80);
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
      <input
        v-if="renaming"
        :value="piece.name"
        :aria-label="say.nameOfPiece"
        autofocus
        @change="rename"
        @blur="rename"
        @keydown.escape="renaming = false"
      />
      <button v-else type="button" class="name" :title="say.rename" @click="renaming = true">
        {{ piece.name }}
      </button>
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
      <span class="saved" role="status" :class="{ problem: store.saveProblem }">{{ saved }}</span>
      <UndoButtons :history="store" />
      <button
        class="chip"
        type="button"
        :title="
          settings.units === 'metric' ? say.switchToInchesOunces : say.switchToMillimetresGrams
        "
        @click="settings.switchUnits()"
      >
        {{ settings.units === 'metric' ? 'mm · °C' : 'in · °F' }}
      </button>
      <button
        class="icon"
        type="button"
        :title="settings.theme === 'day' ? say.nightBench : say.paperByDay"
        :aria-label="settings.theme === 'day' ? say.nightBench : say.paperByDay"
        @click="settings.switchTheme()"
      >
        <component :is="settings.theme === 'day' ? Moon : Sun" :size="18" aria-hidden="true" />
      </button>
      <button class="print" type="button" :title="say.sheetsAndFilesP" @click="emit('print')">
        {{ say.printShopSheets }}
      </button>
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
  background: none;
  border: 0;
  padding: 0;
  cursor: text;
  font: 700 23px var(--font-title);
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
}
h1 {
  min-width: 120px;
  overflow: hidden;
}
h1 input {
  font: 700 23px var(--font-title);
  width: 260px;
  background: var(--sheet);
  border: 1px solid var(--ink);
  color: var(--ink);
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
.icon {
  background: none;
  border: 0;
  width: 32px;
  height: 32px;
  display: grid;
  place-items: center;
  cursor: pointer;
}
.chip {
  background: var(--sheet);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 6px 10px;
  cursor: pointer;
}
.print {
  background: var(--verdigris);
  color: var(--sheet);
  border: 0;
  border-radius: var(--radius);
  padding: 9px 14px;
  font-weight: 700;
  cursor: pointer;
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
