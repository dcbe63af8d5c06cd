<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import { lengthAt, numberAt } from '../../kit/limited.ts';
import HintText from '../../kit/HintText.vue';
import QuantityField from '../../kit/QuantityField.vue';
import { withAllowance, withWire } from './wireChanges.ts';

/** What is added to every wire, how tightly it is bent and twisted, and the board it stands on. */
defineProps<{ onRods: boolean }>();
const { piece, change } = usePiecePlan();
const { system, text } = useUnits();
const wire = computed(() => piece.value.wire);

const LENGTHS = [
  { key: 'fold', label: say.loopOrFoldIn },
  { key: 'hook', label: say.hookAboveHead },
  { key: 'tieEnd', label: say.tieEnd },
  { key: 'nutAndWashers', label: say.nutAndWashersEach },
  { key: 'margin', label: say.margin },
  { key: 'marginPerBend', label: say.marginPerBend },
] as const;
const NUMBERS = [
  { key: 'hipTurns', label: say.turnsRoundSpine },
  { key: 'bendRadiusInDiameters', label: say.bendRadiusInWire },
  { key: 'twistPitchInDiameters', label: say.pitchOfTwistIn },
  { key: 'coilPitchInDiameters', label: say.pitchOfCoilIn },
] as const;
const WIRE_LENGTHS = [
  { key: 'coverMm', path: 'wire.coverMm', label: say.leastClayOverWire },
  { key: 'sawLossMm', path: 'workshop.wire.sawLossMm', label: say.lostAtEachCut },
] as const;

const setBase = (part: { thicknessMm?: number; rodMm?: number }): void =>
  change(say.changeBase, (p) => ({
    ...p,
    stance: { ...p.stance, base: { ...p.stance.base, ...part } },
  }));
const read = (path: string, label: string) => lengthAt(path, label, system.value);
</script>

<template>
  <div class="list">
    <label v-if="onRods">
      <span>{{ say.rodBetweenBaseAnd }}</span>
      <QuantityField
        small
        :label="say.rodBetweenBaseAnd"
        :shown="text(piece.stance.base.rodMm, 'mm')"
        :parse="read('stance.base.rodMm', say.rodBetweenBaseAnd)"
        @set="setBase({ rodMm: $event })"
      />
    </label>
    <HintText v-if="onRods">{{ say.rodIsClearance }}</HintText>
    <label v-for="length in LENGTHS" :key="length.key">
      <span>{{ length.label }}</span>
      <QuantityField
        small
        :label="length.label"
        :shown="text(wire.allowancesMm[length.key], 'mm')"
        :parse="read(`wire.allowancesMm.${length.key}`, length.label)"
        @set="change(say.change(length.label), (p) => withAllowance(p, length.key, $event))"
      />
    </label>
    <label v-for="number in NUMBERS" :key="number.key">
      <span>{{ number.label }}</span>
      <QuantityField
        small
        :label="number.label"
        :shown="String(wire[number.key])"
        :parse="numberAt(`wire.${number.key}`, number.label)"
        @set="change(say.change(number.label), (p) => withWire(p, { [number.key]: $event }))"
      />
    </label>
    <label v-for="wireLength in WIRE_LENGTHS" :key="wireLength.key">
      <span>{{ wireLength.label }}</span>
      <QuantityField
        small
        :label="wireLength.label"
        :shown="text(wire[wireLength.key], 'mm')"
        :parse="read(wireLength.path, wireLength.label)"
        @set="
          change(say.change(wireLength.label), (p) => withWire(p, { [wireLength.key]: $event }))
        "
      />
    </label>
    <label>
      <span>{{ say.thicknessOfBase }}</span>
      <QuantityField
        small
        :label="say.thicknessOfBase"
        :shown="text(piece.stance.base.thicknessMm, 'mm')"
        :parse="read('stance.base.thicknessMm', say.thicknessOfBase)"
        @set="setBase({ thicknessMm: $event })"
      />
    </label>
  </div>
</template>

<style scoped>
.list label {
  display: grid;
  grid-template-columns: 1fr 100px;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
  font-size: 14px;
}
</style>
