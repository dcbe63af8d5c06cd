<script setup lang="ts">
import {
  parseNumber,
  THREAD_IDS,
  threadById,
  wayOf,
  type WireChoice,
  type WireSize,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import DecisionRow from '../../controls/DecisionRow.vue';
import QuantityField from '../../controls/QuantityField.vue';
import SwitchField from '../../controls/SwitchField.vue';
import AllowanceList from './AllowanceList.vue';
import { withWire } from './wireChanges.ts';
import WireChoiceRow from './WireChoiceRow.vue';

const { piece, plan, change } = usePiecePlan();
const wire = computed(() => piece.value.wire);
const all = computed(() => plan.value.measure.skeleton.plan.limbPairs);
const pairs = computed(() =>
  all.value.filter(
    (pair) =>
      !plan.value.stance.folded.includes(pair.id) && wayOf(piece.value.wire, pair) !== 'none',
  ),
);
/** Places where a rod from the base holds the body. */
const holds = computed(() =>
  plan.value.stance.feet.filter((hold) => hold.contact.kind !== 'foot' && hold.down),
);
const onRods = computed(() => holds.value.some((hold) => hold.contact.kind === 'rod'));

const setSpine = (spine: WireChoice): void =>
  change('Change the spine wire', (p) => withWire(p, { spine }));
const setLimb = (id: string, choice: WireChoice): void =>
  change('Change a limb wire', (p) => withWire(p, { limbs: { ...p.wire.limbs, [id]: choice } }));
const SPINE_NUMBERS = [
  { key: 'neckStrands', label: 'Strands more along the neck', max: 5 },
] as const;
const stiff = computed(() =>
  plan.value.wire.wires.some(({ kind }) => kind === 'rod' || kind === 'iron'),
);
const threads = [
  { label: 'plain', value: '' },
  ...THREAD_IDS.map((id) => ({ label: `threaded ${id}`, value: id as string })),
];
/** A thread is a diameter too, and its nut and washers are what stands below the base. */
function setThread(id: string): void {
  change('Change the rod', (p) => {
    const thread = THREAD_IDS.find((one) => one === id) ?? null;
    const size: WireSize =
      thread === null ? p.wire.rod.size : { system: 'mm', value: threadById(thread).diameterMm };
    return withWire(p, { rod: { ...p.wire.rod, thread, size } });
  });
}
const setRod = (choice: WireChoice): void =>
  change('Change the rod', (p) =>
    withWire(p, { rod: { metal: choice.metal, size: choice.size, thread: null } }),
  );
</script>

<template>
  <WireChoiceRow name="Spine" :choice="wire.spine" strands @set="setSpine" />
  <WireChoiceRow
    v-for="pair in pairs"
    :key="pair.id"
    :name="pair.name"
    :choice="wire.limbs[pair.id] ?? wire.spine"
    @set="setLimb(pair.id, $event)"
  />
  <WireChoiceRow
    v-for="hold in holds"
    :key="hold.contact.id"
    :name="`Rod, ${hold.contact.name}`"
    :choice="wire.limbs[hold.contact.id] ?? { ...wire.spine, strands: 1 }"
    @set="setLimb(hold.contact.id, $event)"
  />
  <template v-if="stiff">
    <WireChoiceRow name="Rods and iron" :choice="{ ...wire.rod, strands: 1 }" @set="setRod" />
    <DecisionRow name="Bolted through the base">
      <ChoiceField
        small
        label="Rods, thread"
        :value="wire.rod.thread ?? ''"
        :options="threads"
        @set="setThread"
      />
    </DecisionRow>
  </template>
  <DecisionRow v-if="wire.spine.strands > 1" name="Drop strands one by one along the tail">
    <SwitchField
      label="Drop strands one by one along the tail"
      :value="wire.taperTail"
      @set="change('Taper the tail', (p) => withWire(p, { taperTail: $event }))"
    />
  </DecisionRow>
  <DecisionRow v-for="one in SPINE_NUMBERS" :key="one.key" :name="one.label">
    <QuantityField
      small
      :label="one.label"
      :shown="String(wire[one.key])"
      :parse="(typed) => parseNumber(typed, one.label, 0, one.max)"
      @set="change(`Change ${one.label}`, (p) => withWire(p, { [one.key]: Math.round($event) }))"
    />
  </DecisionRow>
  <p v-if="plan.wire.unwired.length > 0" class="says">
    {{ plan.wire.unwired.join(', ') }}: folded on the body in this stance, or made without wire.
  </p>
  <p v-if="all.length === 0" class="says">
    This body has no limb wires:
    {{
      onRods
        ? 'rods from the base hold it, and its fins are cut from sheet and set in.'
        : 'its spine carries it all, and rods from the base keep it from turning.'
    }}
  </p>
  <AllowanceList :on-rods="onRods" />
</template>

<style scoped>
.says {
  margin: 6px 4px;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
