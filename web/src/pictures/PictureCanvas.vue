<script setup lang="ts">
import * as say from './words.ts';
import type { Picture, PicturePoint } from '@keen-sinew/core';
import { useElementSize } from '@vueuse/core';
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import ActionButton from '../kit/ActionButton.vue';
import { SliderField } from '../kit/heavy.ts';
import { PictureBoard, type Mark, type Stroke } from './PictureBoard.ts';
import PictureMagnifier from './PictureMagnifier.vue';

/** The picture with its marks: click to place, drag to pan, wheel to zoom, keys to nudge. */
const props = defineProps<{
  picture: Picture;
  image: HTMLImageElement | null;
  marks: readonly Mark[];
  strokes: readonly Stroke[];
  /** Whether a click puts something down wherever it falls. */
  placing: boolean;
  /** What a click does, said to those who do not see the board. */
  label: string;
}>();
const emit = defineEmits<{
  point: [at: PicturePoint];
  move: [id: string, at: PicturePoint];
  mark: [id: string];
  stroke: [id: string];
  nudge: [by: PicturePoint];
  erase: [];
  next: [];
}>();

const box = ref<HTMLDivElement | null>(null);
const board = shallowRef<PictureBoard | null>(null);
const hover = shallowRef<PicturePoint | null>(null);
const brightness = ref(100);
const fade = ref(0);
const { width, height } = useElementSize(box);

onMounted(() => {
  board.value = new PictureBoard(box.value!, {
    // The dot is shown in this frame; what follows from it comes in the next.
    onPoint: (at) => requestAnimationFrame(() => setTimeout(() => emit('point', at))),
    onMove: (id, at) => emit('move', id, at),
    onMark: (id) => emit('mark', id),
    onStroke: (id) => emit('stroke', id),
    onHover: (at) => (hover.value = at),
  });
  refresh();
});
onBeforeUnmount(() => board.value?.destroy());

function refresh(): void {
  board.value?.show(props.picture, props.image);
  board.value?.mark(props.marks, props.strokes, props.placing);
}
watch(() => [props.picture, props.image], refresh);
watch(
  () => [props.marks, props.strokes, props.placing],
  () => board.value?.mark(props.marks, props.strokes, props.placing),
);
watch([width, height], () => board.value?.resize());
watch([brightness, fade], () => board.value?.look(brightness.value / 100, fade.value / 100));

const ARROWS: Readonly<Record<string, PicturePoint>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function onKey(event: KeyboardEvent): void {
  const arrow = ARROWS[event.key];
  const step = event.shiftKey ? 10 : 1;
  if (arrow) emit('nudge', [arrow[0] * step, arrow[1] * step]);
  else if (event.key === 'Enter' && board.value) emit('point', board.value.middle());
  else if (event.key === 'Delete' || event.key === 'Backspace') emit('erase');
  else if (event.key === 'n') emit('next');
  else if (event.key === '+' || event.key === '=') board.value?.zoom(1.25);
  else if (event.key === '-') board.value?.zoom(0.8);
  else if (event.key === '0') board.value?.fit();
  else return;
  event.preventDefault();
  event.stopPropagation();
}

defineExpose({ onPage: (at: PicturePoint) => board.value?.onPage(at) });
</script>

<template>
  <div class="canvas">
    <div
      ref="box"
      class="box"
      tabindex="0"
      role="application"
      :aria-label="label"
      @keydown="onKey"
    />
    <i class="aim" aria-hidden="true" />
    <PictureMagnifier :image="image" :picture="picture" :at="hover" :marks="marks" />
    <div class="tools" role="group" :aria-label="say.howPictureIsShown">
      <ActionButton kind="line" :aria-label="say.larger" @click="board?.zoom(1.25)">+</ActionButton>
      <ActionButton kind="line" :aria-label="say.smaller" @click="board?.zoom(0.8)">−</ActionButton>
      <ActionButton kind="line" @click="board?.fit()">{{ say.fit }}</ActionButton>
      <span class="look">
        {{ say.brightness }}
        <SliderField
          :label="say.brightness"
          :value="brightness"
          :min="40"
          :max="220"
          :step="5"
          @slide="brightness = $event"
          @set="brightness = $event"
        />
      </span>
      <span class="look">
        {{ say.fade }}
        <SliderField
          :label="say.fade"
          :value="fade"
          :min="0"
          :max="90"
          :step="5"
          @slide="fade = $event"
          @set="fade = $event"
        />
      </span>
      <span class="keys">{{ say.arrowsNudgeShiftTenfold }}</span>
    </div>
  </div>
</template>

<style scoped>
.canvas {
  flex: 1;
  min-height: 0;
  min-width: 0;
  display: flex;
  flex-direction: column;
  position: relative;
}
.box {
  flex: 1;
  min-height: 0;
  overflow: hidden;
  background: var(--hair);
  border: 1px solid var(--line);
  cursor: crosshair;
}
.aim {
  display: none;
}
.box:focus-visible + .aim {
  display: block;
  position: absolute;
  left: 50%;
  top: calc(50% - 18px);
  width: 21px;
  height: 21px;
  margin: -10px;
  pointer-events: none;
  background:
    linear-gradient(var(--verdigris), var(--verdigris)) center / 1px 100% no-repeat,
    linear-gradient(var(--verdigris), var(--verdigris)) center / 100% 1px no-repeat;
}
.tools {
  display: flex;
  align-items: center;
  gap: 8px;
  padding-top: 6px;
  font-size: 13px;
  color: var(--soft);
  flex-wrap: wrap;
}
.look {
  display: flex;
  align-items: center;
  gap: 4px;
}
.look > :last-child {
  width: 98px;
}
.keys {
  margin-left: auto;
}
</style>
