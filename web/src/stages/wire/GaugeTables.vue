<script setup lang="ts">
import * as say from './words.ts';
import { gaugeLabel, gaugeTable, WORKSHOP_GAUGES } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';

/** The three gauge tables beside each other: a number means another wire in each. */
const { number, system } = useUnits();
const SYSTEMS = ['AWG', 'SWG', say.usSteel] as const;
const tables = SYSTEMS.map(
  (name) => new Map(gaugeTable(name).map(({ gauge, diameterMm }) => [gauge, diameterMm])),
);
const shown = (mm: number | undefined): string =>
  mm === undefined ? '' : system.value === 'metric' ? mm.toFixed(2) : number(mm, 'mm', 3);
</script>

<template>
  <ReckoningTable
    :columns="[say.no, ...SYSTEMS.map((name) => `${name} ${system === 'metric' ? 'mm' : 'in'}`)]"
    :rows="WORKSHOP_GAUGES"
    :key-of="(gauge) => gauge"
  >
    <template #row="{ row: gauge }">
      <tr>
        <td class="number">{{ gaugeLabel(gauge) }}</td>
        <td v-for="(table, i) in tables" :key="SYSTEMS[i]" class="number">
          {{ shown(table.get(gauge)) }}
        </td>
      </tr>
    </template>
  </ReckoningTable>
  <HintText>
    {{ say.awgIsAstmB }}
  </HintText>
</template>
