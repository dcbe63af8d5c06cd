<script setup lang="ts">
import * as say from './words.ts';
import {
  accepted,
  clickSpread,
  GAP_WORDS,
  lengthLimits,
  limitsOf,
  parseLength,
  type Picture,
  type PictureView,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import { useUnits } from '../composables/useUnits.ts';
import ChoiceField from '../controls/ChoiceField.vue';
import DecisionRow from '../controls/DecisionRow.vue';
import QuantityField from '../controls/QuantityField.vue';
import WorkingRow from '../ledger/WorkingRow.vue';
import type { PictureDesk } from './usePictureDesk.ts';

/** What a picture shows, its scale, its level and its camera. */
const props = defineProps<{ desk: PictureDesk; picture: Picture }>();
const { plan } = usePiecePlan();
const { system, text } = useUnits();
const VIEWS = [
  { label: say.side, value: 'side' },
  { label: say.front, value: 'front' },
  { label: say.above, value: 'top' },
  { label: say.behind, value: 'back' },
  { label: say.onePhotograph, value: 'photo' },
];
const FACINGS = [
  { label: say.toLeft, value: 'left' },
  { label: say.toRight, value: 'right' },
];
const BONE = 'bone:';
const scaleWays = computed(() => [
  { label: say.twoPoints, value: 'length' },
  ...plan.value.measure.skeleton.bones
    .filter((bone) => bone.side !== 'right')
    .map((bone) => ({ label: bone.plainName, value: BONE + bone.id })),
]);
const scaleWay = computed(() => {
  const { scale } = props.picture;
  return scale?.by === 'bone' ? BONE + scale.boneId : 'length';
});
const length = computed(() => (props.picture.scale?.by === 'length' ? props.picture.scale : null));
const working = computed(() =>
  plan.value.references.workings.find(
    ({ id }) => id === `measure.picture.${props.picture.id}.scale`,
  ),
);
const gap = computed(
  () => plan.value.references.gaps.find(({ picture }) => picture.id === props.picture.id)?.gap,
);
const spread = computed(() => clickSpread(props.picture));
const shrink = computed(() => {
  const { camera } = props.picture;
  return camera === null ? null : (camera.distanceMm - camera.nearerMm) / camera.distanceMm;
});

function setScaleWay(way: string): void {
  if (way.startsWith(BONE))
    props.desk.put(say.takeScaleFromBone, () => ({
      scale: { by: 'bone', boneId: way.slice(BONE.length) },
    }));
  else {
    if (props.picture.scale?.by === 'bone')
      props.desk.put(say.takeScaleFromTwo, () => ({ scale: null }));
    props.desk.take('scale');
  }
}

const readKnown = (typed: string) =>
  parseLength(typed, say.knownLength, lengthLimits('references.pictures.*.scale.mm'), system.value);
const readUnsure = (typed: string) =>
  parseLength(
    typed.replace('±', ''),
    say.howSure,
    lengthLimits('references.pictures.*.scale.plusMinusMm'),
    system.value,
  );
const readDistance = (typed: string) =>
  typed.trim() === ''
    ? accepted(null)
    : parseLength(
        typed,
        say.cameraDistance,
        lengthLimits('references.pictures.*.camera.distanceMm'),
        system.value,
      );
/** Farther than the scale is told by a minus. */
function readNearer(typed: string) {
  const minus = /^\s*[-−]/.test(typed);
  const read = parseLength(
    typed.replace(/^\s*[-−]/, ''),
    say.nearerThanScale,
    { minMm: 0, maxMm: limitsOf('references.pictures.*.camera.nearerMm').max },
    system.value,
  );
  return read.ok && minus ? accepted(-read.value) : read;
}

const setLength = (part: { mm?: number; plusMinusMm?: number }): void =>
  props.desk.put(say.changeKnownLength, ({ scale }) =>
    scale?.by === 'length' ? { scale: { ...scale, ...part } } : {},
  );
const setDistance = (mm: number | null): void =>
  props.desk.put(say.changeCamerasDistance, ({ camera }) => ({
    camera: mm === null ? null : { nearerMm: 0, ...camera, distanceMm: mm },
  }));
const turn = (): void =>
  props.desk.put(say.turnPicture, ({ turnDeg }) => ({
    turnDeg: ((turnDeg + 90) % 360) as Picture['turnDeg'],
  }));
</script>

<template>
  <DecisionRow :name="say.seenFrom">
    <ChoiceField
      small
      :label="say.seenFrom"
      :value="picture.view"
      :options="VIEWS"
      @set="desk.put(say.changeView, () => ({ view: $event as PictureView }))"
    />
  </DecisionRow>
  <DecisionRow v-if="!['front', 'back'].includes(picture.view)" :name="say.headPoints">
    <ChoiceField
      small
      :label="say.headPoints"
      :value="picture.facing"
      :options="FACINGS"
      @set="desk.put(say.changeWhereHeadPoints, () => ({ facing: $event as 'left' }))"
    />
  </DecisionRow>
  <p class="acts">
    <button type="button" class="quiet-button" @click="turn">{{ say.turnByQuarter }}</button>
    <button
      type="button"
      class="quiet-button"
      :aria-pressed="desk.tool.value === 'crop'"
      @click="desk.take('crop')"
    >
      {{ desk.tool.value === 'crop' ? say.clickTwoCorners : say.crop }}
    </button>
    <button
      v-if="picture.crop"
      type="button"
      class="quiet-button"
      @click="desk.put(say.showWholePicture, () => ({ crop: null }))"
    >
      {{ say.showAll }}
    </button>
  </p>
  <template v-if="picture.view !== 'photo' || picture.scale !== null">
    <DecisionRow :name="say.scaleFrom">
      <ChoiceField
        small
        :label="say.scaleFrom"
        :value="scaleWay"
        :options="scaleWays"
        @set="setScaleWay"
      />
    </DecisionRow>
  </template>
  <p class="acts">
    <button
      type="button"
      class="act"
      :aria-pressed="desk.tool.value === 'scale'"
      @click="desk.take('scale')"
    >
      {{
        desk.tool.value === 'scale'
          ? desk.firstPoint.value
            ? say.nowOtherEnd
            : say.clickOneEndOf
          : length
            ? say.markScaleAgain
            : say.markTwoPointsOf
      }}
    </button>
    <button
      type="button"
      class="act"
      :aria-pressed="desk.tool.value === 'level'"
      @click="desk.take('level')"
    >
      {{
        desk.tool.value === 'level'
          ? desk.firstPoint.value
            ? say.nowItsOtherEnd
            : say.clickOneEndOf
          : picture.level
            ? say.drawLevelAgain
            : say.drawLevelLine
      }}
    </button>
  </p>
  <template v-if="length">
    <DecisionRow :name="say.knownLengthInLife">
      <QuantityField
        small
        :label="say.knownLengthInLife"
        :shown="text(length.mm, 'mm')"
        :parse="readKnown"
        @set="setLength({ mm: $event })"
      />
    </DecisionRow>
    <DecisionRow :name="say.howSureItIs">
      <QuantityField
        small
        :label="say.howSureKnownLength"
        :shown="`± ${text(length.plusMinusMm, 'mm')}`"
        :parse="readUnsure"
        @set="setLength({ plusMinusMm: $event })"
      />
    </DecisionRow>
  </template>
  <DecisionRow :name="say.camerasDistanceIfPhotograph">
    <QuantityField
      small
      :label="say.camerasDistance"
      :placeholder="say.none"
      :shown="picture.camera ? text(picture.camera.distanceMm, 'mm', 0) : ''"
      :parse="readDistance"
      @set="setDistance($event)"
    />
  </DecisionRow>
  <template v-if="picture.camera">
    <DecisionRow :name="say.animalNearerThanScale">
      <QuantityField
        small
        :label="say.animalNearerThanScale"
        :shown="text(picture.camera.nearerMm, 'mm')"
        :parse="readNearer"
        @set="
          desk.put(say.changeDepth, ({ camera }) => ({
            camera: camera && { ...camera, nearerMm: $event },
          }))
        "
      />
    </DecisionRow>
    <p class="says">
      {{
        say.lensShowsAnimalsMiddle(((100 * (1 - shrink!)) / shrink!).toFixed(1), shrink!.toFixed(4))
      }}
    </p>
  </template>
  <WorkingRow v-if="working" :working="working" :label="say.scaleLifeInPixel" />
  <p v-else-if="gap" class="says gap">{{ say.thisPictureGivesNo(GAP_WORDS[gap]) }}</p>
  <p class="says">
    {{
      say.oneClickLiesWithin(
        spread.sigmaPx.toFixed(1),
        spread.own ? say.fromYourRepeatedClicks : say.commonPractice,
        picture.level ? '' : say.withoutLevelLineHalf,
      )
    }}
  </p>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  margin: 6px 0;
}
.act {
  border: 1px solid var(--ink);
  border-radius: var(--radius);
  background: none;
  padding: 4px 9px;
  cursor: pointer;
  font-size: 14px;
}
.act[aria-pressed='true'],
.quiet-button[aria-pressed='true'] {
  background: var(--verdigris);
  border-color: var(--verdigris);
  color: var(--sheet);
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
.gap {
  color: var(--ochre);
}
</style>
