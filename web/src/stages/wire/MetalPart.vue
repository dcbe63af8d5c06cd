<script setup lang="ts">
import * as say from './words.ts';
import { accepted, metalById, refused, type OwnMetal } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ActionButton from '../../kit/ActionButton.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
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
  { key: 'yieldMPa', label: say.yieldMpa },
  { key: 'eMPa', label: say.stiffnessEMpa },
  { key: 'densityKgM3', label: say.densityKgM },
  { key: 'leastInsideDiameters', label: say.leastInsideBendIn },
] as const;

function add(): void {
  const n = own.value.length + 1;
  const metal: OwnMetal = {
    // Never used again: a piece that is not open may still name one that is gone.
    id: `own-${Date.now().toString(36)}`,
    name: say.ownMetal(n),
    eMPa: 100_000,
    yieldMPa: 100,
    densityKgM3: 8000,
    leastInsideDiameters: 1,
  };
  change(say.addMetal, (p) => withWire(p, { ownMetals: [...p.wire.ownMetals, metal] }));
}
const put = (metal: OwnMetal): void =>
  change(say.changeMetal, (p) =>
    withWire(p, {
      ownMetals: p.wire.ownMetals.map((ownMetal) => (ownMetal.id === metal.id ? metal : ownMetal)),
    }),
  );
const drop = (id: string): void =>
  change(say.removeMetal, (p) =>
    withWire(p, { ownMetals: p.wire.ownMetals.filter((ownMetal) => ownMetal.id !== id) }),
  );
const readName = (typed: string) => {
  const name = typed.trim();
  return name.length >= 1 && name.length <= 40
    ? accepted(name)
    : refused(say.nameOfMetal, typed, say.toLetters);
};
</script>

<template>
  <HintText v-for="id in used" :key="id">
    <b>{{ say.reBending(metalById(id, own).name) }}</b>
    {{ say.commonPractice(metalById(id, own).rebends) }}
  </HintText>
  <div v-for="metal in own" :key="metal.id" class="metal">
    <DecisionRow :name="say.name">
      <QuantityField
        small
        :label="say.name2(metal.name)"
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
    <ActionButton v-if="!inUse.has(metal.id)" @click="drop(metal.id)">
      {{ say.remove(metal.name) }}
    </ActionButton>
    <HintText v-else>{{ say.inUseSoIt }}</HintText>
  </div>
  <ActionButton @click="add">{{ say.addMetalOfYour }}</ActionButton>
  <h4>{{ say.yourOwnTestBend }}</h4>
  <TestBend />
</template>

<style scoped>
.metal {
  padding: 4px 0 8px;
  border-bottom: 1px solid var(--line);
}
h4 {
  margin: 10px 4px 0;
  font-size: 14px;
}
</style>
