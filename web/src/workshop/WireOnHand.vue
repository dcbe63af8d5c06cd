<script setup lang="ts">
import * as say from './words.ts';
import {
  freeId,
  accepted,
  cutText,
  lengthLimits,
  parseLength,
  refused,
  type Parsed,
  type StockEntry,
  type WireSize,
} from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import HintText from '../kit/HintText.vue';
import QuantityField from '../kit/QuantityField.vue';
import WireSizeField from '../kit/WireSizeField.vue';

/** The wire in the drawer: each metal and size with its lengths. */
const props = defineProps<{
  stock: readonly StockEntry[];
  metals: readonly { readonly label: string; readonly value: string }[];
  /** What a new entry begins with. */
  usual: { readonly metal: string; readonly size: WireSize };
}>();
const emit = defineEmits<{ set: [label: string, stock: StockEntry[]] }>();
const { system, text } = useUnits();

/** More lengths of one wire than this are entered as another entry. */
const MOST_LENGTHS = 50;

function add(): void {
  const id = freeId(
    'coil',
    props.stock.map((entry) => entry.id),
  );
  const { metal, size } = props.usual;
  emit('set', say.addWireOnHand, [...props.stock, { id, metal, size, lengthsMm: [], where: '' }]);
}
const put = (entry: StockEntry): void =>
  emit(
    'set',
    say.changeWireOnHand,
    props.stock.map((item) => (item.id === entry.id ? entry : item)),
  );
const drop = (id: string): void =>
  emit(
    'set',
    say.removeWireOnHand,
    props.stock.filter((entry) => entry.id !== id),
  );

/** Several lengths in one field: "1 m; 480; 2 x 600". */
function readLengths(typed: string): Parsed<number[]> {
  const lengths: number[] = [];
  for (const part of typed.split(/[;+]/).filter((entry) => entry.trim() !== '')) {
    const times = /^\s*(\d{1,2})\s*[x×]\s*(.+)$/.exec(part);
    const read = parseLength(
      times?.[2] ?? part,
      say.lengthsOnHand,
      lengthLimits('workshop.wire.stock.*.lengthsMm.*'),
      system.value,
    );
    if (!read.ok) return read;
    lengths.push(...Array.from({ length: Number(times?.[1] ?? 1) }, () => read.value));
  }
  return lengths.length <= MOST_LENGTHS
    ? accepted(lengths)
    : refused(say.lengthsOnHand, say.lengths(lengths.length), say.upToLengths(MOST_LENGTHS));
}
</script>

<template>
  <div class="wires">
    <div v-for="entry in stock" :key="entry.id" class="entry">
      <ChoiceField
        small
        :label="say.wireOnHandMetal"
        :value="entry.metal"
        :options="[...metals]"
        @set="put({ ...entry, metal: $event })"
      />
      <WireSizeField
        :label="say.wireOnHandDiameter"
        :size="entry.size"
        @set="put({ ...entry, size: $event })"
      />
      <QuantityField
        small
        :label="say.wireOnHandLengths"
        placeholder="1 m; 2 x 600 mm"
        :shown="entry.lengthsMm.map((mm) => text(mm, 'mm', system === 'metric' ? 0 : 2)).join('; ')"
        :parse="readLengths"
        @set="put({ ...entry, lengthsMm: $event })"
      />
      <QuantityField
        small
        words
        :label="say.wireLiesAt"
        :placeholder="say.liesAt"
        :shown="entry.where"
        :parse="(typed) => accepted(cutText(typed, 60))"
        @set="put({ ...entry, where: $event })"
      />
      <ActionButton @click="drop(entry.id)">
        {{ say.remove }}<span class="visually-hidden">{{ say.thisWire }}</span>
      </ActionButton>
    </div>
  </div>
  <HintText v-if="stock.length === 0">
    {{ say.noWireIsEntered }}
  </HintText>
  <ActionButton @click="add">{{ say.addWireOnHand }}</ActionButton>
</template>

<style scoped>
.entry {
  display: grid;
  grid-template-columns: 1fr 120px;
  gap: 4px 8px;
  padding: 6px 0;
  border-bottom: 1px dotted var(--line);
}
/* Beside each other where there is room for it: the narrow ledger has two lines for each. */
.wires {
  container-type: inline-size;
}
@container (min-width: 560px) {
  .entry {
    grid-template-columns: 1fr 140px 1.1fr 0.8fr auto;
  }
}
</style>
