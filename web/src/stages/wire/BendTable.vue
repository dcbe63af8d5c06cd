<script setup lang="ts">
import * as say from './words.ts';
import {
  sameTarget,
  featureText,
  isStraight,
  type PlannedBend,
  type PlannedWire,
  type Working,
} from '@keen-sinew/core';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';

import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import WorkingDetail from '../../ledger/WorkingDetail.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';

const props = defineProps<{ wire: PlannedWire }>();
const { target, open, pick } = useSelection();
const { number } = useUnits();

const COLUMNS = ['mark', 'middle', 'turn', 'angle', 'bendTo'] as const;
const cells = (bend: PlannedBend): readonly (Working | undefined)[] =>
  COLUMNS.map((column) => bend[column]);
const shown = (cell: Working) =>
  cell.unit === 'mm'
    ? number(cell.value, 'mm')
    : `${cell.value.toFixed(cell.id.endsWith('turn') ? 0 : 1)}°`;
const openOf = (bend: PlannedBend) => cells(bend).find((cell) => cell?.id === open.value);
const featuresAfter = (number: number) =>
  props.wire.features.filter(({ afterBend }) => afterBend === number);
const isPicked = (bend: PlannedBend) =>
  sameTarget(target.value, { kind: 'bend', wireId: props.wire.id, bend: bend.number });

const toggle = (cell: Working): void =>
  open.value === cell.id ? pick(null) : pick(cell.target ?? null, cell.id);
</script>

<template>
  <ReckoningTable
    :columns="[say.no, say.start, say.middle, say.turn, say.angle, say.bendTo]"
    :rows="wire.bends"
    :key-of="(bend) => bend.number"
    ><template #before
      ><tr v-for="feature in featuresAfter(0)" :key="feature.name">
        <td colspan="6" class="feature">{{ say.first(featureText(feature)) }}</td>
      </tr> </template
    ><template #row="{ row: bend }">
      <tr :class="{ chosen: isPicked(bend) }" :title="bend.place">
        <td>{{ bend.number }}</td>
        <td v-for="(cell, i) in cells(bend)" :key="i">
          <span v-if="cell && COLUMNS[i] === 'bendTo' && isStraight(bend)">{{ say.straight }}</span>
          <ActionButton
            v-else-if="cell"
            kind="plain"
            class="number"
            :data-working="cell.id"
            :aria-expanded="open === cell.id"
            :aria-label="
              say.bend(
                bend.number,
                bend.place,
                cell.label.split(', ').slice(1).join(', '),
                shown(cell),
              )
            "
            @click="toggle(cell)"
          >
            {{ shown(cell) }}
          </ActionButton>
          <span v-else>{{ say.none }}</span>
        </td>
      </tr>
      <tr v-if="openOf(bend)">
        <td colspan="6">
          <b>{{ bend.place }}</b>
          <WorkingDetail :working="openOf(bend)!" />
        </td>
      </tr>
      <tr v-for="feature in featuresAfter(bend.number)" :key="feature.name">
        <td colspan="6" class="feature">
          {{
            say.thenFrom(
              featureText(feature),
              number(feature.lengthMm, 'mm'),
              number(feature.atMm, 'mm'),
            )
          }}
        </td>
      </tr>
    </template></ReckoningTable
  >
  <HintText>
    {{ say.startJawOfPliers }}
  </HintText>
  <WorkingRow v-if="wire.leftOut" :working="wire.leftOut" />
</template>

<style scoped>
.feature {
  text-align: left !important;
  color: var(--slate);
  font-size: 13.5px;
}
</style>
