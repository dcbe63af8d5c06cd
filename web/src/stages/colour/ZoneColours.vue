<script setup lang="ts">
import * as say from './words.ts';
import { sameTarget, type ColourPlan, type ZoneColour } from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ZoneChoices from './ZoneChoices.vue';
import ZoneLayers from './ZoneLayers.vue';

/** One zone or detail at a time: what is decided of it, and what it takes layer by layer. */
const props = defineProps<{ colour: ColourPlan }>();
const { target, pick } = useSelection();
const chosenId = ref('flanks');
const chosen = computed(
  () =>
    props.colour.zones.find((entry) => entry.zone.id === chosenId.value) ?? props.colour.zones[0]!,
);
const groups = computed(() =>
  [
    {
      name: say.zones,
      zones: props.colour.zones.filter(({ isDetail, isMarking }) => !isDetail && !isMarking),
    },
    { name: say.markedZones, zones: props.colour.zones.filter(({ isMarking }) => isMarking) },
    { name: say.details, zones: props.colour.zones.filter(({ isDetail }) => isDetail) },
  ].filter(({ zones }) => zones.length > 0),
);
watch(
  // Markings join the zones when they are laid on the skin.
  [target, () => props.colour.zones.length] as const,
  ([now]) => {
    const its = props.colour.zones.find(({ zone }) => sameTarget(zone.target, now));
    if (its !== undefined) chosenId.value = its.zone.id;
  },
  { immediate: true },
);

function choose({ id, target: its }: ZoneColour['zone']): void {
  chosenId.value = id;
  pick(its);
}
</script>

<template>
  <div
    v-for="group in groups"
    :key="group.name"
    class="zones"
    role="group"
    :aria-label="group.name"
  >
    <ActionButton
      v-for="zone in group.zones"
      :key="zone.zone.id"
      kind="line"
      :aria-pressed="zone === chosen"
      @click="choose(zone.zone)"
    >
      <i :style="{ background: zone.hex }" />{{ zone.zone.name }}
    </ActionButton>
  </div>
  <h4>{{ chosen.zone.name }}</h4>
  <ZoneChoices :chosen="chosen" />
  <ZoneLayers :chosen="chosen" :colour="colour" />
</template>

<style scoped>
.zones {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-bottom: 6px;
}
i {
  width: 14px;
  height: 14px;
  border: 1px solid var(--soft);
  flex: none;
}
h4 {
  margin: 12px 0 4px;
  font: 700 16px var(--font-title);
}
</style>
