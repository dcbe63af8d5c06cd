<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseMinutes, parseTemperature, quantityText } from '@keen-sinew/core';
import { useNow } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import { useOvenStore } from '../../../stores/ovenStore.ts';
import { today } from '../../bench/stepChanges.ts';
import { withLog } from './bakeChanges.ts';
import ProbeChoices from './ProbeChoices.vue';
import { useBake } from './useBake.ts';
import { useProbeChoices } from './useProbeChoices.ts';

/** The oven at work: put the bake in, watch it by the probe or by a thermometer, take it out and keep what it was. */
const oven = useOvenStore();
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const { stage, pick } = useBake();
const choices = useProbeChoices();
onMounted(() => void oven.restore());

const mine = computed(() => oven.running?.pieceId === piece.value.id);
const of = computed(() => plan.value.cure.stages.find(({ id }) => id === oven.running?.bake));
const last = computed(() => oven.running?.readings.at(-1));
const now = useNow({ interval: 1000 });
/** Minutes since it went in: of the probe's own clock, which may be quicker, or of ours. */
const minutes = computed(() => {
  const bake = oven.running;
  if (bake === null) return 0;
  const clock = Math.max(0, (now.value.getTime() - bake.startedMs) / 60_000);
  return bake.by === 'probe' ? (last.value?.min ?? 0) : clock;
});
const toGo = computed(() => Math.max(0, (of.value?.bake?.value ?? 0) - minutes.value));

function start(by: 'probe' | 'typed'): void {
  const dialC = stage.value.dial!.value;
  const { oven: kind, speed, ballMm } = choices.value;
  oven.start(
    {
      pieceId: piece.value.id,
      bake: stage.value.id,
      dialC,
      by,
      ballMm: by === 'probe' ? ballMm : null,
    },
    by === 'probe' ? { dialC, oven: kind, speed, ballMm, seed: Date.now() % 100_000 } : null,
  );
}
function takeOut(): void {
  const bake = oven.take();
  if (bake === null) return;
  change(say.keepBake, (p) => withLog(p, bake, today()));
  pick(bake.bake);
}

/** A reading typed: its minute is now where none is typed. */
const typedMin = ref<number | null>(null);
function typedReading(airC: number): void {
  const min = Math.round((typedMin.value ?? minutes.value) * 10) / 10;
  oven.add({ min, airC, ballC: null });
  typedMin.value = null;
}
</script>

<template>
  <template v-if="oven.running === null">
    <template v-if="stage.dial">
      <ProbeChoices />
      <div class="acts">
        <ActionButton kind="wide" @click="start('probe')">{{ say.putInWithProbe }}</ActionButton>
        <ActionButton kind="wide-line" @click="start('typed')">{{ say.putInAndType }}</ActionButton>
      </div>
    </template>
    <HintText v-else>{{ say.setsInRoom }}</HintText>
  </template>
  <HintText v-else-if="!mine">{{ say.ovenIsTaken }}</HintText>
  <template v-else>
    <p class="state" role="status">
      <b>{{ of ? say.inOvenNow(of.name) : say.bakeGone }}</b>
      <span class="number now">{{ say.minutesIn(minutes.toFixed(0), toGo.toFixed(0)) }}</span>
      <span v-if="last" class="number now">{{ quantityText(last.airC, 'degC', system) }}</span>
    </p>
    <HintText v-if="oven.problem" alarm>{{ oven.problem }}</HintText>
    <HintText v-else-if="oven.running.isBroken">{{ say.pageWasClosed }}</HintText>
    <template v-if="oven.running.by === 'typed' || oven.running.isBroken">
      <DecisionRow :name="say.atMinute">
        <QuantityField
          small
          :label="say.atMinute"
          :shown="typedMin === null ? '' : text(typedMin, 'min')"
          :placeholder="say.nowWord(minutes.toFixed(0))"
          :parse="
            (typed) =>
              parseMinutes(typed, say.atMinute, limitsOf('cure.log.*.readings.*.min'), system)
          "
          @set="typedMin = $event"
        />
      </DecisionRow>
      <DecisionRow :name="say.thermometerShows">
        <QuantityField
          :key="oven.running.readings.length"
          small
          :label="say.thermometerShows"
          shown=""
          :parse="
            (typed) =>
              parseTemperature(
                typed,
                say.thermometerShows,
                limitsOf('cure.log.*.readings.*.airC'),
                system,
              )
          "
          @set="typedReading($event)"
        />
      </DecisionRow>
      <HintText>{{ say.readingsSoFar(oven.running.readings.length) }}</HintText>
    </template>
    <div class="acts">
      <ActionButton kind="wide" :disabled="oven.running.readings.length < 2" @click="takeOut">
        {{ say.takeOut }}
      </ActionButton>
      <ActionButton @click="oven.take()">{{ say.throwAway }}</ActionButton>
    </div>
  </template>
</template>

<style scoped>
.state {
  margin: 4px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}
.now {
  font-size: 20px;
}
.acts {
  display: grid;
  gap: 8px;
  margin: 8px 4px;
}
</style>
