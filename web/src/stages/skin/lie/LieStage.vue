<script setup lang="ts">
import * as say from './words.ts';
import type { LieMarkKind, ReliefView } from '@keen-sinew/core';
import { LIE_MARK_KINDS } from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import HintText from '../../../kit/HintText.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import CoatSheet from '../CoatSheet.vue';
import SkinTabs from '../SkinTabs.vue';
import { useCoatView } from '../useCoatView.ts';
import LieHandles from './LieHandles.vue';
import { withNewMark } from './lieChanges.ts';
import MarkList from './MarkList.vue';

/** How the coat lies: the map from all sides, with lines, partings and whorls drawn on it. */
const { plan, change } = usePiecePlan();
const { target } = useSelection();
const { view, options, rows, isDrawn } = useCoatView(() => 'flow');
const tool = ref<LieMarkKind | 'move'>('move');
const TOOLS = [
  { label: say.moveTool, value: 'move' },
  ...LIE_MARK_KINDS.map((value) => ({ label: say.markKinds[value], value })),
];
const kind = computed(() => (tool.value === 'move' ? null : tool.value));
const chosen = ref<string | null>(null);
watch(target, (now) => {
  if (now?.kind === 'lie') chosen.value = now.id;
});
const dragging = ref(false);
const whorls = computed(() => plan.value.coat?.whorls ?? []);
const boneName = (boneId: string): string =>
  plan.value.measure.skeleton.byId.get(boneId)?.plainName.toLowerCase() ?? boneId;
/** A whorl that the lie makes by itself becomes one that is set, to be moved. */
function setWhorl(n: number): void {
  const place = whorls.value[n]!;
  const at = { ...place, around: Math.max(-180, Math.min(180, place.around)) };
  change(say.drawMark(say.markKinds.whorl.toLowerCase()), (p) =>
    withNewMark(p, 'whorl', [at], plan.value.coat!.cellMm * 3),
  );
}
</script>

<template>
  <SheetFrame :label="say.howCoatLies">
    <SkinTabs />
    <CoatSheet
      :view="view"
      :options="options"
      :rows="rows"
      :is-drawn="isDrawn"
      :label="say.mapOfLie"
      :hold="dragging"
      handles
      @see="view = $event"
    >
      <template #beside>
        <ChoiceRow
          v-if="view !== 'head' && view !== 'space'"
          :label="say.whatDragDoes"
          :value="tool"
          :options="TOOLS"
          @set="tool = $event as LieMarkKind | 'move'"
        />
      </template>
      <template #default="{ drawing, mmPerPx, pointIn }">
        <LieHandles
          v-if="isDrawn && view !== 'head'"
          :view="view as ReliefView"
          :box="drawing.box"
          :mm-per-px="mmPerPx"
          :point-in="pointIn"
          :kind="kind"
          :chosen="chosen"
          @choose="chosen = $event"
          @dragging="dragging = $event"
          @drawn="tool = 'move'"
        />
      </template>
    </CoatSheet>
  </SheetFrame>
  <LedgerPanel stage="skin">
    <LedgerSection :title="say.marksOfCoat">
      <HintText>{{ say.howToDraw }}</HintText>
      <MarkList :chosen="chosen" @choose="chosen = $event" />
    </LedgerSection>
    <LedgerSection :title="say.whorlsFound" folded>
      <HintText>{{ say.whereLieVanishes }}</HintText>
      <ul>
        <li v-for="(place, n) in whorls" :key="n">
          {{ say.whorlAt(boneName(place.boneId), Math.round(100 * place.along)) }}
          <ActionButton kind="line" @click="setWhorl(n)">{{ say.setAndMove }}</ActionButton>
        </li>
      </ul>
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 3px 4px;
  border-bottom: 1px dotted var(--line);
}
</style>
