<script setup lang="ts">
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
  { label: 'side', value: 'side' },
  { label: 'front', value: 'front' },
  { label: 'above', value: 'top' },
  { label: 'behind', value: 'back' },
  { label: 'one photograph', value: 'photo' },
];
const FACINGS = [
  { label: 'to the left', value: 'left' },
  { label: 'to the right', value: 'right' },
];
const BONE = 'bone:';
const scaleWays = computed(() => [
  { label: 'two points', value: 'length' },
  ...plan.value.measure.skeleton.bones
    .filter((bone) => bone.side !== 'right')
    .map((bone) => ({ label: bone.name.replace(', left', ''), value: BONE + bone.id })),
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
    props.desk.put('Take the scale from a bone', () => ({
      scale: { by: 'bone', boneId: way.slice(BONE.length) },
    }));
  else {
    if (props.picture.scale?.by === 'bone')
      props.desk.put('Take the scale from two points', () => ({ scale: null }));
    props.desk.take('scale');
  }
}

const readKnown = (typed: string) =>
  parseLength(typed, 'Known length', lengthLimits('references.pictures.*.scale.mm'), system.value);
const readUnsure = (typed: string) =>
  parseLength(
    typed.replace('±', ''),
    'How sure',
    lengthLimits('references.pictures.*.scale.plusMinusMm'),
    system.value,
  );
const readDistance = (typed: string) =>
  typed.trim() === ''
    ? accepted(null)
    : parseLength(
        typed,
        'Camera distance',
        lengthLimits('references.pictures.*.camera.distanceMm'),
        system.value,
      );
/** Farther than the scale is told by a minus. */
function readNearer(typed: string) {
  const minus = /^\s*[-−]/.test(typed);
  const read = parseLength(
    typed.replace(/^\s*[-−]/, ''),
    'Nearer than the scale',
    { minMm: 0, maxMm: limitsOf('references.pictures.*.camera.nearerMm').max },
    system.value,
  );
  return read.ok && minus ? accepted(-read.value) : read;
}

const setLength = (part: { mm?: number; plusMinusMm?: number }): void =>
  props.desk.put('Change the known length', ({ scale }) =>
    scale?.by === 'length' ? { scale: { ...scale, ...part } } : {},
  );
const setDistance = (mm: number | null): void =>
  props.desk.put('Change the camera’s distance', ({ camera }) => ({
    camera: mm === null ? null : { nearerMm: 0, ...camera, distanceMm: mm },
  }));
const turn = (): void =>
  props.desk.put('Turn the picture', ({ turnDeg }) => ({
    turnDeg: ((turnDeg + 90) % 360) as Picture['turnDeg'],
  }));
</script>

<template>
  <DecisionRow name="Seen from the">
    <ChoiceField
      small
      label="Seen from the"
      :value="picture.view"
      :options="VIEWS"
      @set="desk.put('Change the view', () => ({ view: $event as PictureView }))"
    />
  </DecisionRow>
  <DecisionRow v-if="!['front', 'back'].includes(picture.view)" name="The head points">
    <ChoiceField
      small
      label="The head points"
      :value="picture.facing"
      :options="FACINGS"
      @set="desk.put('Change where the head points', () => ({ facing: $event as 'left' }))"
    />
  </DecisionRow>
  <p class="acts">
    <button type="button" class="quiet-button" @click="turn">Turn by a quarter</button>
    <button
      type="button"
      class="quiet-button"
      :aria-pressed="desk.tool.value === 'crop'"
      @click="desk.take('crop')"
    >
      {{ desk.tool.value === 'crop' ? 'Click two corners' : 'Crop' }}
    </button>
    <button
      v-if="picture.crop"
      type="button"
      class="quiet-button"
      @click="desk.put('Show the whole picture', () => ({ crop: null }))"
    >
      Show all
    </button>
  </p>
  <template v-if="picture.view !== 'photo' || picture.scale !== null">
    <DecisionRow name="Scale from">
      <ChoiceField
        small
        label="Scale from"
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
            ? 'Now the other end'
            : 'Click one end of it'
          : length
            ? 'Mark the scale again'
            : 'Mark two points of known length'
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
            ? 'Now its other end'
            : 'Click one end of it'
          : picture.level
            ? 'Draw the level again'
            : 'Draw a level line'
      }}
    </button>
  </p>
  <template v-if="length">
    <DecisionRow name="Known length, in life">
      <QuantityField
        small
        label="Known length, in life"
        :shown="text(length.mm, 'mm')"
        :parse="readKnown"
        @set="setLength({ mm: $event })"
      />
    </DecisionRow>
    <DecisionRow name="How sure it is (95 %)">
      <QuantityField
        small
        label="How sure the known length is"
        :shown="`± ${text(length.plusMinusMm, 'mm')}`"
        :parse="readUnsure"
        @set="setLength({ plusMinusMm: $event })"
      />
    </DecisionRow>
  </template>
  <DecisionRow name="Camera’s distance, if a photograph">
    <QuantityField
      small
      label="Camera’s distance"
      placeholder="none"
      :shown="picture.camera ? text(picture.camera.distanceMm, 'mm', 0) : ''"
      :parse="readDistance"
      @set="setDistance($event)"
    />
  </DecisionRow>
  <template v-if="picture.camera">
    <DecisionRow name="Animal nearer than the scale">
      <QuantityField
        small
        label="Animal nearer than the scale"
        :shown="text(picture.camera.nearerMm, 'mm')"
        :parse="readNearer"
        @set="
          desk.put('Change the depth', ({ camera }) => ({
            camera: camera && { ...camera, nearerMm: $event },
          }))
        "
      />
    </DecisionRow>
    <p class="says">
      The lens shows the animal’s middle {{ ((100 * (1 - shrink!)) / shrink!).toFixed(1) }} % too
      large; lengths are multiplied by {{ shrink!.toFixed(4) }}. Each landmark is corrected by its
      own depth as soon as another view shows it.
    </p>
  </template>
  <WorkingRow v-if="working" :working="working" label="Scale, life in a pixel" />
  <p v-else-if="gap" class="says gap">This picture gives no lengths yet: {{ GAP_WORDS[gap] }}.</p>
  <p class="says">
    One click lies within {{ spread.sigmaPx.toFixed(1) }} px ({{
      spread.own ? 'from your repeated clicks' : 'common practice'
    }}){{ picture.level ? '' : '; without a level line half a degree is left open' }}.
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
