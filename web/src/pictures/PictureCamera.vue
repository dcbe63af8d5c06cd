<script setup lang="ts">
import * as say from './words.ts';
import { accepted, lengthLimits, limitsOf, parseLength, type Picture } from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import DecisionRow from '../kit/DecisionRow.vue';
import HintText from '../kit/HintText.vue';
import QuantityField from '../kit/QuantityField.vue';
import type { PictureDesk } from './usePictureDesk.ts';

/** How far the camera stood, and how much nearer the animal was than its scale. */
const props = defineProps<{ desk: PictureDesk; picture: Picture }>();
const { system, text } = useUnits();
const shrink = computed(() => {
  const { camera } = props.picture;
  return camera === null ? null : (camera.distanceMm - camera.nearerMm) / camera.distanceMm;
});

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

const setDistance = (mm: number | null): void =>
  props.desk.put(say.changeCamerasDistance, ({ camera }) => ({
    camera: mm === null ? null : { nearerMm: 0, ...camera, distanceMm: mm },
  }));
</script>

<template>
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
    <HintText>
      {{
        say.lensShowsAnimalsMiddle(((100 * (1 - shrink!)) / shrink!).toFixed(1), shrink!.toFixed(4))
      }}
    </HintText>
  </template>
</template>
