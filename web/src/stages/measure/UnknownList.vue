<script setup lang="ts">
import { landmarksOf, type ReferencesPlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';

/** What no picture settles, and the one thing that would settle most of it. */
const props = defineProps<{ unknown: ReferencesPlan['unknown'] }>();
const { piece, plan } = usePiecePlan();
const next = computed(() => props.unknown.next);
const placeName = computed(() => {
  const step = next.value;
  if (step?.kind !== 'landmark') return null;
  const name = landmarksOf(plan.value.measure.skeleton).find(
    ({ id }) => id === step.landmarkId,
  )?.name;
  const picture = piece.value.references.pictures.find(({ id }) => id === step.pictureId);
  return { name, picture };
});
const names = computed(() => {
  const all = props.unknown.bones.map(({ bone }) => bone.name);
  return all.length > 6
    ? `${all.slice(0, 6).join(', ')} and ${all.length - 6} more`
    : all.join(', ');
});
const bones = (count: number): string => (count === 1 ? 'one bone' : `${count} bones`);
</script>

<template>
  <p v-if="unknown.bones.length === 0" class="says">Every bone has its true length.</p>
  <template v-else>
    <p v-if="next?.kind === 'landmark' && placeName?.picture" class="next">
      Place <b>{{ placeName.name }}</b> on
      <RouterLink :to="`/piece/${piece.id}/measure/pictures/${placeName.picture.id}`">
        {{ placeName.picture.name }}</RouterLink>: that settles {{ bones(next.settles) }}.
    </p>
    <p v-else-if="next?.kind === 'view'" class="next">
      Bring a picture <b>from the {{ next.view }}</b
      >: no view shows that direction yet, and {{ bones(next.settles) }} wait for it.
    </p>
    <p v-else class="next">Each of them lacks more than one landmark: place both ends.</p>
    <p class="says">{{ bones(unknown.bones.length) }} without a true length: {{ names }}.</p>
  </template>
</template>

<style scoped>
.next {
  margin: 4px 0;
}
.says {
  margin: 4px 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
