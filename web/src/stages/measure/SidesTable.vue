<script setup lang="ts">
import * as tell from './roomWords.ts';
import type { ReferencesPlan } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';

/** The left side and the right side of one animal, the clearest difference first. */
defineProps<{ sides: ReferencesPlan['sides'] }>();
const { number } = useUnits();
</script>

<template>
  <p v-if="sides.length === 0" class="says">
    {{ tell.boneThatIsMeasured }}
  </p>
  <table v-else class="reckoning">
    <thead>
      <tr>
        <th scope="col">{{ tell.boneLife }}</th>
        <th scope="col">{{ tell.left }}</th>
        <th scope="col">{{ tell.right }}</th>
        <th scope="col">{{ tell.differs }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="side in sides" :key="side.key">
        <td>{{ side.name }}</td>
        <td class="number">{{ number(side.leftMm, 'mm') }}</td>
        <td class="number">{{ number(side.rightMm, 'mm') }}</td>
        <td class="number" :class="{ clear: side.clear }">
          {{ number(Math.abs(side.differenceMm), 'mm') }}
          <small>± {{ number(side.plusMinusMm, 'mm') }}</small>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.clear {
  color: var(--rust);
  font-weight: 700;
}
small {
  display: block;
  font-weight: 400;
  color: var(--soft);
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
