<script setup lang="ts">
import {
  parseLength,
  parseNumber,
  THREAD_IDS,
  threadById,
  wayOf,
  type WireChoice,
  type WireSize,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ChoiceField from '../../controls/ChoiceField.vue';
import DecisionRow from '../../controls/DecisionRow.vue';
import QuantityField from '../../controls/QuantityField.vue';
import SwitchField from '../../controls/SwitchField.vue';
import { withAllowance, withWire } from './wireChanges.ts';
import WireChoiceRow from './WireChoiceRow.vue';

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
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

const LENGTHS = [
  { key: 'fold', label: 'Loop or fold in the head', max: 200 },
  { key: 'hook', label: 'Hook above the head', max: 300 },
  { key: 'tieEnd', label: 'Tie end', max: 200 },
  { key: 'nutAndWashers', label: 'Nut and washers, each peg', max: 100 },
  { key: 'margin', label: 'Margin', max: 200 },
  { key: 'marginPerBend', label: 'Margin per bend', max: 20 },
] as const;
const NUMBERS = [
  { key: 'hipTurns', label: 'Turns round the spine', min: 0, max: 10 },
  { key: 'bendRadiusInDiameters', label: 'Bend radius, in wire diameters', min: 1, max: 20 },
  { key: 'twistPitchInDiameters', label: 'Pitch of the twist, in rope diameters', min: 3, max: 60 },
  { key: 'coilPitchInDiameters', label: 'Pitch of a coil, in wire diameters', min: 1.5, max: 40 },
] as const;
const WIRE_LENGTHS = [
  { key: 'coverMm', label: 'Least clay over the wire', max: 10 },
  { key: 'sawLossMm', label: 'Lost at each cut', max: 5 },
] as const;

const setSpine = (spine: WireChoice): void =>
  change('Change the spine wire', (p) => withWire(p, { spine }));
const setLimb = (id: string, choice: WireChoice): void =>
  change('Change a limb wire', (p) => withWire(p, { limbs: { ...p.wire.limbs, [id]: choice } }));
const setBase = (part: { thicknessMm?: number; rodMm?: number }): void =>
  change('Change the base', (p) => ({
    ...p,
    stance: { ...p.stance, base: { ...p.stance.base, ...part } },
  }));
const read =
  (label: string, max: number, minMm = 0) =>
  (typed: string) =>
    parseLength(typed, label, { minMm, maxMm: max }, system.value);

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
  <div class="list">
    <label v-if="onRods">
      <span>Rod between the base and the body</span>
      <QuantityField
        small
        label="Rod between the base and the body"
        :shown="text(piece.stance.base.rodMm, 'mm')"
        :parse="read('Rod between the base and the body', 1000)"
        @set="setBase({ rodMm: $event })"
      />
    </label>
    <label v-for="one in LENGTHS" :key="one.key">
      <span>{{ one.label }}</span>
      <QuantityField
        small
        :label="one.label"
        :shown="text(wire.allowancesMm[one.key], 'mm')"
        :parse="read(one.label, one.max)"
        @set="change(`Change ${one.label}`, (p) => withAllowance(p, one.key, $event))"
      />
    </label>
    <label v-for="one in NUMBERS" :key="one.key">
      <span>{{ one.label }}</span>
      <QuantityField
        small
        :label="one.label"
        :shown="String(wire[one.key])"
        :parse="(typed) => parseNumber(typed, one.label, one.min, one.max)"
        @set="change(`Change ${one.label}`, (p) => withWire(p, { [one.key]: $event }))"
      />
    </label>
    <label v-for="one in WIRE_LENGTHS" :key="one.key">
      <span>{{ one.label }}</span>
      <QuantityField
        small
        :label="one.label"
        :shown="text(wire[one.key], 'mm')"
        :parse="read(one.label, one.max)"
        @set="change(`Change ${one.label}`, (p) => withWire(p, { [one.key]: $event }))"
      />
    </label>
    <label>
      <span>Thickness of the base</span>
      <QuantityField
        small
        label="Thickness of the base"
        :shown="text(piece.stance.base.thicknessMm, 'mm')"
        :parse="read('Thickness of the base', 100, 2)"
        @set="setBase({ thicknessMm: $event })"
      />
    </label>
  </div>
</template>

<style scoped>
.says {
  margin: 6px 4px;
  font-size: 13.5px;
  color: var(--soft);
}
.list label {
  display: grid;
  grid-template-columns: 1fr 100px;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px dotted var(--line);
  font-size: 14px;
}
</style>
