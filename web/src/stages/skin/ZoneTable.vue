<script setup lang="ts">
import * as say from './words.ts';
import type { ZonePlan } from '@keen-sinew/core';
import { computed, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import { METHOD_NAMES } from './methodNames.ts';
import ZoneFields from './ZoneFields.vue';

/** The zones of the coat, and one of them with what is decided about it. */
const { plan } = usePiecePlan();
const { target, pick } = useSelection();
const { text } = useUnits();
const zones = computed(() => plan.value.skin.zones);
const chosenId = ref('flanks');
const chosen = computed(
  () => zones.value.find((entry) => entry.zone.id === chosenId.value) ?? zones.value[0]!,
);
watch(
  target,
  (now) => {
    if (now?.kind === 'zone') chosenId.value = now.id;
  },
  { immediate: true },
);

function choose(entry: ZonePlan): void {
  chosenId.value = entry.zone.id;
  pick({ kind: 'zone', id: entry.zone.id });
}

const madeWith = (zone: ZonePlan): string =>
  zone.strokes === null
    ? METHOD_NAMES[zone.method].toLowerCase()
    : (zone.strokes.tool?.name ?? say.noneSoFine);
const many = ({ strokes, planting }: ZonePlan): string => {
  const count = strokes?.count ?? planting?.tufts;
  return count ? String(count.value) : '';
};
</script>

<template>
  <ReckoningTable
    :columns="[say.zone, say.long, say.wide, say.howMany, say.madeWith]"
    :rows="zones"
    :key-of="(entry) => entry.zone.id"
    ><template #row="{ row: entry }"
      ><tr :class="{ chosen: entry === chosen }">
        <td>
          <ActionButton
            kind="plain"
            class="zone"
            :aria-pressed="entry === chosen"
            @click="choose(entry)"
          >
            {{ entry.zone.name }}
          </ActionButton>
        </td>
        <td class="number">{{ text(entry.length.value, 'mm').replace(/ .*/, '') }}</td>
        <td class="number">
          {{ entry.width ? text(entry.width.value, 'mm', 2).replace(/ .*/, '') : '' }}
        </td>
        <td class="number">{{ many(entry) }}</td>
        <td class="tool" :class="{ none: entry.strokes !== null && !entry.strokes.tool }">
          {{ madeWith(entry) }}
        </td>
      </tr></template
    ></ReckoningTable
  >
  <ZoneFields :entry="chosen" />
</template>

<style scoped>
.chosen .zone {
  font-weight: 700;
}
.tool {
  font-size: 13px;
}
.none {
  color: var(--ochre);
  font-weight: 600;
}
</style>
