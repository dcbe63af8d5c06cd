<script setup lang="ts">
import * as say from './words.ts';
import { gaugeLabel, gaugeTable, WORKSHOP_GAUGES } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';

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
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">{{ say.no }}</th>
        <th v-for="name in SYSTEMS" :key="name" scope="col">
          {{ name }} {{ system === 'metric' ? 'mm' : 'in' }}
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="gauge in WORKSHOP_GAUGES" :key="gauge">
        <td class="number">{{ gaugeLabel(gauge) }}</td>
        <td v-for="(table, i) in tables" :key="SYSTEMS[i]" class="number">
          {{ shown(table.get(gauge)) }}
        </td>
      </tr>
    </tbody>
  </table>
  <p class="says">
    {{ say.awgIsAstmB }}
  </p>
</template>

<style scoped>
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
