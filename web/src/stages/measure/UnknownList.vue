<script setup lang="ts">
import * as tell from './roomWords.ts';
import { plural, landmarksOf, type ReferencesPlan } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import HintText from '../../kit/HintText.vue';

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
  return all.length > 6 ? tell.andMore(all.slice(0, 6).join(', '), all.length - 6) : all.join(', ');
});
const bones = (count: number): string =>
  plural(count, { one: tell.oneBone, other: tell.bones(count) });
</script>

<template>
  <HintText v-if="unknown.bones.length === 0">{{ tell.everyBoneHasIts }}</HintText>
  <template v-else>
    <p v-if="next?.kind === 'landmark' && placeName?.picture" class="next">
      {{ tell.place }} <b>{{ placeName.name }}</b> {{ tell.on }}
      <RouterLink :to="`/piece/${piece.id}/measure/pictures/${placeName.picture.id}`">
        {{ placeName.picture.name }}</RouterLink>{{ tell.thatSettles(bones(next.settles)) }}
    </p>
    <p v-else-if="next?.kind === 'view'" class="next">
      {{ tell.bringPicture }} <b>{{ tell.from3(next.view) }}</b>{{
        tell.noViewShowsThat(bones(next.settles))
      }}
    </p>
    <p v-else class="next">{{ tell.eachOfThemLacks }}</p>
    <HintText>{{ tell.withoutTrueLength(bones(unknown.bones.length), names) }}</HintText>
  </template>
</template>

<style scoped>
.next {
  margin: 4px 0;
}
</style>
