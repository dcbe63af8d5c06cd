<script setup lang="ts">
import * as say from './words.ts';
import { wireTakes } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import { lengthAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import WireOnHand from '../../workshop/WireOnHand.vue';
import WorkshopNote from '../../workshop/WorkshopNote.vue';
import { withStepDone } from '../bench/stepChanges.ts';
import StockGroupPart from './StockGroupPart.vue';
import { useMetals } from './useMetals.ts';
import { withWire } from './wireChanges.ts';

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const metals = useMetals();

/** Something is cut from what is on hand. */
const cuts = computed(() =>
  plan.value.wire.stock.groups.some(({ cutting }) =>
    cutting.sticks.some(({ pieces }) => pieces.length > 0),
  ),
);
/** Every cutting step that is open is ticked, which takes its wire and keeps the offcut. */
const cutAll = (): void => {
  const { wire, bench } = plan.value;
  const open = [
    ...new Set(wire.stock.groups.flatMap(({ pieces }) => pieces.map(({ step }) => step))),
  ];
  change(say.cutPiecesKeepOffcuts, (p) =>
    open.reduce((now, id) => {
      const estimateMin = bench?.steps.find((step) => step.id === id)?.estimateMin ?? null;
      const takes = wireTakes(now, wire, id);
      return withStepDone(now, { id, work: 'cut', estimateMin, takes }, {});
    }, p),
  );
};
</script>

<template>
  <WorkshopNote />
  <WireOnHand
    :stock="piece.wire.stock"
    :metals="metals"
    :usual="piece.wire.spine"
    @set="(label, stock) => change(label, (p) => withWire(p, { stock }))"
  />

  <StockGroupPart
    v-for="group in plan.wire.stock.groups"
    :key="group.metal + group.sizeText"
    :group="group"
  />
  <WorkingRow v-if="plan.wire.stock.cost" :working="plan.wire.stock.cost" />
  <template v-if="cuts">
    <ActionButton @click="cutAll">
      {{ say.theyAreCutKeep }}
    </ActionButton>
    <label class="keep">
      <span>{{ say.offcutsAreKeptFrom }}</span>
      <QuantityField
        small
        :label="say.offcutsAreKeptFrom"
        :shown="text(piece.wire.keepMm, 'mm', 0)"
        :parse="lengthAt('workshop.wire.keepMm', say.offcutsAreKeptFrom, system)"
        @set="change(say.changeWhichOffcutsAre, (p) => withWire(p, { keepMm: $event }))"
      />
    </label>
  </template>
</template>

<style scoped>
.keep {
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 4px 8px;
  align-items: center;
  padding: 3px 4px;
  font-size: 14px;
}
</style>
