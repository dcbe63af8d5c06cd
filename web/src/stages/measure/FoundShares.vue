<script setup lang="ts">
import * as say from './words.ts';
import { ANIMALS, animalById, buildSkeleton, foundShares, planById } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import ChoiceField from '../../kit/ChoiceField.vue';
import HintText from '../../kit/HintText.vue';
import ComparedBars from '../../library/ComparedBars.vue';

/** What was found as shares of the trunk, beside the library's animal or any other. */
const { plan } = usePiecePlan();
const skeleton = computed(() => plan.value.measure.skeleton);
const otherId = ref(skeleton.value.animal.id);
const options = computed(() => {
  const own = skeleton.value.animal;
  const list = ANIMALS.some(({ id }) => id === own.id) ? ANIMALS : [own, ...ANIMALS];
  return list.map(({ id, name }) => ({ label: name, value: id }));
});
const found = computed(() =>
  buildSkeleton(
    skeleton.value.plan,
    { ...skeleton.value.animal, name: say.asFound },
    Object.fromEntries(
      plan.value.references.offers.map(({ found: { key, mm, provenance } }) => [
        key,
        { mm, provenance },
      ]),
    ),
  ),
);
const other = computed(() => {
  const animal = animalById(otherId.value);
  const body = animal && planById(animal.planId);
  return body
    ? buildSkeleton(body, animal)
    : buildSkeleton(skeleton.value.plan, skeleton.value.animal);
});
/** Bones of which the share of the trunk lies outside the species' own range. */
const odd = computed(() =>
  foundShares(skeleton.value, plan.value.references.offers).filter((foundShare) => foundShare.odd),
);
</script>

<template>
  <ChoiceField
    small
    :label="say.compareWith"
    :value="otherId"
    :options="options"
    @set="otherId = $event"
  />
  <ComparedBars :skeletons="[found, other]" norm="trunk" />
  <p v-for="entry in odd" :key="entry.key" class="says odd">
    {{
      say.ofTrunkAndTo(
        entry.name,
        entry.share.toFixed(2),
        entry.range[0].toFixed(2),
        entry.range[1].toFixed(2),
      )
    }}
  </p>
  <HintText v-if="odd.length === 0">
    {{ say.everyLengthFoundLies }}
  </HintText>
</template>

<style scoped>
.odd {
  color: var(--ochre);
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
