<script setup lang="ts">
import * as say from './words.ts';
import {
  asItComesOut,
  LIGHT_CLASSES,
  OPACITIES,
  PAINT_KINDS,
  type PaintOnHand,
} from '@keen-sinew/core';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceRow from '../kit/ChoiceRow.vue';
import ColourField from '../kit/ColourField.vue';
import DecisionRow from '../kit/DecisionRow.vue';
import HintText from '../kit/HintText.vue';
import { numberAt } from '../kit/limited.ts';
import QuantityField from '../kit/QuantityField.vue';
import LotFields from './LotFields.vue';
import SwatchFromPicture from '../pictures/SwatchFromPicture.vue';

/** What else is known of a paint: what it is, how it hides, its strength with white, its packet. */
const props = defineProps<{ paint: PaintOnHand }>();
const emit = defineEmits<{ put: [paint: PaintOnHand] }>();
const set = (part: Partial<PaintOnHand>): void => emit('put', { ...props.paint, ...part });
const KINDS = PAINT_KINDS.map((value) => ({ label: say.PAINT_KIND_NAMES[value], value }));
const HIDING = OPACITIES.map((value) => ({ label: say.OPACITY_NAMES[value], value }));
const LIGHT = LIGHT_CLASSES.map((value) => ({ label: say.LIGHT_NAMES[value], value }));
</script>

<template>
  <ChoiceRow
    :label="say.kindOfPaint(paint.name)"
    :value="paint.kind"
    :options="KINDS"
    @set="set({ kind: $event as PaintOnHand['kind'] })"
  />
  <ChoiceRow
    :label="say.hidingOf(paint.name)"
    :value="paint.opacity"
    :options="HIDING"
    @set="set({ opacity: $event as PaintOnHand['opacity'] })"
  />
  <ChoiceRow
    :label="say.lightOf(paint.name)"
    :value="paint.light"
    :options="LIGHT"
    @set="set({ light: $event as PaintOnHand['light'] })"
  />
  <SwatchFromPicture :label="say.colour(paint.name)" @set="set({ hex: $event })" />
  <DecisionRow v-if="paint.tile" :name="say.onTestTile">
    <ColourField
      :label="say.tileLooks(paint.name)"
      :hex="paint.tile"
      @set="set({ tile: $event })"
    />
  </DecisionRow>
  <HintText v-else-if="paint.kind !== 'paint'">{{ say.ovenMakesIt(asItComesOut(paint)) }}</HintText>
  <DecisionRow v-if="paint.tint" :name="say.tintedWith">
    <QuantityField
      small
      :label="say.partsOfWhite(paint.name)"
      :shown="String(paint.tint.white)"
      :parse="numberAt('workshop.paints.*.tint.white', say.partsOfWhite(paint.name))"
      @set="set({ tint: { ...paint.tint!, white: $event } })"
    />
    <ColourField
      :label="say.tintLooks(paint.name)"
      :hex="paint.tint.hex"
      @set="set({ tint: { ...paint.tint!, hex: $event } })"
    />
  </DecisionRow>
  <DecisionRow v-if="paint.card" :name="say.onCard">
    <ColourField
      :label="say.overBlack(paint.name)"
      :hex="paint.card.overBlack"
      @set="set({ card: { ...paint.card!, overBlack: $event } })"
    />
    <ColourField
      :label="say.overWhite(paint.name)"
      :hex="paint.card.overWhite"
      @set="set({ card: { ...paint.card!, overWhite: $event } })"
    />
  </DecisionRow>
  <DecisionRow :name="say.packHolds">
    <QuantityField
      small
      :label="say.packHoldsOf(paint.name)"
      :shown="paint.packMl === null ? '' : String(paint.packMl)"
      :parse="numberAt('workshop.paints.*.packMl', say.packHolds)"
      @set="set({ packMl: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.packCosts">
    <QuantityField
      small
      :label="say.packCostsOf(paint.name)"
      :shown="paint.price === null ? '' : String(paint.price)"
      :parse="numberAt('workshop.paints.*.price', say.packCosts)"
      @set="set({ price: $event })"
    />
  </DecisionRow>
  <LotFields :name="paint.name" :where="paint.where" :opened="paint.opened" @set="set" />
  <div class="acts">
    <ActionButton
      kind="line"
      @click="set({ tile: paint.tile === null ? asItComesOut(paint) : null })"
    >
      {{ paint.tile === null ? say.addTile : say.dropTile }}
    </ActionButton>
    <ActionButton
      kind="line"
      @click="set({ tint: paint.tint === null ? { white: 4, hex: paint.hex } : null })"
    >
      {{ paint.tint === null ? say.addTint : say.dropTint }}
    </ActionButton>
    <ActionButton
      kind="line"
      @click="
        set({
          card: paint.card === null ? { overBlack: paint.hex, overWhite: paint.hex } : null,
        })
      "
    >
      {{ paint.card === null ? say.addCard : say.dropCard }}
    </ActionButton>
  </div>
  <HintText>{{ say.tintHint }}</HintText>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 6px;
}
</style>
