<script setup lang="ts">
import * as say from './words.ts';
import {
  bodyStations,
  oddProportions,
  oddSentence,
  planSizes,
  wordsOf,
  type Skeleton,
  type Subject,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import LedgerSection from '../ledger/LedgerSection.vue';
import FactTable, { type Fact } from './FactTable.vue';
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
const { text } = useUnits();
const animal = computed(() => props.subject.animal);

/** The lower end goes without its unit where the upper one has the same. */
const withoutUnit = (low: string, high: string): string => {
  const unit = / [a-z]+$/.exec(high)?.[0] ?? '';
  return unit !== '' && low.endsWith(unit) ? low.slice(0, -unit.length) : low;
};
const span = (range: readonly [number, number], shown: (value: number) => string): string =>
  range[0] === range[1]
    ? shown(range[0])
    : say.toWord(withoutUnit(shown(range[0]), shown(range[1])), shown(range[1]));
const mm = (value: number): string => text(value, 'mm', value < 10 ? 1 : 0);
const kg = (value: number): string => text(value, 'kg', value < 10 ? 1 : 0);

const sizes = computed((): readonly Fact[] => [
  ...planSizes(props.skeleton).map(({ spec, mm: value }): Fact => {
    const range = animal.value.ranges.sizes[spec.id];
    return {
      id: spec.id,
      name: spec.name,
      value: mm(value),
      provenance: 'derived',
      note: spec.measured,
      ...(range === undefined
        ? {}
        : { range: span(range, mm), odd: value < range[0] || value > range[1] }),
    };
  }),
  ...(animal.value.ranges.massKg === undefined
    ? []
    : [
        {
          id: 'mass',
          name: say.weightInLife,
          value: span(animal.value.ranges.massKg, kg),
          provenance: props.own ? ('own' as const) : ('memory' as const),
          ...(animal.value.density === undefined ? {} : { note: animal.value.density.why }),
        },
      ]),
]);
const bones = computed((): readonly Fact[] => {
  const keys = [...new Set(props.skeleton.bones.map((bone) => bone.key))];
  return keys.map((key) => {
    const bone = props.skeleton.bones.find((bone) => bone.key === key)!;
    return {
      id: key,
      name: bone.plainName,
      value: mm(bone.lifeLengthMm),
      range: span(bone.range, mm),
      provenance: bone.provenance,
      note: bone.measured,
    };
  });
});
const stations = computed((): readonly Fact[] =>
  bodyStations(props.skeleton).map((bodyStation) => ({
    id: `${bodyStation.boneId}@${bodyStation.at}`,
    name: `${bodyStation.boneName}, ${bodyStation.at < 0.5 ? say.nearEnd : say.farEnd}`,
    value: `${mm(bodyStation.widthMm)} × ${mm(bodyStation.depthMm)}`,
    provenance: 'memory',
  })),
);
const parts = computed((): readonly Fact[] => [
  {
    id: 'eye',
    name: say.eyeball,
    value: mm(animal.value.eye.mm),
    range: span(animal.value.eye.range, mm),
    provenance: animal.value.eye.provenance,
    note: say.partThatIsSeen,
  },
  ...(animal.value.features ?? []).map((feature) => ({
    id: feature.id,
    name: `${feature.name} (${feature.count})`,
    value: mm(feature.size.mm),
    range: span(feature.size.range, mm),
    provenance: feature.size.provenance,
  })),
  ...(animal.value.counts ?? []).map((count) => ({
    id: `count-${count.name}`,
    name: count.name,
    value: span(count.range, String),
    provenance: count.provenance,
    ...(count.note === undefined ? {} : { note: count.note }),
  })),
]);
const coat = computed((): readonly Fact[] =>
  animal.value.coat.map((zone) => ({
    id: zone.id,
    name: zone.name,
    value: zone.hair === null ? 'bare' : mm(zone.hair.mm),
    provenance: zone.hair?.provenance ?? 'memory',
    ...(zone.hair === null
      ? {}
      : { range: span(zone.hair.range, mm), note: say.lengthOf(wordsOf(zone).one) }),
  })),
);
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
