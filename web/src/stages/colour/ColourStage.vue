<script setup lang="ts">
import * as say from './words.ts';
import { elevation, layersOf, paintedForm, zoneAfter, type ReliefView } from '@keen-sinew/core';
import { computed, onMounted, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import CautionSign from '../../kit/CautionSign.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import HintText from '../../kit/HintText.vue';
import JobProgress from '../../kit/JobProgress.vue';
import SliderField from '../../kit/SliderField.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import BodyPending from '../BodyPending.vue';
import { usePickOnSheet } from '../usePickOnSheet.ts';
import ColourTabs from './ColourTabs.vue';
import LayerChoices from './LayerChoices.vue';
import RecipeCard from './RecipeCard.vue';
import TubeTable from './TubeTable.vue';
import ZoneColours from './ZoneColours.vue';

/** What to mix, layer by layer, and what it looks like on the animal. */
const { plan, work, askCoat } = usePiecePlan();
onMounted(askCoat);
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const colour = computed(() => plan.value.colour);
const VIEWS: { readonly label: string; readonly value: ReliefView }[] = [
  { label: say.fromSide, value: 'side' },
  { label: say.fromFront, value: 'front' },
  { label: say.fromAbove, value: 'top' },
  { label: say.fromBehind, value: 'back' },
  { label: say.fromLeftFront, value: 'three-quarter' },
];
const view = ref<ReliefView>('side');
const layers = computed(() => layersOf(plan.value));
/** How many layers are shown; all of them until somebody slides. */
const slid = ref<number | null>(null);
const many = computed(() => Math.min(slid.value ?? layers.value.length, layers.value.length));
const shownName = computed(() =>
  many.value === 0 ? say.ground : (layers.value[many.value - 1]?.name ?? ''),
);
const form = computed(
  () =>
    paintedForm(plan.value, view.value, many.value) ??
    elevation(plan.value, 'side', { show: 'zones', dimensions: false }),
);
const SHOWN = [
  { label: say.onAnimal, value: 'animal' },
  { label: say.card, value: 'card' },
];
const shown = ref('animal');
const rows = computed(() => [[form.value]]);
const swatches = computed(() =>
  (colour.value?.zones ?? []).map((zone) => ({
    id: zone.zone.id,
    name: zone.zone.name,
    now: zoneAfter(
      zone,
      layers.value.slice(0, many.value).map(({ id }) => id),
    ).mean,
    aim: zone.hex,
  })),
);
</script>

<template>
  <SheetFrame :label="say.coloursByZoneAnd">
    <ColourTabs />
    <div class="tools">
      <ChoiceRow :label="say.whatIsShown" :value="shown" :options="SHOWN" @set="shown = $event" />
      <ChoiceRow
        v-if="shown === 'animal'"
        :label="say.seenFrom"
        :value="view"
        :options="VIEWS"
        @set="view = $event as ReliefView"
      />
      <div v-if="layers.length > 0 && shown === 'animal'" class="layers">
        <SliderField
          :label="say.layersShown"
          :value="many"
          :min="0"
          :max="layers.length"
          :step="1"
          :said="shownName"
          @slide="slid = $event"
          @set="slid = $event"
        />
        <span>{{ shownName }}</span>
      </div>
      <ul v-if="shown === 'animal'" class="now" :aria-label="say.nowAndAim">
        <li
          v-for="zone in swatches"
          :key="zone.id"
          :title="`${zone.name}: ${zone.now}, ${zone.aim}`"
        >
          <i :style="{ background: zone.now }" /><i :style="{ background: zone.aim }" />
        </li>
      </ul>
    </div>
    <RecipeCard v-if="shown === 'card' && colour" :colour="colour" :layers="layers" />
    <SheetBoard
      v-else
      :rows="rows"
      :target="target"
      :label="say.formAfterLayers"
      @pick="pickOnSheet"
    />
  </SheetFrame>
  <LedgerPanel stage="colour">
    <BodyPending v-if="!colour" />
    <template v-else>
      <LedgerSection :title="say.howItIsLayered"><LayerChoices /></LedgerSection>
      <LedgerSection :title="say.tubesForAll">
        <JobProgress v-if="!colour.tubes" :job="work.paint" :sentence="say.recipesAreSearched" />
        <TubeTable v-else :colour="colour" />
      </LedgerSection>
      <LedgerSection :title="say.zonesAndTheirColours">
        <ZoneColours :colour="colour" />
      </LedgerSection>
      <LedgerSection :title="say.overEverything">
        <WorkingRow v-if="colour.primer" :working="colour.primer" />
        <WorkingRow
          v-for="varnish in colour.varnishes"
          :key="varnish.sheen"
          :working="varnish.ml"
        />
        <HintText>{{ say.varnishHints }}</HintText>
        <HintText v-for="{ id, words } in colour.advice" :key="id">{{ words }}</HintText>
        <CautionSign :ids="['spraying', 'sanding', 'solvent', 'label']" />
      </LedgerSection>
    </template>
  </LedgerPanel>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 18px;
  margin-bottom: 4px;
}
.layers {
  display: grid;
  grid-template-columns: 190px 120px;
  align-items: center;
  gap: 12px;
  font-size: 14px;
}
.now {
  display: flex;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.now i {
  display: inline-block;
  width: 12px;
  height: 18px;
}
</style>
