<script setup lang="ts">
import * as say from './words.ts';
import { formatQuantity, WEIGHT_METALS, type Workpiece } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import CautionSign from '../../kit/CautionSign.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withStance } from './stanceChanges.ts';

/** How the piece stands or hangs, what a weight would do, and the smallest base. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const stance = computed(() => piece.value.stance);
const balance = computed(() => plan.value.balance);
const HOLDS = [
  { label: say.onBase, value: 'base' },
  { label: say.free, value: 'free' },
  { label: say.hanging, value: 'hanging' },
  { label: say.onWall, value: 'wall' },
];
const METALS = Object.entries(WEIGHT_METALS).map(([value, { name }]) => ({ value, label: name }));

/** Places with room for the weight that they would need. */
const places = computed(() =>
  balance.value.places.filter(({ ballMm, roomMm }) => ballMm <= roomMm).slice(0, 4),
);
const nameOf = (boneId: string): string =>
  plan.value.measure.skeleton.byId.get(boneId)?.name ?? boneId;
const setHold = (hold: string): void =>
  change(say.holdIt(hold), (p) => withStance(p, { hold: hold as Workpiece['stance']['hold'] }));
const setTilt = (tiltDeg: number): void =>
  change(say.changeTiltToSurvive, (p) => withStance(p, { tiltDeg }));

function place(index: number): void {
  const at = places.value[index];
  if (at === undefined) return;
  const metal = stance.value.weight?.metal ?? 'steel';
  change(say.putWeightInto(nameOf(at.boneId).toLowerCase()), (p) =>
    withStance(p, { weight: { boneId: at.boneId, along: at.along, grams: at.grams, metal } }),
  );
}
type Weight = NonNullable<Workpiece['stance']['weight']>;
const put = (label: string, part: Partial<Weight>): void =>
  change(label, (p) =>
    withStance(p, { weight: p.stance.weight === null ? null : { ...p.stance.weight, ...part } }),
  );
const remove = (): void => change(say.takeWeightOut, (p) => withStance(p, { weight: null }));
const readGrams = numberAt('stance.weight.grams', say.weight, 'g');
const readTilt = numberAt('stance.tiltDeg', say.tilt, 'degrees');
const percent = (at: number): string => say.along(Math.round(at * 100));
const unit = computed(() => formatQuantity(0, 'mm', system.value).unit);
const mm = (value: number): string => formatQuantity(value, 'mm', system.value).number;
</script>

<template>
  <ChoiceRow :label="say.howItIsHeld" :value="stance.hold" :options="HOLDS" @set="setHold" />
  <HintText v-if="stance.hold === 'free'">{{ say.freeHasNoPegs }}</HintText>
  <WorkingRow
    v-for="entry in balance.workings"
    :key="entry.id"
    :working="entry"
    :alarm="entry.unit === 'g' && entry.value < -0.5"
  />
  <template v-if="stance.hold === 'base'">
    <DecisionRow :name="say.tiltThatItMust">
      <QuantityField
        small
        :label="say.tiltThatItMust"
        :shown="text(stance.tiltDeg, 'deg')"
        :parse="readTilt"
        @set="setTilt"
      />
    </DecisionRow>
    <ReckoningTable
      :columns="[say.board(unit), say.long, say.wide, say.boardG]"
      :rows="balance.bases"
      :key-of="(board) => board.thicknessMm"
      :caption="say.smallestBaseByThickness"
      ><template #row="{ row: board }"
        ><tr>
          <td class="number">{{ mm(board.thicknessMm) }}</td>
          <td class="number">{{ mm(board.lengthMm) }}</td>
          <td class="number">{{ mm(board.widthMm) }}</td>
          <td class="number">{{ board.boardG.toFixed(0) }}</td>
        </tr></template
      ></ReckoningTable
    >
  </template>
  <template v-if="stance.weight">
    <DecisionRow :name="say.weightInside" own :back="say.takeItOut" @revert="remove">
      <QuantityField
        small
        :label="say.weightInside"
        :shown="text(stance.weight.grams, 'g')"
        :parse="readGrams"
        @set="put(say.changeWeight, { grams: $event })"
      />
    </DecisionRow>
    <DecisionRow :name="say.metal">
      <ChoiceField
        small
        :label="say.metalOfWeight"
        :value="stance.weight.metal"
        :options="METALS"
        @set="put(say.changeMetalOfWeight, { metal: $event as Weight['metal'] })"
      />
    </DecisionRow>
    <CautionSign v-if="stance.weight.metal === 'lead'" :ids="['lead']" />
  </template>
  <template v-else-if="places.length > 0">
    <HintText>{{ say.weightInBodyWould }}</HintText>
    <ul class="places">
      <li v-for="(entry, i) in places" :key="`${entry.boneId}${entry.along}`">
        <ActionButton @click="place(i)">
          {{ say.gIn(entry.grams, nameOf(entry.boneId).toLowerCase(), percent(entry.along)) }}
        </ActionButton>
      </li>
    </ul>
  </template>
  <HintText v-else-if="balance.places.length > 0">{{ say.weightFitsNowhere }}</HintText>
</template>

<style scoped>
.places {
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
