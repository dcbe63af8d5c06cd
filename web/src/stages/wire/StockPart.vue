<script setup lang="ts">
import {
  accepted,
  afterCutting,
  lengthLimits,
  parseLength,
  refused,
  type Parsed,
  type StockEntry,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import { lengthAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import StockGroupPart from './StockGroupPart.vue';
import { useMetals } from './useMetals.ts';
import { withWire } from './wireChanges.ts';
import WireSizeField from './WireSizeField.vue';

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const stock = computed(() => piece.value.wire.stock);
const metals = useMetals();

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
    withWire(p, { stock: p.wire.stock.map((item) => (item.id === entry.id ? entry : item)) }),
  );
const drop = (id: string): void =>
  change('Remove wire on hand', (p) =>
    withWire(p, { stock: p.wire.stock.filter((entry) => entry.id !== id) }),
  );

/** Something is cut from what is on hand. */
const cuts = computed(() =>
  plan.value.wire.stock.groups.some(({ cutting }) =>
    cutting.sticks.some(({ pieces }) => pieces.length > 0),
  ),
);
const keepOffcuts = (): void =>
  change('Cut the pieces, keep the offcuts', (p) =>
    withWire(p, { stock: [...afterCutting(p.wire, plan.value.wire.stock)] }),
  );

/** Several lengths in one field: "1 m; 480; 2 x 600". */
function readLengths(typed: string): Parsed<number[]> {
  const lengths: number[] = [];
  for (const part of typed.split(/[;+]/).filter((entry) => entry.trim() !== '')) {
    const times = /^\s*(\d{1,2})\s*[x×]\s*(.+)$/.exec(part);
    const read = parseLength(
      times?.[2] ?? part,
      'Lengths on hand',
      lengthLimits('wire.stock.*.lengthsMm.*'),
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
      :options="metals"
      @set="put({ ...entry, metal: $event })"
    />
    <WireSizeField
      label="Wire on hand, diameter or gauge"
      :size="entry.size"
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

  <StockGroupPart
    v-for="group in plan.wire.stock.groups"
    :key="group.metal + group.sizeText"
    :group="group"
  />
  <WorkingRow v-if="plan.wire.stock.cost" :working="plan.wire.stock.cost" />
  <template v-if="cuts">
    <button type="button" class="quiet-button" @click="keepOffcuts">
      They are cut: keep the offcuts
    </button>
    <label class="keep">
      <span>Offcuts are kept from</span>
      <QuantityField
        small
        label="Offcuts are kept from"
        :shown="text(piece.wire.keepMm, 'mm', 0)"
        :parse="lengthAt('wire.keepMm', 'Offcuts are kept from', system)"
        @set="change('Change which offcuts are kept', (p) => withWire(p, { keepMm: $event }))"
      />
    </label>
  </template>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 1fr 120px;
  gap: 4px 8px;
  padding: 6px 0;
  border-bottom: 1px dotted var(--line);
}
.empty {
  margin: 4px;
  font-size: 14px;
  color: var(--soft);
}
.keep {
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 4px 8px;
  align-items: center;
  padding: 3px 4px;
  font-size: 14px;
}
</style>
