<script setup lang="ts">
import * as say from './words.ts';
import type { FoldPlan } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import WorkingCell from '../../ledger/WorkingCell.vue';

/** Folds inside bent joints and plates with places of their own: how many, and how large. */
const { plan } = usePiecePlan();
const { pick } = useSelection();
const show = ({ boneId }: FoldPlan): void => pick({ kind: 'bone', id: boneId });
</script>

<template>
  <ReckoningTable
    v-if="plan.skin.plates.length > 0"
    :columns="[say.plates, say.howMany, say.long, say.wide]"
    :rows="plan.skin.plates"
    :key-of="({ name }) => name"
    ><template #row="{ row: plate }"
      ><tr>
        <td>{{ plate.name }}</td>
        <td>{{ plate.many }}</td>
        <td><WorkingCell unit :working="plate.long" /></td>
        <td><WorkingCell unit :working="plate.wide" /></td>
      </tr>
      <OpenedRow :of="[plate.long, plate.wide]" /></template
  ></ReckoningTable>
  <ReckoningTable
    v-if="plan.skin.folds.length > 0"
    :columns="[say.foldsInside, say.howMany, say.apart, say.deep]"
    :rows="plan.skin.folds"
    :key-of="({ boneId }) => boneId"
    ><template #row="{ row: fold }"
      ><tr>
        <td>
          <ActionButton kind="plain" @click="show(fold)">{{ fold.name }}</ActionButton>
        </td>
        <td><WorkingCell :working="fold.many" /></td>
        <td><WorkingCell unit :working="fold.apart" /></td>
        <td><WorkingCell unit :working="fold.deep" /></td>
      </tr>
      <OpenedRow :of="[fold.many, fold.apart, fold.deep]" /></template
  ></ReckoningTable>
  <HintText v-if="plan.skin.folds.length === 0">{{ say.noFolds }}</HintText>
</template>
