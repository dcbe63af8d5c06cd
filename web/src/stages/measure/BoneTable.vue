<script setup lang="ts">
import * as say from './words.ts';
import { sameTarget, LIFE_LENGTH_LIMITS, parseLength, type BoneRow } from '@keen-sinew/core';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useSelection } from '../../composables/useSelection.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import QuantityField from '../../kit/QuantityField.vue';
import ReckoningTable from '../../kit/ReckoningTable.vue';
import OpenedRow from '../../ledger/OpenedRow.vue';
import { PROVENANCE_TEXT } from '../../ledger/provenanceText.ts';
import { revertLength } from './lengthChanges.ts';

defineProps<{ rows: readonly BoneRow[] }>();
const { piece, change } = usePiecePlan();
const { target, open, pick } = useSelection();
const { system, number } = useUnits();

const read = (row: BoneRow) => (typed: string) =>
  parseLength(typed, row.life.label, LIFE_LENGTH_LIMITS, system.value);
const isOwn = (row: BoneRow) => piece.value.measure.lifeLengths[row.bone.key] !== undefined;
const outOfRange = ({ bone, life }: BoneRow) =>
  life.value < bone.range[0] || life.value > bone.range[1];

function set(row: BoneRow, mm: number): void {
  change(say.change(row.life.label), (p) => ({
    ...p,
    measure: {
      ...p.measure,
      lifeLengths: {
        ...p.measure.lifeLengths,
        [row.bone.key]: { mm, provenance: 'measured', plusMinusMm: null, on: null },
      },
    },
  }));
}

const revert = (row: BoneRow): void =>
  change(say.takeLibrarys(row.life.label), (p) => revertLength(p, row.bone.key));

function toggle(row: BoneRow, which: 'life' | 'model'): void {
  const working = row[which];
  if (open.value === working.id) pick(null);
  else pick(working.target ?? null, working.id);
}
</script>

<template>
  <ReckoningTable
    :columns="[say.bone, say.life, say.model, say.fromWord]"
    :rows="rows"
    :key-of="(row) => row.bone.key"
    ><template #row="{ row }">
      <tr :class="{ chosen: sameTarget(target, row.life.target) }">
        <td>
          <ActionButton
            kind="plain"
            class="name"
            :data-working="row.life.id"
            :aria-expanded="open === row.life.id"
            @click="toggle(row, 'life')"
          >
            {{ row.bone.plainName }}
          </ActionButton>
        </td>
        <td class="life">
          <QuantityField
            small
            :label="row.life.label"
            :shown="number(row.life.value, 'mm')"
            :parse="read(row)"
            @set="set(row, $event)"
          />
        </td>
        <td>
          <ActionButton
            kind="plain"
            class="model number"
            :class="{ out: outOfRange(row) }"
            :data-working="row.model.id"
            :aria-expanded="open === row.model.id"
            @click="toggle(row, 'model')"
          >
            {{ number(row.model.value, 'mm') }}
          </ActionButton>
        </td>
        <td class="from">
          <ActionButton v-if="isOwn(row)" :title="say.takeLibrarysLengthAgain" @click="revert(row)">
            {{ say.revert }}
          </ActionButton>
          <template v-else>{{ PROVENANCE_TEXT[row.life.provenance].short }}</template>
        </td>
      </tr>
      <OpenedRow :of="[row.life, row.model]" /> </template
  ></ReckoningTable>
</template>

<style scoped>
.name,
.model {
  font-weight: 600;
  text-align: right;
}
.out {
  color: var(--ochre);
}
.life {
  width: 82px;
}
.from {
  font-size: 12.5px;
  color: var(--soft);
  width: 58px;
}
.from button {
  padding: 0;
}
</style>
