<script setup lang="ts">
import * as say from './words.ts';
import { acceptanceOf, sameTarget, type Snag } from '@keen-sinew/core';
import { useEventListener } from '@vueuse/core';
import { computed, defineAsyncComponent, nextTick, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { isTyping } from '../composables/isTyping.ts';
import { useOutlineKept } from '../composables/useOutlineKept.ts';
import { providePiecePlan } from '../composables/usePiecePlan.ts';
import { provideSelection } from '../composables/useSelection.ts';
import { provideTurns } from '../composables/useTurns.ts';
import { useUndoKeys } from '../composables/useUndoKeys.ts';
import { usePieceStore } from '../stores/pieceStore.ts';
import { useWorkshopStore } from '../stores/workshopStore.ts';
import DefectBoundary from './DefectBoundary.vue';
import SnagLine from './SnagLine.vue';
import SpineNav from './SpineNav.vue';
import TopLine from './TopLine.vue';

const store = usePieceStore();
const workshops = useWorkshopStore();
/** What could not be kept, of the piece or of the workshop that a step touched with it. */
const saveProblem = computed(() => store.saveProblem ?? workshops.saveProblem);
const planned = providePiecePlan();
const { piece, plan, work, settled } = planned;
useOutlineKept(planned);
const { progress: bodyProgress, problem: bodyProblem } = work.body;
const { idle, ask } = provideTurns();
/** The stage comes after its frame, which is there at once. */
const framed = ref(false);
ask(() => (framed.value = true));
const { pick } = provideSelection();
const route = useRoute();
const router = useRouter();
/** Fetched when sheets and files are asked for the first time. */
const TabConflict = defineAsyncComponent(() => import('./TabConflict.vue'));
const FirstVisit = defineAsyncComponent(() => import('./FirstVisit.vue'));
const FilesDialog = defineAsyncComponent(() => import('../files/FilesDialog.vue'));
const filesShown = ref(false);
const filesAsked = ref(false);
watch(filesShown, (shown) => (filesAsked.value ||= shown));
/** The front door sends a first visitor on with it; it stays until it is closed. */
const isFirstVisit = ref(route.query['welcome'] !== undefined);
const snagLine = ref<InstanceType<typeof SnagLine> | null>(null);

const background = computed(() =>
  bodyProgress.value === null
    ? bodyProblem.value
    : say.workingOutBody(Math.round(bodyProgress.value * 100)),
);

/** Where a snag is seen: its stage, or the room of it that it is of. */
function roomOf({ stage, code, target }: Snag): string {
  if (target?.kind === 'picture') return `measure/pictures/${target.id}`;
  if (target?.kind === 'landmark') return 'measure/found';
  if (code === 'lie-mark-lost') return 'skin/lie';
  if (code === 'roller-seam') return 'skin/scales';
  if (/feather|sheet-too-short/.test(code)) return 'skin/feathers';
  return code === 'reading-doubted' ? 'measure/tape' : stage;
}

/** Counts a snag apart from now on, with those told in one sentence with it. */
const accept = (snag: Snag): void =>
  store.change(say.acceptSnag, (p) => ({
    ...p,
    accepted: { ...p.accepted, ...acceptanceOf(snag) },
  }));
/** Tells a snag again that was accepted. */
const recall = (snag: Snag): void => {
  const gone = Object.keys(acceptanceOf(snag));
  store.change(say.recallSnag, (p) => ({
    ...p,
    accepted: Object.fromEntries(Object.entries(p.accepted).filter(([key]) => !gone.includes(key))),
  }));
};

/** Goes to the stage and place of a snag, with the working that shows it open where there is one. */
async function showSnag(snag: Snag): Promise<void> {
  await router.push(`/piece/${piece.value.id}/${roomOf(snag)}`);
  await nextTick();
  const working = plan.value.workings.find((working) => sameTarget(working.target, snag.target));
  pick(snag.target ?? null, working?.id ?? null);
}

useUndoKeys(
  () => store.undo(),
  () => store.redo(),
);
/** What was picked in one stage is not drawn in the next. */
watch(
  () => route.meta['stage'] ?? route.name,
  () => pick(null),
);
useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const command = event.ctrlKey || event.metaKey;
  const key = event.key.toLowerCase();
  if (command || event.altKey || isTyping(event)) return;
  if (key === '.') snagLine.value?.showNext();
  else if (key === 'p') filesShown.value = true;
  else if (key === 'escape') pick(null);
});
</script>

<template>
  <div class="frame" :data-settled="settled && idle" :data-idle="idle">
    <a href="#sheet" class="skip">{{ say.skipToSheet }}</a>
    <TopLine @print="filesShown = true" />
    <div v-if="saveProblem" class="notice" role="alert">{{ saveProblem }}</div>
    <div v-if="store.workshopLeft" class="notice" role="status">
      {{ say.workshopWasChangedMeanwhile }}
    </div>
    <TabConflict v-if="store.theirs || store.changedElsewhere" :id="piece.id" />
    <div
      v-for="entry in store.damaged"
      :key="entry.id + entry.sentence"
      class="notice"
      role="alert"
    >
      {{
        say.storedPieceIsDamaged(
          entry.id,
          entry.recovered ? say.itsPreviousGoodCopy : '',
          entry.sentence,
        )
      }}
    </div>
    <FirstVisit v-if="isFirstVisit" :piece-id="piece.id" @close="isFirstVisit = false" />
    <div class="rooms">
      <SpineNav
        :piece-id="piece.id"
        :here="String(route.meta['stage'] ?? route.name)"
        :confirmed="piece.confirmed"
        :snags="plan.snags"
      />
      <DefectBoundary><RouterView v-if="framed" /></DefectBoundary>
    </div>
    <SnagLine
      ref="snagLine"
      :snags="plan.snags"
      :accepted="plan.accepted"
      :working="background"
      @show="showSnag"
      @accept="accept"
      @recall="recall"
    />
    <FilesDialog v-if="filesAsked" v-model:show="filesShown" />
  </div>
</template>

<style scoped>
.frame {
  height: 100%;
  display: flex;
  flex-direction: column;
  overflow: hidden;
  position: relative;
}
.rooms {
  flex: 1;
  min-height: 0;
  display: flex;
}
.notice {
  background: var(--sheet);
  border-bottom: 1.5px solid var(--rust);
  padding: 8px 18px;
}
.skip {
  position: absolute;
  left: -9999px;
}
.skip:focus {
  left: 12px;
  top: 12px;
  z-index: 9;
  background: var(--sheet);
  padding: 8px;
}
</style>
