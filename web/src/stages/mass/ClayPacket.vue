<script setup lang="ts">
import * as say from './words.ts';
import { limitsOf, parseMass } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { lengthAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { useClayLabel, type WhichClay } from './useClayLabel.ts';

/** The packet of a clay, and a block of it on the scale. */
const props = defineProps<{ of: WhichClay }>();
const { system, text } = useUnits();
const { clay, figures, named, put, putLabel, putBlock } = useClayLabel(() => props.of);
const SIDES = [
  { key: 'lengthMm', name: say.blockLength },
  { key: 'widthMm', name: say.blockWidth },
  { key: 'heightMm', name: say.blockHeight },
] as const;
</script>

<template>
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
        (typed) => parseMass(typed, say.blockOnScale2, limitsOf('mass.clay.weighed.grams'), system)
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
  <HintText v-else>
    {{ say.cutSquareBlockMeasure }}
  </HintText>
</template>
