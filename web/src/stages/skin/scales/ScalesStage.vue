<script setup lang="ts">
import * as say from './words.ts';
import { flatSkin, flatSkins, stampSheet } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import HintText from '../../../kit/HintText.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import SheetBoard from '../../../sheet/SheetBoard.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../../usePickOnSheet.ts';
import SkinTabs from '../SkinTabs.vue';
import StampList from './StampList.vue';
import TubeRows from './TubeRows.vue';

/** Rows of scales, the skin laid flat to wrap or to trace, and stamps with their negatives. */
const { plan } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const tubes = computed(() => plan.value.skin.tubes);
const tubeId = ref<string | null>(null);
const tube = computed(
  () =>
    tubes.value.find(({ tube: of }) => of.id === tubeId.value) ??
    tubes.value.find(({ rows }) => rows !== null) ??
    tubes.value[0],
);
const TUBES = computed(() =>
  tubes.value.map(({ tube: { id, name } }) => ({ label: name, value: id })),
);
const rows = computed(() => [
  ...(tube.value === undefined ? [] : [[flatSkin(tube.value)]]),
  ...(plan.value.skin.stamps.length === 0 ? [] : [plan.value.skin.stamps.map(stampSheet)]),
]);
const hasRows = computed(() => flatSkins(plan.value).length > 0);
</script>

<template>
  <SheetFrame :label="say.skinLaidFlat">
    <SkinTabs />
    <ChoiceRow
      v-if="tube && TUBES.length > 1"
      :label="say.partLaidFlat"
      :value="tube.tube.id"
      :options="TUBES"
      @set="tubeId = $event"
    />
    <HintText v-if="!tube">{{ say.noTubes }}</HintText>
    <SheetBoard
      v-else
      :rows="rows"
      :target="target"
      :label="say.skinLaidFlatTrue"
      @pick="pickOnSheet"
    />
  </SheetFrame>
  <LedgerPanel stage="skin">
    <LedgerSection v-if="tube" :title="tube.tube.name">
      <TubeRows :tube="tube" />
      <HintText v-if="!hasRows">{{ say.noScalesHere }}</HintText>
    </LedgerSection>
    <LedgerSection :title="say.stampsAndRollers"><StampList /></LedgerSection>
  </LedgerPanel>
</template>
