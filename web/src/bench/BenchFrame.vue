<script setup lang="ts">
import * as say from './words.ts';
import { useEventListener, useWakeLock } from '@vueuse/core';
import { onMounted } from 'vue';
import { isTyping } from '../composables/isTyping.ts';

/**
 * The frame of everything at the bench: full screen, kept awake, turned by space, arrow keys or a
 * tap on either half, with targets that a thumb in clay finds.
 */
const props = defineProps<{
  timer: string;
  timed: string;
  paused?: boolean;
  back: string;
  next: string;
  hint: string;
  first: boolean;
}>();
const emit = defineEmits<{ turn: [by: 1 | -1]; leave: []; pause: [] }>();
const wake = useWakeLock();

onMounted(() => {
  if (wake.isSupported.value) wake.request('screen').catch(() => undefined);
});

function turn(by: 1 | -1): void {
  if (by === 1 || !props.first) emit('turn', by);
}

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (isTyping(event)) return;
  if (event.key === 'Escape') emit('leave');
  else if (event.key === ' ' || event.key === 'ArrowRight') turn(1);
  else if (event.key === 'ArrowLeft') turn(-1);
  else return;
  event.preventDefault();
});

/** A button that was pressed by hand lets go of the keys again: Enter ticks off. */
function pause(event: MouseEvent): void {
  if (event.detail > 0) (event.currentTarget as HTMLElement).blur();
  emit('pause');
}

function tap(event: MouseEvent): void {
  if ((event.target as Element).closest('button, a, input, label, textarea, dialog')) return;
  turn(event.clientX > window.innerWidth / 2 ? 1 : -1);
}
</script>

<template>
  <main class="frame" @click="tap">
    <header>
      <div class="head"><slot name="head" /></div>
      <p class="timer" :class="{ paused }">
        <span class="number">{{ timer }}</span> {{ paused ? say.timerPaused : timed }}
      </p>
      <button type="button" class="pause" @click="pause">
        {{ paused ? say.goOn : say.pauseTimer }}
      </button>
      <button type="button" class="leave" @click="emit('leave')">{{ say.leaveBench }}</button>
    </header>
    <slot />
    <footer>
      <button type="button" :disabled="first" @click="turn(-1)">
        {{ first ? back : `‹ ${back}` }}
      </button>
      <span>{{ hint }}</span>
      <button type="button" class="next" @click="turn(1)">{{ next }} ›</button>
    </footer>
  </main>
</template>

<style scoped>
.frame {
  height: 100%;
  background: var(--sheet);
  display: flex;
  flex-direction: column;
  overflow: auto;
  user-select: none;
}
header {
  display: flex;
  gap: 24px;
  align-items: center;
  padding: 20px 40px 8px;
}
.head {
  flex: 1;
}
.timer {
  margin: 0;
  color: var(--soft);
  font-size: 17px;
}
.timer .number {
  font-size: 28px;
  color: var(--ink);
  font-weight: 600;
}
.paused .number {
  color: var(--ochre);
}
.leave,
.pause {
  min-height: 64px;
  padding: 0 24px;
  background: none;
  border: 1.5px solid var(--ink);
  border-radius: var(--radius);
  font-weight: 700;
  font-size: 17px;
  cursor: pointer;
}
footer {
  margin-top: auto;
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  background: var(--paper);
  border-top: 1.5px solid var(--ink);
  padding: 0 40px;
  color: var(--soft);
  font-size: 18px;
}
footer button {
  min-height: 72px;
  min-width: 200px;
  background: none;
  border: 0;
  font-size: 20px;
  text-align: left;
  cursor: pointer;
  color: var(--ink);
}
footer button:disabled {
  color: var(--soft);
  cursor: default;
}
footer .next {
  text-align: right;
  color: var(--verdigris);
  font-weight: 700;
}
</style>
