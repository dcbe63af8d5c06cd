<script setup lang="ts">
import * as say from './words.ts';
import {
  accepted,
  clayById,
  CLAYS,
  limitsOf,
  parseMass,
  parseMinutes,
  parseTemperature,
  refused,
  type ClayChoice,
  type ClayId,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import DecisionRow from '../../controls/DecisionRow.vue';
import { lengthAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import { withPart } from '../withPart.ts';

/**
 * One of the user's clays: its class, and what its own label says. `part` shows what a stage needs;
 * `of` tells which clay, where the shells have another.
 */
const props = withDefaults(defineProps<{ part: 'packet' | 'oven'; of?: 'clay' | 'shellClay' }>(), {
  of: 'clay',
});
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const clay = computed(() => piece.value.mass[props.of] ?? piece.value.mass.clay);
const figures = computed(() => {
  const { figures: whole, shellFigures } = plan.value.cure;
  return props.of === 'clay' ? whole : (shellFigures ?? whole);
});
/** The name of a field, told apart where there are two clays. */
const named = (words: string): string => (props.of === 'clay' ? words : say.shells(words));
const OPTIONS = CLAYS.map(({ id, name }) => ({ label: name, value: id as string }));
type Label = ClayChoice['label'];
type Block = NonNullable<ClayChoice['weighed']>;

const put = (what: string, part: Partial<ClayChoice>): void =>
  change(what, (p) =>
    withPart(p, 'mass', { [props.of]: { ...(p.mass[props.of] ?? p.mass.clay), ...part } }),
  );
const putLabel = (part: Partial<Label>): void =>
  put(say.enterLabelOfClay, { label: { ...clay.value.label, ...part } });
const putBlock = (part: Partial<Block>): void =>
  put(say.weighBlockOfClay, {
    weighed: {
      ...(clay.value.weighed ?? { grams: 70, lengthMm: 40, widthMm: 50, heightMm: 20 }),
      ...part,
    },
  });

/** Another class keeps the name only where the user gave one. */
function setClass(id: string): void {
  const classId = id as ClayId;
  const ownName = clay.value.name !== clayById(clay.value.classId).name;
  put(say.chooseAnotherClay, {
    classId,
    name: ownName ? clay.value.name : clayById(classId).name,
  });
}
const readName = (typed: string) =>
  typed.trim().length > 0 && typed.trim().length <= 60
    ? accepted(typed.trim())
    : refused(say.nameOfClay, typed, say.oneToSixtyLetters);
const SIDES = [
  { key: 'lengthMm', name: say.blockLength },
  { key: 'widthMm', name: say.blockWidth },
  { key: 'heightMm', name: say.blockHeight },
] as const;
</script>

<template>
  <DecisionRow :name="say.classOfClay">
    <ChoiceField
      small
      :label="named(say.classOfClay)"
      :value="clay.classId"
      :options="OPTIONS"
      @set="setClass"
    />
  </DecisionRow>
  <DecisionRow :name="say.whatYouCallIt">
    <QuantityField
      small
      :label="named(say.nameOfClay)"
      :shown="clay.name"
      :parse="readName"
      @set="put(say.nameClay, { name: $event })"
    />
  </DecisionRow>
  <p class="remark">{{ figures.clay.remark }}</p>
  <template v-if="props.part === 'packet'">
    <DecisionRow
      :name="say.packetByItsLabel"
      :own="clay.label.packetG !== null"
      @revert="putLabel({ packetG: null })"
    >
      <QuantityField
        small
        :label="named(say.packetOfClay)"
        :shown="text(figures.packet.value, 'g')"
        :parse="
          (typed) => parseMass(typed, say.packetOfClay, limitsOf('mass.clay.label.packetG'), system)
        "
        @set="putLabel({ packetG: $event })"
      />
    </DecisionRow>
    <DecisionRow
      :name="say.blockOnScale"
      :own="clay.weighed !== null"
      @revert="put(say.forgetWeighedBlock, { weighed: null })"
    >
      <QuantityField
        small
        :label="named(say.blockOfClayOn)"
        :placeholder="say.notWeighed"
        :shown="clay.weighed ? text(clay.weighed.grams, 'g', 1) : ''"
        :parse="
          (typed) =>
            parseMass(typed, say.blockOnScale2, limitsOf('mass.clay.weighed.grams'), system)
        "
        @set="putBlock({ grams: $event })"
      />
    </DecisionRow>
    <template v-if="clay.weighed">
      <DecisionRow v-for="side in SIDES" :key="side.key" :name="side.name">
        <QuantityField
          small
          :label="named(side.name)"
          :shown="text(clay.weighed[side.key], 'mm')"
          :parse="lengthAt(`mass.clay.weighed.${side.key}`, side.name, system)"
          @set="putBlock({ [side.key]: $event })"
        />
      </DecisionRow>
    </template>
    <p v-else class="remark">
      {{ say.cutSquareBlockMeasure }}
    </p>
  </template>
  <template v-else>
    <DecisionRow
      v-if="figures.temperature"
      :name="say.curesAtByIts"
      :own="clay.label.temperatureC !== null"
      @revert="putLabel({ temperatureC: null })"
    >
      <QuantityField
        small
        :label="named(say.curingTemperatureOnLabel)"
        :shown="text(figures.temperature.value, 'degC')"
        :parse="
          (typed) =>
            parseTemperature(
              typed,
              say.curingTemperature,
              limitsOf('mass.clay.label.temperatureC'),
              system,
            )
        "
        @set="putLabel({ temperatureC: $event })"
      />
    </DecisionRow>
    <DecisionRow
      :name="say.neverAboveByIts"
      :own="clay.label.limitC !== null"
      @revert="putLabel({ limitC: null })"
    >
      <QuantityField
        small
        :label="named(say.upperLimitOnLabel)"
        :shown="text(figures.limit.value, 'degC')"
        :parse="
          (typed) =>
            parseTemperature(typed, say.upperLimit, limitsOf('mass.clay.label.limitC'), system)
        "
        @set="putLabel({ limitC: $event })"
      />
    </DecisionRow>
    <template v-if="figures.clay.setting === 'oven'">
      <DecisionRow
        :name="say.minutesByItsLabel"
        :own="clay.label.minutes !== null"
        @revert="putLabel({ minutes: null })"
      >
        <QuantityField
          small
          :label="named(say.minutesOnLabel)"
          :shown="text(figures.time.value, 'min')"
          :parse="
            (typed) => parseMinutes(typed, say.minutes, limitsOf('mass.clay.label.minutes'), system)
          "
          @set="putLabel({ minutes: $event })"
        />
      </DecisionRow>
      <DecisionRow
        :name="say.forEachThicknessOf"
        :own="clay.label.perMm !== null"
        @revert="putLabel({ perMm: null })"
      >
        <QuantityField
          small
          :label="named(say.thicknessOnLabel)"
          :shown="text(figures.perMm.value, 'mm')"
          :parse="lengthAt('mass.clay.label.perMm', say.thicknessOnLabel, system)"
          @set="putLabel({ perMm: $event })"
        />
      </DecisionRow>
    </template>
  </template>
</template>

<style scoped>
.remark {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
