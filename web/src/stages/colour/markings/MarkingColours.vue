<script setup lang="ts">
import * as say from './words.ts';
import { MARKING_MOST, markingZoneId, sameTarget, type Marking } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useSelection } from '../../../composables/useSelection.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ColourField from '../../../kit/ColourField.vue';
import HintText from '../../../kit/HintText.vue';
import NameField from '../../../kit/NameField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { withZoneColour } from '../zoneChanges.ts';
import { withMarking } from './markingChanges.ts';

/** The colours of a marking: each is a zone of its own to aim at, to layer and to mix. */
const props = defineProps<{ marking: Marking }>();
const { piece, plan, change } = usePiecePlan();
const { target, pick } = useSelection();
const entries = computed(() => plan.value.markings.entries ?? []);
const rows = computed(() =>
  props.marking.colours.map(({ name, hex }, i) => {
    const zoneId = markingZoneId(props.marking.id, i);
    const entry = entries.value.find((of) => of.zoneId === zoneId);
    const zone = plan.value.colour?.zones.find((of) => of.zone.id === zoneId);
    return {
      ...{ name, zoneId, area: entry?.area ?? null, fibre: zone?.fibre ?? false },
      hex: piece.value.colour.zones[zoneId]?.hex ?? hex,
    };
  }),
);
/** Only eyespots, rosettes, rings and spots of wings have more than one. */
const most = computed(
  () =>
    ({ rings: MARKING_MOST.colours, eyespots: MARKING_MOST.colours, rosettes: 2 })[
      props.marking.kind as string
    ] ?? (props.marking.kind === 'wing-spot' ? MARKING_MOST.colours : 1),
);
function rename(n: number, name: string): void {
  const colours = props.marking.colours.map((of, i) => (i === n ? { ...of, name } : of));
  put(colours);
}
const put = (colours: Marking['colours']): void =>
  change(say.changeMarking(props.marking.name), (p) =>
    withMarking(p, plan.value, props.marking.id, { colours }),
  );
const last = computed(() => props.marking.colours.at(-1)!);
const isPicked = (zoneId: string): boolean =>
  sameTarget(target.value, { kind: 'zone', id: zoneId });
</script>

<template>
  <div v-for="(row, n) in rows" :key="row.zoneId" class="entry" :data-colour="row.zoneId">
    <NameField
      v-if="rows.length > 1"
      :label="say.colourName(n + 1)"
      :value="row.name"
      :most="60"
      @set="rename(n, $event)"
    />
    <ColourField
      :label="say.colourOf(row.name)"
      :hex="row.hex"
      @set="
        change(say.changeMarking(marking.name), (p) =>
          withZoneColour(p, row.zoneId, { hex: $event }),
        )
      "
    />
    <WorkingRow v-if="row.area" :working="row.area" />
    <HintText v-if="row.fibre">{{ say.onFibre }}</HintText>
    <RouterLink
      :to="`/piece/${piece.id}/colour`"
      :aria-current="isPicked(row.zoneId) ? 'true' : undefined"
      @click="pick({ kind: 'zone', id: row.zoneId })"
      >{{ say.layersOfIt }}</RouterLink
    >
  </div>
  <ActionButton
    v-if="marking.colours.length < most"
    @click="
      put([
        ...marking.colours,
        { name: say.nextColour(marking.name, marking.colours.length + 1), hex: last.hex },
      ])
    "
    >{{ say.addColour }}</ActionButton
  >
  <ActionButton v-if="marking.colours.length > 1" @click="put(marking.colours.slice(0, -1))">{{
    say.dropColour
  }}</ActionButton>
</template>

<style scoped>
.entry {
  display: grid;
  gap: 4px 8px;
  margin-bottom: 6px;
}
</style>
