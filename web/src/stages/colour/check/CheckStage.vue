<script setup lang="ts">
import * as say from './words.ts';
import {
  calibrate,
  elevation,
  layersOf,
  paintedForm,
  type Drawing,
  type ReliefView,
} from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import EmptyState from '../../../kit/EmptyState.vue';
import HintText from '../../../kit/HintText.vue';
import LedgerPanel from '../../../ledger/LedgerPanel.vue';
import LedgerSection from '../../../ledger/LedgerSection.vue';
import DrawingItems from '../../../sheet/DrawingItems.vue';
import SheetFrame from '../../../sheet/SheetFrame.vue';
import { usePickOnSheet } from '../../usePickOnSheet.ts';
import { withPart } from '../../withPart.ts';
import ColourTabs from '../ColourTabs.vue';
import PictureMarks from '../pictures/PictureMarks.vue';
import PictureTools from '../pictures/PictureTools.vue';
import { usePictureAsk } from '../pictures/usePictureAsk.ts';
import CheckTable from './CheckTable.vue';
import LaidPiece from './LaidPiece.vue';
import LaidSection from './LaidSection.vue';
import { useLaidPiece } from './useLaidPiece.ts';

/** The painted piece beside a picture of the animal at one scale, and where its colours are farthest off. */
const { piece, plan, change } = usePiecePlan();
const { target } = useSelection();
const pickOnSheet = usePickOnSheet();
const ask = usePictureAsk();
const { picture, image, unseen, mode, round, card, found, problem, busy } = ask;
const VIEWS = (Object.keys(say.views) as ReliefView[]).map((value) => ({
  ...{ label: say.views[value], value },
}));
const view = ref<ReliefView>('side');
const laid = useLaidPiece(ask, view);
const { form, placing } = laid;
const drawing = computed<Drawing>(
  () =>
    paintedForm(plan.value, view.value, layersOf(plan.value).length, false) ??
    elevation(plan.value, 'side', { show: 'zones', dimensions: false }),
);
const box = computed(() => {
  const { min, max } = drawing.value.box;
  return { x: min[0], y: -max[1], wide: max[0] - min[0], high: max[1] - min[1] };
});
/** How wide the picture is on the model, mm; null without a scale. */
const pictureMm = computed(() => {
  if (picture.value === null) return null;
  const { skeleton, lifePerModel } = plan.value.measure;
  const known = calibrate(picture.value, skeleton);
  return typeof known === 'string' ? null : (picture.value.widthPx * known.mmPerPx) / lifePerModel;
});
/** Both fill the sheet, as wide against each other as they are. */
const columns = computed(() => {
  const own = pictureMm.value ?? box.value.wide;
  return `minmax(0, ${own}fr) minmax(0, ${box.value.wide}fr)`;
});
const zones = computed(() =>
  (plan.value.colour?.zones ?? []).map(({ zone: { id, name } }) => ({ label: name, value: id })),
);
const zone = ref('');
watch(
  [target, zones],
  ([now]) => {
    const has = (id: string): boolean => zones.value.some(({ value }) => value === id);
    if (now?.kind === 'zone' && has(now.id)) zone.value = now.id;
    else if (!has(zone.value)) zone.value = zones.value[0]?.value ?? '';
  },
  { immediate: true },
);
const zoneName = computed(() => zones.value.find(({ value }) => value === zone.value)?.label ?? '');
/** The colour of what is drawn round, once it is looked at: until then what was found is of something else. */
const hex = computed(() =>
  round.value === null || busy.value ? null : (found.value?.area?.base ?? null),
);
function tell(): void {
  const [seen, of] = [hex.value, picture.value];
  if (seen === null || of === null) return;
  change(say.thisIs(zoneName.value), (p) =>
    withPart(p, 'colour', {
      seen: { ...p.colour.seen, [zone.value]: { hex: seen, picture: of.name } },
    }),
  );
}
</script>

<template>
  <SheetFrame :label="say.pieceBesideAnimal">
    <ColourTabs />
    <EmptyState v-if="picture === null" :reason="say.noPictures">
      <RouterLink :to="`/piece/${piece.id}/measure/pictures`">{{ say.toPictures }}</RouterLink>
    </EmptyState>
    <template v-else>
      <PictureTools :ask="ask" />
      <ChoiceRow
        :label="say.seenFrom"
        :value="view"
        :options="VIEWS"
        @set="view = $event as ReliefView"
      />
      <HintText v-if="unseen" alarm>{{ unseen }}</HintText>
      <div class="beside" :style="{ gridTemplateColumns: columns }">
        <PictureMarks
          v-if="image"
          :src="image.src"
          :alt="picture.name"
          :mode="mode"
          :round="round"
          :card="card"
          @round="ask.setRound($event)"
          @card="ask.setCard($event)"
        >
          <LaidPiece
            v-if="form && placing"
            :form="form"
            :placing="placing"
            :width-px="picture.widthPx"
            :height-px="picture.heightPx"
            @move="laid.move($event)"
          />
        </PictureMarks>
        <svg
          :viewBox="`${box.x} ${box.y} ${box.wide} ${box.high}`"
          role="img"
          :aria-label="say.painted"
        >
          <DrawingItems
            :drawing="drawing"
            :mm-per-px="box.wide / 400"
            :target="target"
            @pick="pickOnSheet"
          />
        </svg>
      </div>
      <HintText>{{ pictureMm === null ? say.noScale : say.oneScale }}</HintText>
    </template>
  </SheetFrame>
  <LedgerPanel stage="colour">
    <LedgerSection v-if="picture" :title="say.askPicture">
      <HintText>{{ say.setHint }}</HintText>
      <ChoiceField
        small
        :label="say.whichZone"
        :value="zone"
        :options="zones"
        @set="zone = $event"
      />
      <HintText v-if="problem" alarm role="alert">{{ problem }}</HintText>
      <HintText v-else-if="round === null">{{ say.drawRound }}</HintText>
      <HintText v-else-if="busy" role="status">{{ say.lookingAt }}</HintText>
      <p v-else-if="hex"><i :style="{ background: hex }" /> {{ hex }}</p>
      <ActionButton kind="line" :disabled="hex === null" @click="tell">{{
        say.thisIs(zoneName)
      }}</ActionButton>
    </LedgerSection>
    <LedgerSection v-if="picture" :title="say.askAll"><LaidSection :laid="laid" /></LedgerSection>
    <LedgerSection :title="say.howFarOff"><CheckTable /></LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.beside {
  display: grid;
  gap: 14px;
  align-items: center;
  flex: 1;
  min-height: 0;
  margin-top: 6px;
}
.beside > svg {
  width: 100%;
  max-height: 62vh;
}
i {
  display: inline-block;
  width: 30px;
  height: 18px;
  border: 1px solid var(--soft);
  vertical-align: -4px;
}
p {
  margin: 4px;
}
</style>
