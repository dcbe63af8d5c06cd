<script setup lang="ts">
import * as say from './words.ts';
import { BINDERS, binderById, type BinderId } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { lengthAt, numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import WireSizeField from '../../kit/WireSizeField.vue';
import CautionSign from '../../kit/CautionSign.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import { withBinder } from './wireChanges.ts';

/** Where wires are bound to each other, with what, and how much of it that takes. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const binder = computed(() => piece.value.wire.binder);
const what = computed(() => binderById(binder.value.kind));
const OPTIONS = BINDERS.map(({ id, name }) => ({ label: name, value: id as string }));
const bindings = computed(() => plan.value.wire.bindings);
type Binder = typeof binder.value;
const set = (part: Partial<Binder>): void =>
  change(say.changeWhatBindsWires, (p) => withBinder(p, part));
const FIELDS = [
  { key: 'tailMm', label: say.tailToTwistOff },
  { key: 'overlapMm', label: say.overlapOfWiresSide },
] as const;
</script>

<template>
  <WorkingRow :working="bindings.total" />
  <DecisionRow :name="say.boundWith">
    <ChoiceField
      small
      :label="say.boundWith"
      :value="binder.kind"
      :options="OPTIONS"
      @set="set({ kind: $event as BinderId })"
    />
  </DecisionRow>
  <HintText>
    {{
      say.holdsToAboutFrom(
        what.why.charAt(0).toUpperCase() + what.why.slice(1),
        text(what.holdsToC, 'degC'),
      )
    }}
  </HintText>
  <DecisionRow v-if="binder.kind === 'tie-wire'" :name="say.tieWire">
    <WireSizeField
      :label="say.tieWireDiameterOr"
      :size="binder.size"
      @set="set({ size: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.turnsOnEachDiagonal">
    <QuantityField
      small
      :label="say.turnsOnEachDiagonal"
      :shown="String(binder.turns)"
      :parse="numberAt('wire.binder.turns', say.turnsOnEachDiagonal)"
      @set="set({ turns: Math.round($event) })"
    />
  </DecisionRow>
  <DecisionRow v-for="field in FIELDS" :key="field.key" :name="field.label">
    <QuantityField
      small
      :label="field.label"
      :shown="text(binder[field.key], 'mm')"
      :parse="lengthAt(`wire.binder.${field.key}`, field.label, system)"
      @set="set({ [field.key]: $event })"
    />
  </DecisionRow>
  <WorkingRow
    v-for="(binding, i) in bindings.bindings"
    :key="i"
    :working="binding.length"
    :label="`${binding.count > 1 ? `${binding.count} × ` : ''}${binding.length.label}${binding.kind === 'cross' ? say.crossed : ''}`"
  />
  <HintText v-if="bindings.bindings.length === 0">
    {{ say.nothingToBindOne }}
  </HintText>
  <CautionSign
    :ids="
      binder.kind === 'putty'
        ? ['epoxy']
        : binder.kind === 'solder'
          ? ['qualified', 'hot-parts']
          : []
    "
  />
</template>
