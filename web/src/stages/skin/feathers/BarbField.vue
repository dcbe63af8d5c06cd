<script setup lang="ts">
import * as say from './words.ts';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import DecisionRow from '../../../kit/DecisionRow.vue';
import { lengthAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import { withFeathers } from './featherChanges.ts';

/** How close barbs are drawn into feathers of clay. */
const { piece, plan, change } = usePiecePlan();
const { text, system } = useUnits();
const shown = (): number =>
  piece.value.skin.feathers.barbMm ??
  plan.value.skin.feathers?.rows.find(({ barb }) => barb !== null)?.barb?.value ??
  0;
const set = (barbMm: number | null): void =>
  change(say.changeBarbs, (p) => withFeathers(p, { barbMm }));
</script>

<template>
  <DecisionRow
    :name="say.barbs"
    :own="piece.skin.feathers.barbMm !== null"
    :back="say.usual"
    @revert="set(null)"
  >
    <QuantityField
      small
      :label="say.barbs"
      :shown="text(shown(), 'mm', 1)"
      :parse="lengthAt('skin.feathers.barbMm', say.barbs, system)"
      @set="set($event)"
    />
  </DecisionRow>
</template>
