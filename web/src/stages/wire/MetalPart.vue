<script setup lang="ts">
import { accepted, metalById, refused, type OwnMetal } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import { numberAt } from '../../controls/limited.ts';
import QuantityField from '../../controls/QuantityField.vue';
import TestBend from './TestBend.vue';
import { withWire } from './wireChanges.ts';

/** What the metals of this armature bear of bending to and fro, the user's own metals, and test bends. */
const { piece, plan, change } = usePiecePlan();
const own = computed(() => piece.value.wire.ownMetals);
const used = computed(() => [...new Set(plan.value.wire.wires.map(({ metal }) => metal))]);
/** Ids of metals that something of the piece is made of: they cannot be taken away. */
const inUse = computed(() => {
  const { spine, limbs, rod, binder, fine, stock, sold, testBends } = piece.value.wire;
  return new Set([
    spine.metal,
    rod.metal,
    binder.metal,
    ...Object.values(limbs).map(({ metal }) => metal),
    ...Object.values(fine).flatMap((entry) => (entry === null ? [] : [entry.metal])),
    ...stock.map(({ metal }) => metal),
    ...sold.map(({ metal }) => metal),
    ...Object.keys(testBends),
  ]);
});
const FIELDS = [
  { key: 'yieldMPa', label: 'Yield, MPa' },
  { key: 'eMPa', label: 'Stiffness E, MPa' },
  { key: 'densityKgM3', label: 'Density, kg/m³' },
  { key: 'leastInsideDiameters', label: 'Least inside bend, in diameters' },
] as const;

function add(): void {
  const n = own.value.length + 1;
  const metal: OwnMetal = {
    // Never used again: a piece that is not open may still name one that is gone.
    id: `own-${Date.now().toString(36)}`,
    name: `own metal ${n}`,
    eMPa: 100_000,
    yieldMPa: 100,
    densityKgM3: 8000,
    leastInsideDiameters: 1,
  };
  change('Add a metal', (p) => withWire(p, { ownMetals: [...p.wire.ownMetals, metal] }));
}
const put = (metal: OwnMetal): void =>
  change('Change a metal', (p) =>
    withWire(p, {
      ownMetals: p.wire.ownMetals.map((ownMetal) => (ownMetal.id === metal.id ? metal : ownMetal)),
    }),
  );
const drop = (id: string): void =>
  change('Remove a metal', (p) =>
    withWire(p, { ownMetals: p.wire.ownMetals.filter((ownMetal) => ownMetal.id !== id) }),
  );
const readName = (typed: string) => {
  const name = typed.trim();
  return name.length >= 1 && name.length <= 40
    ? accepted(name)
    : refused('Name of the metal', typed, '1 to 40 letters');
};
</script>

<template>
  <p v-for="id in used" :key="id" class="says">
    <b>Re-bending {{ metalById(id, own).name }}:</b> {{ metalById(id, own).rebends }} (common
    practice).
  </p>
  <div v-for="metal in own" :key="metal.id" class="metal">
    <DecisionRow name="Name">
      <QuantityField
        small
        :label="`${metal.name}, name`"
        :shown="metal.name"
        :parse="readName"
        @set="put({ ...metal, name: $event })"
      />
    </DecisionRow>
    <DecisionRow v-for="field in FIELDS" :key="field.key" :name="field.label">
      <QuantityField
        small
        :label="`${metal.name}, ${field.label}`"
        :shown="String(metal[field.key])"
        :parse="numberAt(`workshop.wire.ownMetals.*.${field.key}`, field.label)"
        @set="put({ ...metal, [field.key]: $event })"
      />
    </DecisionRow>
    <button v-if="!inUse.has(metal.id)" type="button" class="quiet-button" @click="drop(metal.id)">
      Remove {{ metal.name }}
    </button>
    <p v-else class="says">In use, so it stays.</p>
  </div>
  <button type="button" class="quiet-button" @click="add">Add a metal of your own</button>
  <h4>Your own test bend</h4>
  <TestBend />
</template>

<style scoped>
.says {
  margin: 4px;
  font-size: 13.5px;
  color: var(--soft);
}
.metal {
  padding: 4px 0 8px;
  border-bottom: 1px solid var(--line);
}
h4 {
  margin: 10px 4px 0;
  font-size: 14px;
}
</style>
