<script setup lang="ts">
import {
  accepted,
  METALS,
  parseLength,
  parseWireSize,
  refused,
  sizeText,
  type MetalId,
  type Parsed,
  type StockEntry,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import QuantityField from '../../controls/QuantityField.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withWire } from './wireChanges.ts';

const { piece, plan, change } = usePiecePlan();
const { system, number, text } = useUnits();
const stock = computed(() => piece.value.wire.stock);
const OPTIONS = METALS.map(({ id, name }) => ({ label: name, value: id as string }));

function add(): void {
  const used = new Set(stock.value.map((entry) => entry.id));
  let n = 1;
  while (used.has(`coil-${n}`)) n++;
  const { metal, size } = piece.value.wire.spine;
  const entry: StockEntry = { id: `coil-${n}`, metal, size, lengthsMm: [] };
  change('Add wire on hand', (p) => withWire(p, { stock: [...p.wire.stock, entry] }));
}

const put = (entry: StockEntry): void =>
  change('Change wire on hand', (p) =>
    withWire(p, { stock: p.wire.stock.map((one) => (one.id === entry.id ? entry : one)) }),
  );
const drop = (id: string): void =>
  change('Remove wire on hand', (p) =>
    withWire(p, { stock: p.wire.stock.filter((one) => one.id !== id) }),
  );

/** Several lengths in one field: "1 m; 480; 2 x 600". */
function readLengths(typed: string): Parsed<number[]> {
  const lengths: number[] = [];
  for (const part of typed.split(/[;+]/).filter((one) => one.trim() !== '')) {
    const times = /^\s*(\d{1,2})\s*[x×]\s*(.+)$/.exec(part);
    const read = parseLength(
      times?.[2] ?? part,
      'Lengths on hand',
      { minMm: 10, maxMm: 100_000 },
      system.value,
    );
    if (!read.ok) return read;
    lengths.push(...Array.from({ length: Number(times?.[1] ?? 1) }, () => read.value));
  }
  return lengths.length <= 50
    ? accepted(lengths)
    : refused('Lengths on hand', `${lengths.length} lengths`, 'up to 50 lengths');
}
</script>

<template>
  <div v-for="entry in stock" :key="entry.id" class="entry">
    <ChoiceField
      small
      label="Wire on hand, metal"
      :value="entry.metal"
      :options="OPTIONS"
      @set="put({ ...entry, metal: $event as MetalId })"
    />
    <QuantityField
      small
      label="Wire on hand, diameter or gauge"
      :shown="sizeText(entry.size)"
      :parse="(typed) => parseWireSize(typed.replace(/\(.*\)/, ''), 'Wire on hand, diameter')"
      @set="put({ ...entry, size: $event })"
    />
    <QuantityField
      small
      label="Wire on hand, lengths"
      placeholder="1 m; 2 x 600 mm"
      :shown="entry.lengthsMm.map((mm) => text(mm, 'mm', system === 'metric' ? 0 : 2)).join('; ')"
      :parse="readLengths"
      @set="put({ ...entry, lengthsMm: $event })"
    />
    <button type="button" class="quiet-button" @click="drop(entry.id)">Remove</button>
  </div>
  <p v-if="stock.length === 0" class="empty">
    No wire is entered, so everything must be bought. Enter what lies in the drawer to see what can
    be cut from it.
  </p>
  <button type="button" class="quiet-button" @click="add">Add wire on hand</button>

  <div v-for="group in plan.wire.stock.groups" :key="group.metal + group.sizeText" class="group">
    <p v-for="one in group.cutting.sticks" :key="one.stick.id" class="stick">
      From {{ text(one.stick.mm, 'mm', 0) }}:
      <template v-if="one.pieces.length > 0">
        {{ one.pieces.map((piece_) => `${piece_.id} ${number(piece_.mm, 'mm')}`).join(', ') }}; left
        {{ text(one.leftMm, 'mm', 0) }}
      </template>
      <template v-else>nothing</template>
    </p>
    <WorkingRow :working="group.buy" :alarm="group.buy.value > 0" />
    <p v-if="group.cutting.missing.length > 0" class="stick">
      To buy as: {{ group.cutting.missing.map((m) => `${m.id} ${number(m.mm, 'mm')}`).join(', ') }}
    </p>
  </div>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 1fr 120px;
  gap: 4px 8px;
  padding: 6px 0;
  border-bottom: 1px dotted var(--line);
}
.empty,
.stick {
  margin: 4px;
  font-size: 14px;
  color: var(--soft);
}
.group {
  margin-top: 6px;
}
</style>
