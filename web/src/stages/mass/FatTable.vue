<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import { lengthAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import { withEntry, withShape } from './shapeChanges.ts';

/** Fat under the skin by region, life sizes: beyond the usual condition, or less than it. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const regions = computed(() => plan.value.measure.skeleton.plan.regions);
const fat = computed(() => piece.value.measure.shape.fatMm);

function set(id: string, name: string, mm: number | undefined): void {
  change(say.changeFatOf(name.toLowerCase()), (p) => {
    const { shape } = p.measure;
    return withShape(p, { ...shape, fatMm: withEntry(shape.fatMm, id, mm === 0 ? undefined : mm) });
  });
}
</script>

<template>
  <p class="says">
    {{ say.inLifeAllRound }}
  </p>
  <DecisionRow
    v-for="{ id, name } in regions"
    :key="id"
    :name="name"
    :own="fat[id] !== undefined"
    @revert="set(id, name, undefined)"
  >
    <QuantityField
      small
      :label="say.fatOf(name)"
      :shown="text(fat[id] ?? 0, 'mm')"
      :parse="lengthAt('measure.shape.fatMm.*', say.fatOf(name), system)"
      @set="set(id, name, $event)"
    />
  </DecisionRow>
</template>

<style scoped>
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
