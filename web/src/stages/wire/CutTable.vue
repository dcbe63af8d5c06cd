<script setup lang="ts">
import type { PlannedWire } from '@keen-sinew/core';
import { useUnits } from '../../composables/useUnits.ts';

defineProps<{ wires: readonly PlannedWire[]; chosen: string }>();
const emit = defineEmits<{ choose: [id: string] }>();
const { number } = useUnits();
</script>

<template>
  <table class="reckoning">
    <thead>
      <tr>
        <th scope="col">Piece</th>
        <th scope="col">Ø mm</th>
        <th scope="col">Cut</th>
        <th scope="col">Bends</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="wire in wires" :key="wire.id">
        <tr :class="{ chosen: wire.id === chosen }">
          <td>
            <button
              type="button"
              :aria-pressed="wire.id === chosen"
              @click="emit('choose', wire.id)"
            >
              {{ wire.id }} {{ wire.name }}
            </button>
          </td>
          <td class="number">{{ wire.diameterMm.toFixed(2) }}</td>
          <td class="number cut">{{ number(wire.cut.value, 'mm') }}</td>
          <td class="number">{{ wire.bends.length }}</td>
        </tr>
        <tr v-if="wire.shortStrands">
          <td class="strand">{{ wire.id }}2 short strand × {{ wire.shortStrands.count }}</td>
          <td class="number">{{ wire.diameterMm.toFixed(2) }}</td>
          <td class="number cut">{{ number(wire.shortStrands.cut.value, 'mm') }}</td>
          <td></td>
        </tr>
      </template>
    </tbody>
  </table>
</template>

<style scoped>
button {
  background: none;
  border: 0;
  padding: 3px 0;
  cursor: pointer;
  text-align: left;
}
.chosen button {
  font-weight: 700;
}
.cut {
  font-weight: 700;
}
.strand {
  padding-left: 18px !important;
  color: var(--soft);
}
</style>
