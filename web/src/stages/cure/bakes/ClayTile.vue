<script setup lang="ts">
import * as say from './words.ts';
import { accepted, cutText, TILE_BENDS, TILE_SCRATCHES, type ClayTile } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ColourField from '../../../kit/ColourField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import SwitchField from '../../../kit/SwitchField.vue';
import { today } from '../../bench/stepChanges.ts';
import { withPart } from '../../withPart.ts';

/** The test tile of a clay, kept with it; and whether it is old and wants conditioning. */
const props = defineProps<{ of: 'clay' | 'shellClay' }>();
const { piece, change } = usePiecePlan();
const clay = computed(() => piece.value.mass[props.of] ?? piece.value.mass.clay);
const tile = computed(() => clay.value.tile);
const NEW: Omit<ClayTile, 'on'> = {
  ...{ bent: 'springs', scratched: 'fine', rawHex: null, bakedHex: null, note: '' },
};
const bends = TILE_BENDS.map((value) => ({ value: value as string, label: say.bends[value] }));
const scratches = TILE_SCRATCHES.map((value) => ({
  value: value as string,
  label: say.scratches[value],
}));
const put = (label: string, part: Partial<typeof clay.value>): void =>
  change(label, (p) =>
    withPart(p, 'mass', { [props.of]: { ...(p.mass[props.of] ?? p.mass.clay), ...part } }),
  );
const putTile = (part: Partial<ClayTile>): void =>
  put(say.enterTile, { tile: { ...NEW, on: today(), ...tile.value, ...part } });
/** What a swatch begins with before anybody looked. */
const GREY = '#b8b0a2';
</script>

<template>
  <DecisionRow :name="say.clayIsOld">
    <SwitchField
      :label="say.clayIsOld"
      :value="clay.old"
      @set="put(say.changeOld, { old: $event })"
    />
  </DecisionRow>
  <HintText v-if="tile === null">{{ say.noTile }}</HintText>
  <template v-else>
    <DecisionRow :name="say.bentWord">
      <ChoiceField
        small
        :label="say.bentWord"
        :value="tile.bent"
        :options="bends"
        @set="putTile({ bent: $event as ClayTile['bent'] })"
      />
    </DecisionRow>
    <DecisionRow :name="say.scratchedWord">
      <ChoiceField
        small
        :label="say.scratchedWord"
        :value="tile.scratched"
        :options="scratches"
        @set="putTile({ scratched: $event as ClayTile['scratched'] })"
      />
    </DecisionRow>
    <DecisionRow :name="say.rawColour">
      <ColourField
        :label="say.rawColour"
        :hex="tile.rawHex ?? GREY"
        @set="putTile({ rawHex: $event })"
      />
    </DecisionRow>
    <DecisionRow :name="say.bakedColour">
      <ColourField
        :label="say.bakedColour"
        :hex="tile.bakedHex ?? GREY"
        @set="putTile({ bakedHex: $event })"
      />
    </DecisionRow>
    <QuantityField
      small
      words
      :label="say.noteOnTile(tile.on)"
      :placeholder="say.note"
      :shown="tile.note"
      :parse="(typed) => accepted(cutText(typed, 200))"
      @set="putTile({ note: $event })"
    />
  </template>
  <ActionButton v-if="tile === null" kind="line" @click="putTile({})">{{
    say.enterTile
  }}</ActionButton>
  <ActionButton v-else @click="put(say.newPacket, { tile: null })">{{
    say.newPacket
  }}</ActionButton>
</template>
