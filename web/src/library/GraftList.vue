<script setup lang="ts">
import * as say from './words.ts';
import {
  animalById,
  ANIMALS,
  parseNumber,
  planById,
  lendableParts,
  type Creature,
  type Graft,
  type Subject,
  greatest,
  cutText,
} from '@keen-sinew/core';
import { computed } from 'vue';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import HintText from '../kit/HintText.vue';
import QuantityField from '../kit/QuantityField.vue';

/** Parts lent by other animals: whose, which, onto what, and how large. */
const props = defineProps<{ creature: Creature; base: Subject | undefined }>();
const emit = defineEmits<{ change: [part: Partial<Creature>] }>();

const donors = ANIMALS.map(({ id, name }) => ({ value: id, label: name })).toSorted((a, b) =>
  a.label.localeCompare(b.label),
);
function partsOf(animalId: string) {
  const animal = animalById(animalId);
  const plan = animal && planById(animal.planId);
  if (!animal || !plan) return [];
  return lendableParts(animal, plan).map(({ id, name }) => ({ value: id, label: name }));
}
/** Where a single thing of a head sits on its own animal's skull; a part goes where it is put. */
function seatOf(animalId: string, part: string): Partial<Graft> {
  const animal = animalById(animalId);
  const plan = animal && planById(animal.planId);
  const root = plan?.bones.find(({ key, parent }) => key === part && parent === 'skull');
  return root === undefined || !seats.value.some(({ value }) => value === 'skull')
    ? {}
    : { onBone: 'skull', at: animal?.seats?.[part] ?? root.at };
}
/** Bones of the midline that a part can sit on. */
const seats = computed(() => {
  const bones = props.base?.plan.bones.filter((bone) => bone.side === 'mid') ?? [];
  return [...new Map(bones.map((bone) => [bone.key, bone.name]))].map(([value, label]) => ({
    value,
    label,
  }));
});

const put = (index: number, part: Partial<Graft>): void =>
  emit('change', {
    grafts: props.creature.grafts.map((graft, i) => (i === index ? { ...graft, ...part } : graft)),
  });

function setDonor(index: number, from: string): void {
  const offered = partsOf(from);
  const now = props.creature.grafts[index]!;
  const part = offered.find((entry) => entry.value === now.part) ?? offered[0];
  put(index, { from, part: part?.value ?? now.part, name: nameOf(part?.label ?? '', from) });
}
function setPart(index: number, part: string): void {
  const { from } = props.creature.grafts[index]!;
  const label = partsOf(from).find((entry) => entry.value === part)?.label ?? part;
  put(index, { part, name: nameOf(label, from), ...seatOf(from, part) });
}
const nameOf = (part: string, from: string): string =>
  cutText(say.ofWord(part, animalById(from)?.name.toLowerCase() ?? from), 60);

function add(): void {
  const used = props.creature.grafts.map((graft) => graft.id);
  let n = 1;
  while (used.includes(`added-${n}`)) n += 1;
  const seat = seats.value.find((seat) => /thoracic|dorsal|chest|trunk/i.test(seat.value));
  emit('change', {
    grafts: [
      ...props.creature.grafts,
      {
        id: `added-${n}`,
        name: nameOf('Wings', 'barn-owl'),
        from: 'barn-owl',
        part: 'wings',
        onBone: seat?.value ?? seats.value[0]?.value ?? '',
        at: 0.8,
        size: 1,
      },
    ],
  });
}
/** A size at which the donor's trunk would be as long as the base's, in round figures. */
function fittingSize(from: string): number {
  const donor = animalById(from);
  const plan = donor && planById(donor.planId);
  const longest = (of: Subject): number =>
    greatest((of.plan.parts[0]?.keys ?? []).map((key) => of.animal.lengths[key]?.mm ?? 0));
  if (!donor || !plan || !props.base) return 1;
  const factor = longest(props.base) / longest({ plan, animal: donor });
  return Math.min(50, Math.max(0.02, Number(factor.toPrecision(2))));
}
const remove = (index: number): void =>
  emit('change', { grafts: props.creature.grafts.filter((_, i) => i !== index) });
const readShare = (where: string, min: number, max: number) => (typed: string) => {
  const read = parseNumber(typed.replace('%', ''), where, min, max, '%');
  return read.ok ? { ok: true as const, value: read.value / 100 } : read;
};
</script>

<template>
  <fieldset v-for="(graft, i) in creature.grafts" :key="graft.id">
    <legend>{{ graft.name }}</legend>
    <label>
      <span>{{ say.lentBy }}</span>
      <ChoiceField
        small
        :label="say.lentBy"
        :value="graft.from"
        :options="donors"
        @set="setDonor(i, $event)"
      />
    </label>
    <label>
      <span>{{ say.part }}</span>
      <ChoiceField
        small
        :label="say.part"
        :value="graft.part"
        :options="partsOf(graft.from)"
        @set="setPart(i, $event)"
      />
    </label>
    <label>
      <span>{{ say.setOn }}</span>
      <ChoiceField
        small
        :label="say.setOn"
        :value="graft.onBone"
        :options="seats"
        @set="put(i, { onBone: $event })"
      />
    </label>
    <label>
      <span>{{ say.alongThatBone }}</span>
      <QuantityField
        small
        :label="say.alongThatBone"
        :shown="`${Math.round(graft.at * 100)} %`"
        :parse="readShare(say.alongThatBone, 0, 100)"
        @set="put(i, { at: $event })"
      />
    </label>
    <label>
      <span>{{ say.sizeOfDonors }}</span>
      <QuantityField
        small
        :label="say.sizeOfDonors"
        :shown="`${Math.round(graft.size * 100)} %`"
        :parse="readShare(say.size, 2, 5000)"
        @set="put(i, { size: $event })"
      />
    </label>
    <ActionButton
      v-if="Math.abs(fittingSize(graft.from) - graft.size) > 0.005"
      @click="put(i, { size: fittingSize(graft.from) })"
    >
      {{ say.asLargeAsThis(Math.round(100 * fittingSize(graft.from))) }}
    </ActionButton>
    <ActionButton @click="remove(i)">{{ say.takeItOffAgain }}</ActionButton>
  </fieldset>
  <HintText v-if="creature.grafts.length === 0">
    {{ say.wingsArmsSecondPair }}
  </HintText>
  <ActionButton v-if="creature.grafts.length < 8" @click="add">
    {{ say.addPart }}
  </ActionButton>
</template>

<style scoped>
fieldset {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  margin: 0 0 8px;
  padding: 4px 8px 6px;
}
legend {
  font-weight: 600;
  font-size: 14px;
}
label {
  display: grid;
  grid-template-columns: 110px 1fr;
  align-items: center;
  gap: 6px;
  padding: 2px 0;
  font-size: 14px;
}
</style>
