<script setup lang="ts">
import * as tell from './roomWords.ts';
import { ref } from 'vue';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import HintText from '../../kit/HintText.vue';
import EmptyState from '../../kit/EmptyState.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import PictureCanvas from '../../pictures/PictureCanvas.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import SkeletonSpace from '../../sheet/SkeletonSpace.vue';
import MeasureTabs from './MeasureTabs.vue';
import PhotoBones from './PhotoBones.vue';
import { usePhotoStance } from './usePhotoStance.ts';

/** A stance from one photograph: bones of known length, nearer or farther, and what comes of it. */
const { piece, photos, picture, image, problem, skeleton, chosenId, ...photo } = usePhotoStance();
const { startId, starts, found, rows, strokes, flip, send } = photo;
const shown = ref<'elevations' | 'space'>('elevations');
const SHOWN = [
  { label: tell.elevations, value: 'elevations' },
  { label: tell.inSpace, value: 'space' },
];
</script>

<template>
  <SheetFrame :label="tell.stanceFromOnePhotograph">
    <MeasureTabs />
    <div v-if="picture" class="halves">
      <PictureCanvas
        :key="picture.id"
        :picture="picture"
        :image="image"
        :marks="[]"
        :strokes="strokes"
        :placing="false"
        :label="tell.clickOnBoneTo(picture.name)"
        @stroke="flip"
      />
      <HintText v-if="problem" alarm>{{ problem }}</HintText>
      <div class="below">
        <SheetBoard
          v-if="rows.length > 0 && shown === 'elevations'"
          still
          :rows="rows"
          :target="null"
          :label="tell.recoveredStanceInThree"
        />
        <SkeletonSpace
          v-else-if="found?.angles"
          :skeleton="skeleton"
          :preset-id="startId"
          :angles="found.angles"
        />
        <HintText v-else>
          {{ tell.placeBothEndsOf }}
          <RouterLink :to="`/piece/${piece.id}/measure/pictures/${picture.id}`">
            {{ tell.placeLandmarks }}
          </RouterLink>
        </HintText>
      </div>
    </div>
    <EmptyState v-else :reason="tell.onePhotographOfAnimal">
      <RouterLink :to="`/piece/${piece.id}/measure/pictures`">
        {{ tell.bringOneInAs }}
      </RouterLink>
    </EmptyState>
  </SheetFrame>
  <LedgerPanel stage="measure">
    <template v-if="picture && found">
      <LedgerSection :title="tell.photograph">
        <ChoiceField
          v-if="photos.length > 1"
          :label="tell.photograph2"
          :value="picture.id"
          :options="photos.map(({ id, name }) => ({ label: name, value: id }))"
          @set="chosenId = $event"
        />
        <HintText>
          {{
            tell.scalePxInMillimetre(
              found.pxPerMm.toFixed(3),
              found.calibrated ? tell.fromItsCalibration : tell.leastAtWhichEvery,
              Math.abs(found.headingDeg).toFixed(0),
            )
          }}
        </HintText>
        <HintText>
          {{ tell.whetherBoneComesNearer }}
        </HintText>
        <ChoiceField
          small
          :label="tell.guessFromStance"
          :value="startId"
          :options="starts"
          @set="startId = $event"
        />
      </LedgerSection>
      <LedgerSection :title="tell.whatComesOfIt">
        <ChoiceRow
          :label="tell.howRecoveredStanceIs"
          :value="shown"
          :options="SHOWN"
          @set="shown = $event as 'space'"
        />
        <ActionButton kind="wide" :disabled="!found.angles" @click="send">
          {{ tell.sendThisStanceTo }}
        </ActionButton>
      </LedgerSection>
      <LedgerSection :title="tell.bonesNearerOrFarther">
        <PhotoBones :found="found" @flip="flip" />
      </LedgerSection>
    </template>
    <HintText v-else>{{ tell.noPhotographYet }}</HintText>
  </LedgerPanel>
</template>

<style scoped>
.halves {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-rows: minmax(0, 1fr) minmax(0, 1.05fr);
  gap: 10px;
}
.below {
  min-height: 0;
  display: flex;
}
</style>
