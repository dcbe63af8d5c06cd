<script setup lang="ts">
import * as tell from './roomWords.ts';
import type { ReferencesPlan } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';

/** The left side and the right side of one animal, the clearest difference first. */
defineProps<{ sides: ReferencesPlan['sides'] }>();
const { number } = useUnits();
</script>

<template>
  <HintText v-if="sides.length === 0">
    {{ tell.boneThatIsMeasured }}
  </HintText>
  <ReckoningTable
    v-else
    :columns="[tell.boneLife, tell.left, tell.right, tell.differs]"
    :rows="sides"
    :key-of="(side) => side.key"
    ><template #row="{ row: side }"
      ><tr>
        <td>{{ side.name }}</td>
        <td class="number">{{ number(side.leftMm, 'mm') }}</td>
        <td class="number">{{ number(side.rightMm, 'mm') }}</td>
        <td class="number" :class="{ clear: side.clear }">
          {{ number(Math.abs(side.differenceMm), 'mm') }}
          <small>± {{ number(side.plusMinusMm, 'mm') }}</small>
        </td>
      </tr></template
    ></ReckoningTable
  >
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
</style>
