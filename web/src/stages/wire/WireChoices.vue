<script setup lang="ts">
import * as say from './words.ts';
import {
  ROD_KEY_WORDS,
  ROD_KEYS,
  THREAD_IDS,
  threadById,
  wayOf,
  type RodKey,
  type WireChoice,
  type WireSize,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { numberAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import SwitchField from '../../kit/SwitchField.vue';
import SuggestedNote from '../SuggestedNote.vue';
import AllowanceList from './AllowanceList.vue';
import { withWire } from './wireChanges.ts';
import WireChoiceRow from './WireChoiceRow.vue';

const { piece, plan, change } = usePiecePlan();
const { text } = useUnits();
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
  change(say.changeSpineWire, (p) => withWire(p, { spine }));
const setLimb = (id: string, choice: WireChoice): void =>
  change(say.changeLimbWire, (p) => withWire(p, { limbs: { ...p.wire.limbs, [id]: choice } }));
const SPINE_NUMBERS = [{ key: 'neckStrands', label: say.strandsMoreAlongNeck }] as const;
const stiff = computed(() =>
  plan.value.wire.wires.some(({ kind }) => kind === 'rod' || kind === 'iron'),
);
const threads = [
  { label: say.gluedWithEpoxy, value: '' },
  ...THREAD_IDS.map((id) => ({ label: say.threaded(id), value: id as string })),
];
/** A thread is a diameter too, and its nut and washers are what stands below the base. */
function setThread(id: string): void {
  change(say.changeRod, (p) => {
    const thread = THREAD_IDS.find((threadId) => threadId === id) ?? null;
    const size: WireSize | null =
      thread === null ? p.wire.rod.size : { system: 'mm', value: threadById(thread).diameterMm };
    return withWire(p, { rod: { ...p.wire.rod, thread, size } });
  });
}
const keys = ROD_KEYS.map((value) => ({ value, label: ROD_KEY_WORDS[value].name }));
const setKey = (key: RodKey | null): void =>
  change(say.changeRod, (p) => withWire(p, { rod: { ...p.wire.rod, key } }));
const rod = computed((): WireChoice => ({
  metal: wire.value.rod.metal,
  size: wire.value.rod.size ?? { system: 'mm', value: plan.value.wire.rodMm },
  strands: 1,
}));
/** Another metal leaves the size to follow; a size that was typed stays. */
const setRod = (choice: WireChoice): void =>
  change(say.changeRod, (p) => {
    const follows = p.wire.rod.size === null && choice.metal !== p.wire.rod.metal;
    const size = follows ? null : choice.size;
    return withWire(p, { rod: { ...p.wire.rod, metal: choice.metal, size, thread: null } });
  });
const setRodSize = (size: WireSize | null): void =>
  change(say.letRodFollowIts, (p) => withWire(p, { rod: { ...p.wire.rod, size, thread: null } }));
/** Rods that were given a wire of their own. */
const ownHolds = computed(() =>
  holds.value.filter(({ contact }) => wire.value.limbs[contact.id] !== undefined),
);
function asOthers(id: string): void {
  change(say.makeRodAsOthers, (p) => {
    const { [id]: _own, ...limbs } = p.wire.limbs;
    return withWire(p, { limbs });
  });
}
</script>

<template>
  <SuggestedNote of="wire" />
  <WireChoiceRow :name="say.spine2" :choice="wire.spine" strands @set="setSpine" />
  <WireChoiceRow
    v-for="pair in pairs"
    :key="pair.id"
    :name="pair.name"
    :choice="wire.limbs[pair.id] ?? wire.spine"
    @set="setLimb(pair.id, $event)"
  />
  <div v-for="hold in ownHolds" :key="hold.contact.id">
    <WireChoiceRow
      :name="say.rod(hold.contact.name)"
      :choice="wire.limbs[hold.contact.id]!"
      @set="setLimb(hold.contact.id, $event)"
    />
    <ActionButton @click="asOthers(hold.contact.id)">
      {{ say.asOtherRods }}
    </ActionButton>
  </div>
  <template v-if="stiff">
    <WireChoiceRow :name="say.rodsFromBase" :choice="rod" @set="setRod" />
    <HintText>
      <template v-if="wire.rod.size === null">
        {{ say.isThinnestOfShop(text(plan.wire.rodMm, 'mm')) }}
      </template>
      <ActionButton v-else @click="setRodSize(null)">
        {{ say.asThickAsLoad }}
      </ActionButton>
    </HintText>
    <DecisionRow :name="say.boltedThroughBase">
      <ChoiceField
        small
        :label="say.rodsThread"
        :value="wire.rod.thread ?? ''"
        :options="threads"
        @set="setThread"
      />
    </DecisionRow>
    <DecisionRow
      :name="say.againstTurning"
      :own="wire.rod.key !== null"
      :back="say.asUsual"
      @revert="setKey(null)"
    >
      <ChoiceField
        small
        :label="say.againstTurning"
        :value="plan.wire.rodKey"
        :options="keys"
        @set="setKey($event as RodKey)"
      />
    </DecisionRow>
    <HintText v-if="ROD_KEY_WORDS[plan.wire.rodKey].how">
      {{ ROD_KEY_WORDS[plan.wire.rodKey].how }}
    </HintText>
  </template>
  <DecisionRow v-if="wire.spine.strands > 1" :name="say.dropStrandsOneBy">
    <SwitchField
      :label="say.dropStrandsOneBy"
      :value="wire.taperTail"
      @set="change(say.taperTail, (p) => withWire(p, { taperTail: $event }))"
    />
  </DecisionRow>
  <DecisionRow
    v-for="spineNumber in SPINE_NUMBERS"
    :key="spineNumber.key"
    :name="spineNumber.label"
  >
    <QuantityField
      small
      :label="spineNumber.label"
      :shown="String(wire[spineNumber.key])"
      :parse="numberAt(`wire.${spineNumber.key}`, spineNumber.label)"
      @set="
        change(say.change(spineNumber.label), (p) =>
          withWire(p, { [spineNumber.key]: Math.round($event) }),
        )
      "
    />
  </DecisionRow>
  <HintText v-if="plan.wire.unwired.length > 0">
    {{ say.foldedOnBodyIn(plan.wire.unwired.join(', ')) }}
  </HintText>
  <HintText v-if="all.length === 0">
    {{ say.thisBodyHasNo(onRods ? say.rodsFromBaseHold : say.itsSpineCarriesIt) }}
  </HintText>
  <AllowanceList :on-rods="onRods" />
</template>
