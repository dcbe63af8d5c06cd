<script setup lang="ts">
import * as say from './words.ts';
import { MARKING_MOST, type Band, type Marking } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import HintText from '../../../kit/HintText.vue';
import { lengthAt, percentAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { withMarking } from './markingChanges.ts';

/** One sequence of rings, ring by ring, and where each of them lies on the model. */
const props = defineProps<{ marking: Marking }>();
const { plan, change } = usePiecePlan();
const { text, system } = useUnits();
const colours = computed(() => [
  ...props.marking.colours.map(({ name }, i) => ({ label: name, value: `${i}` })),
  { label: say.coatShows, value: 'coat' },
]);
const rings = computed(
  () =>
    plan.value.markings.measures.find(({ markingId }) => markingId === props.marking.id)?.rings ??
    [],
);
const put = (bands: readonly Band[]): void =>
  change(say.changeMarking(props.marking.name), (p) =>
    withMarking(p, plan.value, props.marking.id, { bands }),
  );
const set = (n: number, part: Partial<Band>): void =>
  put(props.marking.bands.map((band, i) => (i === n ? { ...band, ...part } : band)));
</script>

<template>
  <HintText>{{ say.bandsHint }}</HintText>
  <fieldset v-for="(band, n) in marking.bands" :key="n">
    <legend class="visually-hidden">{{ say.bands }}</legend>
    <ChoiceField
      small
      :label="say.bandColour(n + 1)"
      :value="band.colour === null ? 'coat' : `${band.colour}`"
      :options="colours"
      @set="set(n, { colour: $event === 'coat' ? null : Number($event) })"
    />
    <QuantityField
      small
      :label="say.bandWidth(n + 1)"
      :shown="text(band.mm, 'mm')"
      :parse="lengthAt('colour.markings.*.bands.*.mm', say.bandWidth(n + 1), system)"
      @set="set(n, { mm: $event })"
    />
    <QuantityField
      small
      :label="say.bandSpeckle(n + 1)"
      :shown="`${Math.round(100 * band.speckle)} %`"
      :parse="percentAt('colour.markings.*.bands.*.speckle', say.bandSpeckle(n + 1))"
      @set="set(n, { speckle: $event })"
    />
  </fieldset>
  <ActionButton
    v-if="marking.bands.length < MARKING_MOST.bands"
    @click="put([...marking.bands, { colour: 0, mm: marking.widthMm, speckle: 0 }])"
    >{{ say.addBand }}</ActionButton
  >
  <ActionButton v-if="marking.bands.length > 1" @click="put(marking.bands.slice(0, -1))">{{
    say.dropBand
  }}</ActionButton>
  <h4 v-if="rings.length > 0">{{ say.ringsOnModel }}</h4>
  <template v-for="{ from, wide } in rings" :key="from.id">
    <WorkingRow :working="from" />
    <WorkingRow :working="wide" />
  </template>
</template>

<style scoped>
fieldset {
  display: grid;
  grid-template-columns: 1.3fr 1fr 1fr;
  gap: 6px;
  border: 0;
  margin: 0;
  padding: 3px 0;
}
h4 {
  margin: 10px 0 2px;
  font: 700 15px var(--font-title);
}
</style>
