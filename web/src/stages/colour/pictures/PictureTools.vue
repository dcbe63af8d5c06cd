<script setup lang="ts">
import * as say from './words.ts';
import type { CardKind } from '@keen-sinew/core';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import type { AskMode, PictureAsk } from './usePictureAsk.ts';

/** Which picture is asked, and what a touch on it sets. */
const props = defineProps<{ ask: PictureAsk }>();
const { piece } = usePiecePlan();
const { pictures, chosen, picture, mode, kind, round, card } = props.ask;
const MODES = (['round', 'card'] as const).map((value) => ({ label: say.MODES[value], value }));
const CARDS = (['grey', 'paper'] as const).map((value) => ({ label: say.CARDS[value], value }));
</script>

<template>
  <div class="tools">
    <ChoiceField
      small
      :label="say.whichPicture"
      :value="picture?.id ?? ''"
      :options="pictures.map(({ id: value, name: label }) => ({ label, value }))"
      @set="chosen = $event"
    />
    <RouterLink :to="`/piece/${piece.id}/measure/pictures`">{{ say.morePictures }}</RouterLink>
    <ChoiceRow
      :label="say.whatYouSet"
      :value="mode"
      :options="MODES"
      @set="mode = $event as AskMode"
    />
    <ChoiceRow
      v-if="mode === 'card'"
      :label="say.whatCard"
      :value="kind"
      :options="CARDS"
      @set="kind = $event as CardKind"
    />
    <ActionButton v-if="round" @click="ask.setRound(null)">{{ say.wholePicture }}</ActionButton>
    <ActionButton v-if="card" @click="ask.setCard(null)">{{ say.noCard }}</ActionButton>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  margin: 6px 0;
}
</style>
