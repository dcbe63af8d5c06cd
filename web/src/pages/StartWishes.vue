<script setup lang="ts">
import * as say from './words.ts';
import {
  ANIMALS,
  creatureFaults,
  cutTo,
  extentsOf,
  subjectOf,
  type Extent,
  type StartWish,
} from '@keen-sinew/core';
import { computed } from 'vue';
import ChoiceField from '../kit/ChoiceField.vue';
import CheckField from '../kit/CheckField.vue';
import { useCreatureStore } from '../stores/creatureStore.ts';
import { EXTENT_NAMES } from '../stages/extentNames.ts';

/** What one wants: of what and how much, how large, how it stands, posable or not, and which coat. */
const props = defineProps<{ wish: StartWish }>();
const emit = defineEmits<{ set: [wish: StartWish] }>();
const creatures = useCreatureStore();
void creatures.load();
const OWN = 'own:';
const animals = ANIMALS.map((animal) => ({ label: animal.name, value: animal.id })).toSorted(
  (a, b) => a.label.localeCompare(b.label),
);
/** Those of the library, and the user’s own that hold together. */
const all = computed(() => [
  ...creatures.creatures
    .filter((creature) => creatureFaults(creature).length === 0)
    .map(({ id, name }) => ({ label: say.ownAnimal(name), value: OWN + id })),
  ...animals,
]);
const chosen = computed(() =>
  props.wish.creature === null ? props.wish.animalId : OWN + props.wish.creature.id,
);
const subject = computed(() => subjectOf(props.wish));
const extents = computed(() =>
  extentsOf(subject.value.plan).map((value) => ({ label: EXTENT_NAMES[value], value })),
);
const shown = computed(() => cutTo(subject.value, props.wish.extent));
const usual = computed(() => {
  const { stances } = shown.value.plan;
  return stances.find(({ id }) => id === subject.value.animal.usualStance) ?? stances[0];
});
const stances = computed(() =>
  shown.value.plan.stances.map(({ id, name }) => ({ label: name, value: id })),
);
const isHairy = computed(() => shown.value.animal.coat.some(({ hair }) => hair !== null));
const SIZES = [
  { label: say.handySize, value: 'handy' },
  { label: say.ovenSize, value: 'oven' },
];
const COATS = [
  { label: say.carvedCoat, value: 'carved' },
  { label: say.plantedCoat, value: 'fibre' },
];
const put = (part: Partial<StartWish>): void => emit('set', { ...props.wish, ...part });
/** Another animal, or more or less of it, may not have the stance. */
const setAnimal = (value: string): void => {
  const creature = value.startsWith(OWN) ? creatures.byId(value.slice(OWN.length)) : undefined;
  const of =
    creature === undefined
      ? { animalId: value, creature: null }
      : { animalId: creature.base, creature };
  const known = extentsOf(subjectOf(of).plan);
  const extent = known.includes(props.wish.extent) ? props.wish.extent : 'whole';
  put({ ...of, extent, presetId: null });
};
const setExtent = (extent: string): void => put({ extent: extent as Extent, presetId: null });
</script>

<template>
  <label>
    <span>{{ say.animal }}</span>
    <ChoiceField :label="say.animal" :value="chosen" :options="all" @set="setAnimal" />
  </label>
  <label>
    <span>{{ say.howMuchOfIt }}</span>
    <ChoiceField
      :label="say.howMuchOfIt"
      :value="wish.extent"
      :options="extents"
      @set="setExtent"
    />
  </label>
  <label>
    <span>{{ say.howLarge }}</span>
    <ChoiceField
      :label="say.howLarge"
      :value="wish.size"
      :options="SIZES"
      @set="put({ size: $event as StartWish['size'] })"
    />
  </label>
  <label>
    <span>{{ say.howItStands }}</span>
    <ChoiceField
      :label="say.howItStands"
      :value="wish.presetId ?? usual?.id ?? ''"
      :options="stances"
      @set="put({ presetId: $event })"
    />
  </label>
  <label v-if="isHairy">
    <span>{{ say.whichCoat }}</span>
    <ChoiceField
      :label="say.whichCoat"
      :value="wish.coat"
      :options="COATS"
      @set="put({ coat: $event as StartWish['coat'] })"
    />
  </label>
  <CheckField class="posable" :checked="wish.posable" @set="put({ posable: $event })">
    {{ say.posableWish }}
  </CheckField>
</template>

<style scoped>
label span {
  display: block;
  color: var(--soft);
  font-size: 14px;
}
.posable {
  align-self: end;
}
</style>
