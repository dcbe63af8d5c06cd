import * as say from './words.ts';
import { bodyStations, planSizes, wordsOf, type Skeleton, type Subject } from '@keen-sinew/core';
import { computed } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import type { Fact } from './FactTable.vue';

/** What the library says of one animal, as rows with their ranges and where they come from. */
// eslint-disable-next-line max-lines-per-function -- five tables of one animal
export function useAnimalFacts(props: {
  readonly subject: Subject;
  readonly skeleton: Skeleton;
  readonly own: boolean;
}) {
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
  return { sizes, bones, stations, parts, coat };
}
