<script setup lang="ts">
import * as say from './words.ts';
import type { CardKind } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceRow from '../kit/ChoiceRow.vue';
import DialogBox from '../kit/DialogBox.vue';
import FileUpload from '../kit/FileUpload.vue';
import HintText from '../kit/HintText.vue';
import { useSwatch, type Spot } from './useSwatch.ts';

/** A colour out of a picture that has a grey card or white paper in it: two places are set, the light is taken out. */
defineProps<{ label: string }>();
const emit = defineEmits<{ set: [hex: string] }>();
/** A key moves an area by so much of the picture. */
const STEP = 0.01;
/** An area whose pixels differ by less from their mean is even. */
const EVEN = 3;

const open = ref(false);
const canvas = ref<HTMLCanvasElement | null>(null);
const { problem, image, kind, spots, found, take, put, setKind } = useSwatch(canvas);
const spot = ref<Spot>('card');
const SPOTS = [
  { label: say.placeOfCard, value: 'card' },
  { label: say.placeOfSwatch, value: 'swatch' },
];
const CARDS = [
  { label: say.greyCard, value: 'grey' },
  { label: say.whitePaper, value: 'paper' },
];

function touch(event: PointerEvent): void {
  const box = canvas.value!.getBoundingClientRect();
  put(spot.value, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
}
const KEYS: Readonly<Record<string, readonly [number, number]>> = {
  ...{ ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] },
};
function key(event: KeyboardEvent): void {
  const by = KEYS[event.key];
  if (by === undefined) return;
  event.preventDefault();
  const [x, y] = spots.value[spot.value];
  put(spot.value, x + by[0], y + by[1]);
}
const marks = computed(() =>
  (['card', 'swatch'] as const).map((of) => ({
    ...{ of, letter: of === 'card' ? say.markOfCard : say.markOfSwatch },
    style: { left: `${100 * spots.value[of][0]}%`, top: `${100 * spots.value[of][1]}%` },
  })),
);
function done(hex: string): void {
  emit('set', hex);
  open.value = false;
}
</script>

<template>
  <ActionButton kind="line" @click="open = true">
    {{ say.fromPicture }}<span class="visually-hidden">: {{ label }}</span>
  </ActionButton>
  <DialogBox v-model:show="open" :label="say.colourFromPicture(label)" :width-px="820">
    <h3>{{ say.colourFromPicture(label) }}</h3>
    <HintText>{{ say.layCardBeside }}</HintText>
    <FileUpload :label="say.choosePicture" accept="image/*" @take="take">{{
      say.choosePicture
    }}</FileUpload>
    <HintText v-if="problem" role="alert">{{ problem }}</HintText>
    <template v-if="image">
      <div class="row">
        <ChoiceRow
          :label="say.whatIsSet"
          :value="spot"
          :options="SPOTS"
          @set="spot = $event as Spot"
        />
        <ChoiceRow
          :label="say.whatCard"
          :value="kind"
          :options="CARDS"
          @set="setKind($event as CardKind)"
        />
      </div>
      <div class="picture">
        <canvas
          ref="canvas"
          tabindex="0"
          role="application"
          :aria-label="say.pictureToPickFrom"
          @pointerdown="touch"
          @keydown="key"
        />
        <i
          v-for="mark in marks"
          :key="mark.of"
          :class="{ chosen: mark.of === spot }"
          :style="mark.style"
          >{{ mark.letter }}</i
        >
      </div>
      <p v-if="found" class="row">
        <b :style="{ background: found.hex }" />
        <span class="number">{{ found.hex }}</span>
        {{ found.spread < EVEN ? say.areaIsEven : say.areaIsUneven }}
        <span v-if="found.held">{{ say.tooMuchLight }}</span>
        <ActionButton @click="done(found.hex)">{{ say.takeColour }}</ActionButton>
      </p>
      <HintText v-else>{{ say.cardIsBlack }}</HintText>
    </template>
  </DialogBox>
</template>

<style scoped>
h3 {
  margin: 0 0 6px;
  font: 700 18px var(--font-title);
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 18px;
  margin: 8px 0;
}
.row b {
  width: 44px;
  height: 26px;
  border: 1px solid var(--soft);
}
.picture {
  position: relative;
  width: fit-content;
  max-width: 100%;
}
canvas {
  display: block;
  max-width: 100%;
  cursor: crosshair;
}
.picture i {
  position: absolute;
  width: 3%;
  aspect-ratio: 1;
  transform: translate(-50%, -50%);
  border: 2px solid var(--sheet);
  outline: 1px solid var(--ink);
  font: 700 12px var(--font-number);
  color: var(--ink);
  pointer-events: none;
  display: grid;
  place-items: center;
}
.picture .chosen {
  outline: 3px solid var(--verdigris);
}
</style>
