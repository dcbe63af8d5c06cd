<script setup lang="ts">
import * as say from './words.ts';
import type { Feather, FeatherPlan, FeatherRowPlan, Working } from '@keen-sinew/core';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import HintText from '../../../kit/HintText.vue';
import { percentAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import OpenedRow from '../../../ledger/OpenedRow.vue';
import WorkingCell from '../../../ledger/WorkingCell.vue';
import { withGrown } from './featherChanges.ts';

/** Every feather of a row with its length and width, its wire, and what of it has grown left and right. */
const props = defineProps<{ row: FeatherRowPlan; shafts: FeatherPlan['shafts'] }>();
const { change } = usePiecePlan();
const wireOf = ({ id }: Feather): Working | null =>
  props.shafts.find(({ feather }) => feather === id)?.cut ?? null;
const SIDES = ['L', 'R'] as const;
const setGrown = (side: 'L' | 'R', { id }: Feather, share: number): void =>
  change(say.changeGrown(id), (p) => withGrown(p, `${side}.${id}`, share));
</script>

<template>
  <ReckoningTable :columns="[...say.COLUMNS]" :rows="row.feathers" :key-of="(feather) => feather.id"
    ><template #row="{ row: feather }"
      ><tr>
        <td>{{ feather.id }}</td>
        <td><WorkingCell :working="feather.long" /></td>
        <td><WorkingCell :working="feather.wide" /></td>
        <td><WorkingCell v-if="wireOf(feather)" :working="wireOf(feather)!" /></td>
        <td v-for="(side, i) in SIDES" :key="side" class="grown">
          <QuantityField
            small
            :label="say.grownOn(say.SIDES[side], feather.id)"
            :shown="String(Math.round(100 * feather.grown[i]!))"
            :parse="percentAt('skin.feathers.grown.*', say.grown)"
            @set="setGrown(side, feather, $event)"
          />
        </td>
      </tr>
      <OpenedRow :of="[feather.long, feather.wide, wireOf(feather)]" /></template
  ></ReckoningTable>
  <HintText>{{ say.grownHint }}</HintText>
</template>

<style scoped>
.grown {
  width: 58px;
}
</style>
