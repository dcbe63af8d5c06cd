<script setup lang="ts">
import * as say from './words.ts';
import {
  EXTRA_IDS,
  NEW_ZONE_COLOUR,
  SCHOOLS,
  SHEENS,
  type ExtraId,
  type Piece,
  type School,
  type Sheen,
  type ZoneColour,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import CheckField from '../../kit/CheckField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import ColourField from '../../kit/ColourField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import SwatchFromPicture from '../../pictures/SwatchFromPicture.vue';
import { withZoneColour } from './zoneChanges.ts';

/** What is decided of a zone or a detail: its colour, its sheen, its way, and what layers it has besides. */
const props = defineProps<{ chosen: ZoneColour }>();
const { piece, change } = usePiecePlan();
const SHEEN_NAMES = {
  matt: say.matt,
  satin: say.satin,
  gloss: say.gloss,
  wet: say.highGloss,
} as const;
const SHEEN_OPTIONS = SHEENS.map((value) => ({ label: SHEEN_NAMES[value], value }));
const WAYS = SCHOOLS.map((value) => ({ label: say.SCHOOL_NAMES[value], value }));
const own = computed(() => piece.value.colour.zones[props.chosen.zone.id] ?? NEW_ZONE_COLOUR);

function set(part: Partial<Piece['colour']['zones'][string]>): void {
  const { id, name } = props.chosen.zone;
  change(say.changeColourOf(name.toLowerCase()), (p) => withZoneColour(p, id, part));
}
const isPainted = computed(
  () => props.chosen.school !== 'coloured-clay' && props.chosen.school !== 'pastel',
);
/** Layers besides those of its way; under fibre none shows, and dark first has an underpainting of its own. */
const extras = computed(() =>
  props.chosen.isDetail || props.chosen.fibre || !isPainted.value
    ? []
    : EXTRA_IDS.filter((id) => id !== 'under' || props.chosen.school === 'over-clay'),
);
const has = (id: ExtraId): boolean => own.value.extras.some((of) => of === id);
const put = (id: ExtraId, isIn: boolean): void =>
  set({ extras: EXTRA_IDS.filter((of) => (of === id ? isIn : has(of))) });
</script>

<template>
  <DecisionRow
    :name="say.colourToAimAt"
    :own="chosen.own"
    :back="say.librarys"
    @revert="set({ hex: null })"
  >
    <ColourField
      :label="say.colourOf(chosen.zone.name)"
      :hex="chosen.hex"
      @set="set({ hex: $event })"
    />
  </DecisionRow>
  <SwatchFromPicture :label="say.colourOf(chosen.zone.name)" @set="set({ hex: $event })" />
  <ChoiceRow
    :label="say.sheenOf(chosen.zone.name)"
    :value="chosen.sheen"
    :options="SHEEN_OPTIONS"
    class="sheen"
    @set="set({ sheen: $event as Sheen })"
  />
  <DecisionRow
    v-if="!chosen.isDetail"
    :name="say.wayOfZone"
    :own="own.school !== null"
    :back="say.pieces"
    @revert="set({ school: null })"
  >
    <ChoiceField
      small
      :label="say.wayOf(chosen.zone.name)"
      :value="chosen.school"
      :options="WAYS"
      @set="set({ school: $event as School })"
    />
  </DecisionRow>
  <div v-if="extras.length > 0" class="extras" role="group" :aria-label="say.layersBesides">
    <CheckField v-for="id in extras" :key="id" :checked="has(id)" @set="put(id, $event)">{{
      say.EXTRA_NAMES[id]
    }}</CheckField>
  </div>
  <CheckField
    v-if="chosen.school === 'coloured-clay' && !chosen.isDetail"
    :checked="own.marbled"
    @set="set({ marbled: $event })"
    >{{ say.marbled }}</CheckField
  >
  <HintText v-if="own.hex === null">{{ say.coloursOfLibraryAre }}</HintText>
</template>

<style scoped>
.sheen {
  margin: 6px 0;
}
.extras {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 6px 4px;
}
</style>
