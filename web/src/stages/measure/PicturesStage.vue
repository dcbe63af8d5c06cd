<script setup lang="ts">
import * as tell from './roomWords.ts';
import { computed, toRef } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import EmptyState from '../../kit/EmptyState.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import AddPictures from '../../pictures/AddPictures.vue';
import LandmarkGuide from '../../pictures/LandmarkGuide.vue';
import OutlinePart from '../../pictures/OutlinePart.vue';
import PictureCanvas from '../../pictures/PictureCanvas.vue';
import { withPictures } from '../../pictures/pictureChanges.ts';
import PictureDecisions from '../../pictures/PictureDecisions.vue';
import PictureStrip from '../../pictures/PictureStrip.vue';
import { usePictureDesk } from '../../pictures/usePictureDesk.ts';
import { usePictureImage } from '../../pictures/usePictureImage.ts';
import SheetFrame from '../../sheet/SheetFrame.vue';
import MeasureTabs from './MeasureTabs.vue';

const props = defineProps<{ picture?: string }>();
const { piece, change } = usePiecePlan();
const router = useRouter();
const desk = usePictureDesk(toRef(props, 'picture'));
const shown = desk.picture;
const { image, problem } = usePictureImage(() => piece.value.id, shown);

const label = computed(() => {
  const name = shown.value?.name ?? tell.picture;
  if (desk.tool.value === 'scale') return tell.clickTwoEndsOf(name);
  if (desk.tool.value === 'level') return tell.clickTwoEndsOfSomething(name);
  if (desk.tool.value === 'crop') return tell.clickTwoCornersOf(name);
  if (desk.tool.value === 'outline') return tell.clickRoundAnimalPoint(name);
  const mark = desk.current.value;
  return mark ? tell.clickOnEnterPlaces(name, mark.name) : tell.everythingAskedForIs(name);
});

function remove(): void {
  const gone = shown.value;
  if (gone === null) return;
  change(tell.remove(gone.name), (p) =>
    withPictures(
      p,
      p.references.pictures.filter((picture) => picture.id !== gone.id),
    ),
  );
  void router.push(`/piece/${piece.value.id}/measure/pictures`);
}
</script>

<template>
  <SheetFrame :label="tell.referencePictures">
    <MeasureTabs />
    <div class="shelf">
      <PictureStrip
        v-if="desk.pictures.value.length > 0"
        :piece-id="piece.id"
        :pictures="desk.pictures.value"
        :chosen="shown?.id"
      />
      <AddPictures />
    </div>
    <HintText v-if="problem" alarm>{{ problem }}</HintText>
    <PictureCanvas
      v-if="shown"
      :key="shown.id"
      :picture="shown"
      :image="image"
      :marks="desk.marks.value"
      :strokes="desk.strokes.value"
      :placing="desk.placing.value"
      :label="label"
      @point="desk.point"
      @move="desk.move"
      @mark="desk.choose"
      @nudge="desk.nudge"
      @erase="desk.erase"
      @next="desk.goNext()"
    />
    <EmptyState v-else :reason="tell.twoPicturesOfOne">
      <template #drawing
        ><svg class="drawn" viewBox="0 0 240 110" aria-hidden="true">
          <path d="M20 60 C60 30 120 30 160 55 L225 70" />
          <path d="M60 52 L54 74 L66 94 M150 54 L146 76 L160 94" />
          <path class="bar" d="M30 104 H110 M30 99 V109 M110 99 V109" />
          <circle
            v-for="[x, y] in [
              [60, 52],
              [54, 74],
              [66, 94],
              [150, 54],
              [146, 76],
              [160, 94],
            ]"
            :key="x"
            :cx="x"
            :cy="y"
            r="4"
          /></svg
      ></template>
      {{ tell.dropPicturesOrPages }}
    </EmptyState>
  </SheetFrame>
  <LedgerPanel stage="measure">
    <template v-if="shown">
      <LedgerSection :title="shown.name">
        <PictureDecisions :desk="desk" :picture="shown" />
      </LedgerSection>
      <LedgerSection :title="tell.landmarks">
        <LandmarkGuide :desk="desk" :picture="shown" />
      </LedgerSection>
      <LedgerSection
        v-if="shown.view === 'side' || shown.view === 'top'"
        :title="tell.outlineOfBody"
        folded
      >
        <OutlinePart :desk="desk" :picture="shown" />
      </LedgerSection>
      <p class="remove">
        <ActionButton @click="remove">
          {{ tell.removeThisPicture }}
        </ActionButton>
      </p>
    </template>
    <HintText v-else>{{ tell.noPictureYetLibrarys }}</HintText>
  </LedgerPanel>
</template>

<style scoped>
.shelf {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}
.drawn {
  width: 300px;
  margin: 0 auto;
  fill: none;
  stroke: var(--verdigris);
  stroke-width: 2.5;
}
.drawn .bar {
  stroke: var(--ink);
}
.drawn circle {
  fill: var(--sheet);
  stroke: var(--rust);
}
.remove {
  margin: 10px 0;
}
</style>
