<script setup lang="ts">
import * as say from './words.ts';
import { isTarget, type StanceComparison } from '@keen-sinew/core';
import { formatQuantity } from '@keen-sinew/core';
import { computed } from 'vue';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';

/** Two stances bone by bone: the same lengths, and what moved how far. */
const props = defineProps<{ comparison: StanceComparison; name: string }>();
const { pick, target } = useSelection();
const { system } = useUnits();
const unit = computed(() => formatQuantity(0, 'mm', system.value).unit);
const mm = (value: number, digits?: number): string =>
  formatQuantity(value, 'mm', system.value, digits).number;
const MOST = 14;
const rows = computed(() => props.comparison.bones.slice(0, MOST));
</script>

<template>
  <p class="says">
    {{ say.dashedOnSheetAll(name, comparison.bones.length, comparison.worstMm.toExponential(0)) }}
  </p>
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">{{ say.movedMost }}</th>
        <th scope="col">{{ say.here(unit) }}</th>
        <th scope="col">{{ say.there }}</th>
        <th scope="col">{{ say.moved }}</th>
        <th scope="col">{{ say.turned }}</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="row in rows"
        :key="row.boneId"
        :class="{ chosen: isTarget(target, 'bone', row.boneId) }"
      >
        <td>
          <button type="button" class="bone" @click="pick({ kind: 'bone', id: row.boneId })">
            {{ row.name }}
          </button>
        </td>
        <td class="number">{{ mm(row.lengthsMm[0]) }}</td>
        <td class="number">{{ mm(row.lengthsMm[1]) }}</td>
        <td class="number">{{ mm(row.movedMm) }}</td>
        <td class="number">{{ row.turnedDeg.toFixed(0) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
.bone {
  background: none;
  border: 0;
  padding: 2px 0;
  text-align: left;
  cursor: pointer;
}
</style>
