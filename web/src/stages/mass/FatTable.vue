<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { lengthAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
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
  <HintText>
    {{ say.inLifeAllRound }}
  </HintText>
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
