<script setup lang="ts">
import { useEventListener, useWakeLock } from '@vueuse/core';
import { computed, onMounted } from 'vue';
import { useRouter } from 'vue-router';
import { providePiecePlan } from '../composables/usePiecePlan.ts';
import { useUnits } from '../composables/useUnits.ts';
import BendPicture from './BendPicture.vue';
import RulerStrip from './RulerStrip.vue';
import TurnDial from './TurnDial.vue';
import { useWorkTimer } from './useWorkTimer.ts';
import WireSoFar from './WireSoFar.vue';

/** One wire at the bench, one bend at a time, for reading at arm's length. */
const props = defineProps<{ wireId: string; number: number }>();
const { piece, plan } = providePiecePlan();
const { text } = useUnits();
const router = useRouter();
const { text: timer } = useWorkTimer();
const wake = useWakeLock();

const wire = computed(() => plan.value.wire.wires.find((one) => one.id === props.wireId));
const bend = computed(() => wire.value?.bends[props.number - 1]);
const count = computed(() => wire.value?.bends.length ?? 0);
const turn = computed(() => bend.value?.turn.value ?? 0);
const turnText = computed(() => {
  if (props.number === 1) return 'The first bend: any way round';
  const side = turn.value >= 0 ? 'clockwise' : 'anticlockwise';
  const size = Math.abs(turn.value);
  if (size < 0.5) return `the same way as bend ${props.number - 1}`;
  if (size > 179.5) return `opposite to bend ${props.number - 1}`;
  return `${side} of bend ${props.number - 1}`;
});
/** A feature that is made between the last bend and this one. */
const before = computed(() =>
  wire.value?.features.find((feature) => feature.afterBend === props.number - 1),
);
const last = computed(() => props.number >= count.value);

onMounted(() => {
  if (wake.isSupported.value) wake.request('screen').catch(() => undefined);
});

function go(step: number): void {
  const next = props.number + step;
  if (next < 1) return;
  if (next > count.value) leave();
  else void router.replace(`/piece/${piece.value.id}/bending/${props.wireId}/${next}`);
}
const leave = (): void => void router.push(`/piece/${piece.value.id}/wire`);

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  if (event.key === 'Escape') leave();
  else if (event.key === ' ' || event.key === 'ArrowRight') go(1);
  else if (event.key === 'ArrowLeft') go(-1);
  else return;
  event.preventDefault();
});

function tap(event: MouseEvent): void {
  if ((event.target as Element).closest('button')) return;
  go(event.clientX > window.innerWidth / 2 ? 1 : -1);
}
</script>

<template>
  <main v-if="wire && bend" class="bench" @click="tap">
    <header>
      <div>
        <h1>{{ wire.id }} · {{ wire.name.toLowerCase() }}</h1>
        <p>
          {{ wire.metalName }}, {{ wire.sizeText }} · cut {{ text(wire.cut.value, 'mm') }} · bend
          {{ number }} of {{ count }}, from the {{ wire.namedEnd }}
        </p>
      </div>
      <p class="timer">
        <span class="number">{{ timer }}</span> on this wire
      </p>
      <button type="button" class="leave" @click="leave">Leave bench</button>
    </header>
    <RulerStrip :wire="wire" :number="number" />
    <p v-if="before" class="before">
      First wind {{ before.name }}: {{ text(before.lengthMm, 'mm') }} of wire from
      {{ text(before.atMm, 'mm') }}.
    </p>
    <div class="columns">
      <section aria-label="Direction">
        <h2>Which way it goes, seen from the {{ wire.namedEnd }}</h2>
        <TurnDial :turn-deg="turn" :number="number" />
        <p class="big-line">
          <span v-if="number > 1" class="number big">{{ Math.round(Math.abs(turn)) }}°</span>
          {{ turnText }}
        </p>
      </section>
      <section aria-label="Angle">
        <h2>Bend to</h2>
        <template v-if="bend.bendTo">
          <p class="number big" data-bend-to>{{ bend.bendTo.value.toFixed(1) }}°</p>
          <p class="relaxes">
            relaxes to <b>{{ bend.angle.value.toFixed(1) }}°</b>
          </p>
          <BendPicture
            :bend-to-deg="bend.bendTo.value"
            :relaxes-deg="bend.angle.value"
            :number="number"
          />
        </template>
        <p v-else class="relaxes">
          This metal springs back wholly at this radius. Use a tighter bend or a softer metal.
        </p>
      </section>
      <section aria-label="The wire so far">
        <h2>The wire after this bend</h2>
        <WireSoFar :wire="wire" :number="number" />
        <p class="lay">
          At the <b>{{ bend.place }}</b>. Lay it on the sheet: it should cover the drawn line up to
          here.
        </p>
      </section>
    </div>
    <footer>
      <button type="button" :disabled="number === 1" @click="go(-1)">
        {{ number === 1 ? 'first bend' : `‹ bend ${number - 1}` }}
      </button>
      <span>tap left or right, space, or arrow keys</span>
      <button type="button" class="next" @click="go(1)">
        {{ last ? 'Done: back to Wire ›' : `bend ${number + 1} ›` }}
      </button>
    </footer>
  </main>
  <main v-else class="missing">
    <h1>No such bend</h1>
    <p>Wire {{ wireId }} has {{ count }} bends; there is no bend {{ number }}.</p>
    <button type="button" class="leave" @click="leave">Back to Wire</button>
  </main>
</template>

<style scoped>
.bench {
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
header > div {
  flex: 1;
}
h1 {
  font-size: 30px;
  line-height: 1.15;
}
header p {
  margin: 2px 0 0;
  color: var(--soft);
  font-size: 17px;
}
.timer .number {
  font-size: 28px;
  color: var(--ink);
  font-weight: 600;
}
.leave {
  min-height: 64px;
  padding: 0 24px;
  background: none;
  border: 1.5px solid var(--ink);
  border-radius: var(--radius);
  font-weight: 700;
  font-size: 17px;
  cursor: pointer;
}
.before {
  margin: 0 40px;
  font-size: 19px;
  color: var(--slate);
  font-weight: 700;
}
.columns {
  flex: 1;
  display: grid;
  grid-template-columns: 1.1fr 1.1fr 0.8fr;
  gap: 24px;
  padding: 10px 40px;
  min-height: 0;
}
h2 {
  font-size: 21px;
  font-weight: 400;
  font-style: italic;
  color: var(--soft);
}
.big {
  font-size: 72px;
  line-height: 1;
  font-weight: 700;
  margin: 4px 0;
}
.big-line {
  margin: 0;
  font-size: 22px;
  font-weight: 700;
}
.relaxes,
.lay {
  margin: 0;
  font-size: 19px;
}
.relaxes {
  color: var(--soft);
}
.relaxes b {
  color: var(--ink);
}
.lay {
  font-size: 17px;
  color: var(--soft);
}
footer {
  display: flex;
  justify-content: space-between;
  align-items: center;
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
footer .next {
  text-align: right;
  color: var(--verdigris);
  font-weight: 700;
}
.missing {
  padding: 80px;
}
</style>
