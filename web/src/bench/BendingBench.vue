<script setup lang="ts">
import * as say from './words.ts';
import { featureText, onRope, sizeText } from '@keen-sinew/core';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { providePiecePlan } from '../composables/usePiecePlan.ts';
import { useUnits } from '../composables/useUnits.ts';
import BenchFrame from './BenchFrame.vue';
import BendTarget from './BendTarget.vue';
import RulerStrip from './RulerStrip.vue';
import TurnDial from './TurnDial.vue';
import { useWorkTimer } from './useWorkTimer.ts';
import WireSoFar from './WireSoFar.vue';

/** One wire at the bench, one bend at a time, for reading at arm's length. */
const props = defineProps<{ wireId: string; number: number }>();
const { piece, plan } = providePiecePlan();
const { text, system } = useUnits();
const router = useRouter();
const { text: timer, paused, pause } = useWorkTimer(`${piece.value.id}/wire/${props.wireId}`);

const wire = computed(() => plan.value.wire.wires.find((wire) => wire.id === props.wireId));
const bend = computed(() => wire.value?.bends[props.number - 1]);
const count = computed(() => wire.value?.bends.length ?? 0);
const turn = computed(() => bend.value?.turn.value ?? 0);
const turnText = computed(() => {
  if (props.number === 1) return say.firstBendAnyWay;
  const side = turn.value >= 0 ? 'clockwise' : 'anticlockwise';
  const size = Math.abs(turn.value);
  if (size < 0.5) return say.sameWayAsBend(props.number - 1);
  if (size > 179.5) return say.oppositeToBend(props.number - 1);
  return say.ofBend(side, props.number - 1);
});
/** A feature that is made between the last bend and this one. */
const before = computed(
  () => wire.value?.features.filter((feature) => feature.afterBend === props.number - 1) ?? [],
);
const last = computed(() => props.number >= count.value);

/** Pliers grip where the arc begins; thumbs press where its middle will be. */
const at = computed(() => piece.value.wire.bendAt);
/** What is bent on a twisted rope is bent once, all strands together. */
const rope = computed(() => wire.value && bend.value && onRope(wire.value, bend.value));

function go(step: number): void {
  const next = props.number + step;
  if (next < 1) return;
  if (next > count.value) leave();
  else void router.replace(`/piece/${piece.value.id}/bending/${props.wireId}/${next}`);
}
const leave = (): void => void router.push(`/piece/${piece.value.id}/wire`);
</script>

<template>
  <BenchFrame
    v-if="wire && bend"
    :timer="timer"
    :timed="say.onThisWire"
    :paused="paused"
    :back="number === 1 ? say.firstBend : say.bend(number - 1)"
    :next="last ? say.doneBackToWire : say.bend(number + 1)"
    :hint="say.tapLeftOrRight"
    :first="number === 1"
    @turn="go"
    @leave="leave"
    @pause="pause"
  >
    <template #head>
      <h1>{{ wire.id }} · {{ wire.name.toLowerCase() }}</h1>
      <p class="what">
        {{
          say.cutBendOfFrom(
            wire.metalName,
            sizeText(wire.size, system),
            text(wire.cut.value, 'mm'),
            number,
            count,
            wire.namedEnd,
          )
        }}
      </p>
    </template>
    <RulerStrip :wire="wire" :number="number" :at="at" />
    <p v-for="feature in before" :key="feature.name" class="before">
      {{ say.first(featureText(feature))
      }}<template v-if="feature.kind !== 'end'">{{
        say.ofWireFrom(text(feature.lengthMm, 'mm'), text(feature.atMm, 'mm'))
      }}</template
      >.
    </p>
    <div class="columns">
      <section :aria-label="say.direction">
        <h2>{{ say.whichWayItGoes(wire.namedEnd) }}</h2>
        <TurnDial :turn-deg="turn" :number="number" />
        <p class="big-line">
          <span v-if="number > 1" class="number big">{{ Math.round(Math.abs(turn)) }}°</span>
          {{ turnText }}
        </p>
      </section>
      <BendTarget :bend="bend" :number="number" />
      <section :aria-label="say.wireSoFar">
        <h2>{{ say.wireAfterThisBend }}</h2>
        <WireSoFar :wire="wire" :number="number" />
        <p class="lay">
          {{ say.at }} <b>{{ bend.place }}</b><template v-if="rope">{{
            say.allStrandsTogether
          }}</template
          >{{ say.layItOnSheet }}
        </p>
      </section>
    </div>
  </BenchFrame>
  <main v-else class="missing">
    <h1>{{ say.noSuchBend }}</h1>
    <p>{{ say.wireHasBendsThere(wireId, count, number) }}</p>
    <button type="button" class="leave" @click="leave">{{ say.backToWire }}</button>
  </main>
</template>

<style scoped>
h1 {
  font-size: 30px;
  line-height: 1.15;
}
.what {
  margin: 2px 0 0;
  color: var(--soft);
  font-size: 17px;
}
.leave {
  min-height: 64px;
  padding: 0 24px;
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
.missing {
  padding: 80px;
}
</style>
