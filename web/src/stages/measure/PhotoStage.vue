<script setup lang="ts">
import * as tell from './roomWords.ts';
import {
  recoverStance,
  stanceAngles,
  stanceDrawing,
  stanceToSend,
  type Picture,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import PickRow from '../../controls/PickRow.vue';
import ChoiceField from '../../controls/ChoiceField.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import PictureCanvas from '../../pictures/PictureCanvas.vue';
import { usePictureDesk } from '../../pictures/usePictureDesk.ts';
import { usePictureImage } from '../../pictures/usePictureImage.ts';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import SkeletonSpace from '../../sheet/SkeletonSpace.vue';
import MeasureTabs from './MeasureTabs.vue';
import PhotoBones from './PhotoBones.vue';

/** A stance from one photograph: bones of known length, nearer or farther, and what comes of it. */
const { piece, plan, change } = usePiecePlan();
const router = useRouter();
const photos = computed(() =>
  piece.value.references.pictures.filter((picture) => picture.view === 'photo'),
);
const chosenId = ref<string | undefined>(photos.value[0]?.id);
const desk = usePictureDesk(computed(() => chosenId.value ?? photos.value[0]?.id ?? 'none'));
const picture = computed<Picture | null>(() =>
  photos.value.length === 0 ? null : desk.picture.value,
);
const { image, problem } = usePictureImage(() => piece.value.id, picture);
const skeleton = computed(() => plan.value.measure.skeleton);
const startId = ref(skeleton.value.plan.stances[0]!.id);
const starts = computed(() =>
  skeleton.value.plan.stances.map(({ id, name }) => ({ label: name, value: id })),
);
const start = computed(() =>
  stanceAngles(skeleton.value, { presetId: startId.value, anglesDeg: {}, lifted: null }),
);
const found = computed(
  () => picture.value && recoverStance(skeleton.value, picture.value, start.value),
);
const shown = ref<'elevations' | 'space'>('elevations');
const SHOWN = [
  { label: tell.elevations, value: 'elevations' },
  { label: tell.inSpace, value: 'space' },
];
const rows = computed(() => {
  const angles = found.value?.angles;
  if (!angles) return [];
  const n = plan.value.measure.lifePerModel;
  const of = (view: 'side' | 'front' | 'top') =>
    stanceDrawing(skeleton.value, startId.value, angles, view, n);
  return [[of('side'), of('front')], [of('top')]];
});
const strokes = computed(() => {
  const bad = new Set(found.value?.impossible.map(({ bone }) => bone.id));
  return desk.strokes.value
    .filter((stroke) => !stroke.ends)
    .map((stroke) => (bad.has(stroke.id) ? { ...stroke, ink: 'alarm' as const } : stroke));
});

function flip(boneId: string): void {
  const bone = found.value?.bones.find((entry) => entry.bone.id === boneId);
  if (bone === undefined) return;
  desk.put(tell.turn(bone.bone.name, bone.nearer === 1 ? 'away' : 'nearer'), ({ nearer }) => ({
    nearer: { ...nearer, [boneId]: bone.nearer === 1 ? -1 : 1 },
  }));
}

function send(): void {
  const angles = found.value?.angles;
  if (!angles) return;
  const sent = stanceToSend(skeleton.value, startId.value, angles);
  change(tell.takeStanceFromPhotograph, (p) => ({
    ...p,
    stance: {
      ...p.stance,
      presetId: startId.value,
      gait: null,
      ...sent,
      lifted: sent.lifted && [...sent.lifted],
    },
  }));
  void router.push(`/piece/${piece.value.id}/stance`);
}
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
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="below">
        <SheetBoard
          v-if="rows.length > 0 && shown === 'elevations'"
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
        <p v-else class="empty">
          {{ tell.placeBothEndsOf }}
          <RouterLink :to="`/piece/${piece.id}/measure/pictures/${picture.id}`">
            {{ tell.placeLandmarks }}
          </RouterLink>
        </p>
      </div>
    </div>
    <div v-else class="empty">
      <p>
        {{ tell.onePhotographOfAnimal }}
      </p>
      <RouterLink :to="`/piece/${piece.id}/measure/pictures`">
        {{ tell.bringOneInAs }}
      </RouterLink>
    </div>
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
        <p class="says">
          {{
            tell.scalePxInMillimetre(
              found.pxPerMm.toFixed(3),
              found.calibrated ? tell.fromItsCalibration : tell.leastAtWhichEvery,
              Math.abs(found.headingDeg).toFixed(0),
            )
          }}
        </p>
        <p class="says">
          {{ tell.whetherBoneComesNearer }}
        </p>
        <ChoiceField
          small
          :label="tell.guessFromStance"
          :value="startId"
          :options="starts"
          @set="startId = $event"
        />
      </LedgerSection>
      <LedgerSection :title="tell.whatComesOfIt">
        <PickRow
          :label="tell.howRecoveredStanceIs"
          :value="shown"
          :options="SHOWN"
          @set="shown = $event as 'space'"
        />
        <button type="button" class="wide-button" :disabled="!found.angles" @click="send">
          {{ tell.sendThisStanceTo }}
        </button>
      </LedgerSection>
      <LedgerSection :title="tell.bonesNearerOrFarther">
        <PhotoBones :found="found" @flip="flip" />
      </LedgerSection>
    </template>
    <p v-else class="says">{{ tell.noPhotographYet }}</p>
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
.empty {
  margin: auto;
  max-width: 460px;
  text-align: center;
  color: var(--soft);
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
.problem {
  color: var(--rust);
  margin: 0;
}
.wide-button:disabled {
  background: var(--line);
  color: var(--soft);
  cursor: default;
}
</style>
