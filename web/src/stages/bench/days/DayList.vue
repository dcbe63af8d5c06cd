<script setup lang="ts">
import * as say from './words.ts';
import type { Booking, PieceToPlan } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import { DateField } from '../../../kit/heavy.ts';
import { withPin } from '../stepChanges.ts';
import { clockText, dayText } from '../../../composables/dayText.ts';

/** Day by day what is done when; a step of the open piece may be pinned to a day. */
const props = defineProps<{
  bookings: readonly Booking[];
  pieces: readonly PieceToPlan[];
}>();
const { piece, change } = usePiecePlan();
const pinning = ref<string | null>(null);
const days = computed(() => {
  const by = new Map<string, Booking[]>();
  for (const booking of props.bookings) {
    const day = booking.start.slice(0, 10);
    by.set(day, [...(by.get(day) ?? []), booking]);
  }
  return [...by];
});
const nameOf = (id: string): string => props.pieces.find((of) => of.id === id)?.name ?? '';
const pinned = (step: string): string | null => piece.value.bench.notBefore[step] ?? null;
function pin({ step, title }: Booking, day: string | null): void {
  change(say.pinStep(title), (p) => withPin(p, step, day));
  pinning.value = null;
}
</script>

<template>
  <div class="days" tabindex="0" role="region" :aria-label="say.daysAndSteps">
    <section v-for="[day, its] in days" :key="day">
      <h3>{{ dayText(day) }}</h3>
      <ul>
        <li
          v-for="booking in its"
          :key="`${booking.piece} ${booking.step} ${booking.part}`"
          :class="[booking.occupies, { critical: booking.critical }]"
        >
          <time>{{ clockText(booking.start) }}–{{ clockText(booking.end) }}</time>
          <span>
            <b>{{ booking.title }}</b>
            <small v-if="booking.parts > 1">{{
              say.ofSittings(booking.part, booking.parts)
            }}</small>
            <small v-if="pieces.length > 1">{{ nameOf(booking.piece) }}</small>
            <small v-if="booking.occupies === 'oven'">{{ say.inOven }}</small>
            <small v-if="booking.occupies === 'nothing'">{{ say.byItself }}</small>
            <small v-if="booking.critical" class="decides">{{ say.decides }}</small>
          </span>
          <template v-if="booking.piece === piece.id && booking.part === 1">
            <DateField
              v-if="pinning === booking.step || pinned(booking.step) !== null"
              :label="say.notBefore(booking.title)"
              :value="pinned(booking.step)"
              @set="pin(booking, $event)"
            />
            <ActionButton v-else @click="pinning = booking.step">
              {{ say.pin }}<span class="visually-hidden">: {{ booking.title }}</span>
            </ActionButton>
          </template>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.days {
  overflow-y: auto;
  min-height: 0;
  padding-right: 6px;
}
h3 {
  margin: 10px 0 2px;
  font: 700 17px var(--font-title);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 104px 1fr auto;
  gap: 10px;
  align-items: center;
  padding: 3px 4px 3px 8px;
  border-left: 4px solid var(--verdigris);
  border-bottom: 1px dotted var(--line);
  font-size: 14.5px;
}
.oven {
  border-left-color: #8a5a0b;
}
.nothing {
  border-left-color: var(--line);
}
time {
  font-family: var(--font-number);
  font-size: 13.5px;
}
small {
  margin-left: 8px;
  font-size: 13px;
  color: var(--soft);
}
.decides {
  color: var(--verdigris);
}
</style>
