<script setup lang="ts">
import * as say from './words.ts';
import { oddProportions, oddSentence, type Skeleton, type Subject } from '@keen-sinew/core';
import { computed } from 'vue';
import LedgerSection from '../ledger/LedgerSection.vue';
import FactTable from './FactTable.vue';
import { useAnimalFacts } from './useAnimalFacts.ts';
import LandmarkList from './LandmarkList.vue';
import WeighBones from './WeighBones.vue';

/** Everything the library says of one animal, each number with its range and where it comes from. */
const props = defineProps<{
  subject: Subject;
  skeleton: Skeleton;
  picked: string | null;
  own: boolean;
}>();
const emit = defineEmits<{ pick: [boneKey: string] }>();
const animal = computed(() => props.subject.animal);

const { sizes, bones, stations, parts, coat } = useAnimalFacts(props);
const boneName = (key: string): string =>
  props.skeleton.bones.find((bone) => bone.key === key)?.plainName ?? key;
const odd = computed(() => (props.own ? oddProportions(props.subject).map(oddSentence) : []));
</script>

<template>
  <p v-if="animal.commonMistake && !own" class="mistake">
    <b>{{ say.oftenGotWrong }}</b> {{ animal.commonMistake }}
  </p>
  <ul v-if="odd.length > 0" class="odd">
    <li v-for="sentence in odd" :key="sentence">{{ sentence }}</li>
  </ul>
  <p v-if="animal.sexes" class="sexes">
    {{
      say.ofLengthsGivenHere(
        animal.sexes.map((sex) => `${sex.name} ${Math.round(sex.size * 100)} %`).join(', '),
      )
    }}
  </p>
  <LedgerSection :title="say.wholeAnimal">
    <FactTable :facts="sizes" />
  </LedgerSection>
  <LedgerSection :title="say.bonesLeftAndRight">
    <FactTable :facts="bones" :picked="picked" @pick="emit('pick', $event)" />
  </LedgerSection>
  <LedgerSection :title="say.eyesPartsAndCounts" folded>
    <FactTable :facts="parts" />
  </LedgerSection>
  <LedgerSection :title="say.sectionsWidthDepth" folded>
    <FactTable :facts="stations" />
  </LedgerSection>
  <LedgerSection :title="say.coatAndSkin" folded>
    <FactTable :facts="coat" />
  </LedgerSection>
  <LedgerSection :title="say.landmarksToFindOn" folded>
    <LandmarkList :skeleton="skeleton" />
  </LedgerSection>
  <LedgerSection v-if="subject.plan.muscles.length > 0" :title="say.muscles" folded>
    <ul class="muscles">
      <li v-for="muscle in subject.plan.muscles" :key="muscle.id">
        <b>{{ muscle.name }}</b>{{
          say.fromTo(
            muscle.form,
            boneName(muscle.origin.bone).toLowerCase(),
            boneName(muscle.insertion.bone).toLowerCase(),
          )
        }}
      </li>
    </ul>
  </LedgerSection>
  <LedgerSection :title="say.whatDidItWeigh" folded>
    <WeighBones />
  </LedgerSection>
</template>

<style scoped>
.mistake,
.sexes {
  margin: 0 0 10px;
  font-size: 14px;
  color: var(--soft);
}
.odd {
  margin: 0 0 10px;
  padding: 8px 10px 8px 24px;
  border: 1px solid var(--ochre);
  border-radius: var(--radius);
  font-size: 14px;
}
.muscles {
  margin: 0;
  padding: 4px 0;
  list-style: none;
  font-size: 14px;
}
.muscles li {
  padding: 3px 2px;
  border-bottom: 1px dotted var(--line);
}
</style>
