<script setup lang="ts">
import * as say from './words.ts';
import { clickSpread, GAP_WORDS, type Picture, type PictureView } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import DecisionRow from '../kit/DecisionRow.vue';
import HintText from '../kit/HintText.vue';
import WorkingRow from '../ledger/WorkingRow.vue';
import PictureCamera from './PictureCamera.vue';
import PictureLength from './PictureLength.vue';
import type { PictureDesk } from './usePictureDesk.ts';

/** What a picture shows, its scale, its level and its camera. */
const props = defineProps<{ desk: PictureDesk; picture: Picture }>();
const { plan } = usePiecePlan();
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
    <ActionButton @click="turn">{{ say.turnByQuarter }}</ActionButton>
    <ActionButton :aria-pressed="desk.tool.value === 'crop'" @click="desk.take('crop')">
      {{ desk.tool.value === 'crop' ? say.clickTwoCorners : say.crop }}
    </ActionButton>
    <ActionButton
      v-if="picture.crop"
      @click="desk.put(say.showWholePicture, () => ({ crop: null }))"
    >
      {{ say.showAll }}
    </ActionButton>
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
    <ActionButton
      kind="line"
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
    </ActionButton>
    <ActionButton
      kind="line"
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
    </ActionButton>
  </p>
  <PictureLength v-if="length" :desk="desk" :length="length" />
  <PictureCamera :desk="desk" :picture="picture" />
  <WorkingRow v-if="working" :working="working" :label="say.scaleLifeInPixel" />
  <HintText v-else-if="gap" class="gap">{{ say.thisPictureGivesNo(GAP_WORDS[gap]) }}</HintText>
  <HintText>
    {{
      say.oneClickLiesWithin(
        spread.sigmaPx.toFixed(1),
        spread.own ? say.fromYourRepeatedClicks : say.commonPractice,
        picture.level ? '' : say.withoutLevelLineHalf,
      )
    }}
  </HintText>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  margin: 6px 0;
}
.gap {
  color: var(--ochre);
}
</style>
