<script setup lang="ts">
import * as say from './words.ts';
import { lengthLimits, parseLength, type Fitting, type Parsed, type Thing } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import { degreesAt, percentAt } from '../../../kit/limited.ts';
import NameField from '../../../kit/NameField.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import RowFields from './RowFields.vue';
import { thingIdOf, withoutThing, withParted, withThing } from './fittingChanges.ts';

/** A thing of the user’s own: its name, size, curve, place, sides and row; sizes are the model’s. */
const props = defineProps<{ fitting: Fitting }>();
const emit = defineEmits<{ gone: [] }>();
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const thing = computed(() =>
  piece.value.measure.shape.things.find(({ id }) => id === thingIdOf(props.fitting.id)),
);
const n = computed(() => plan.value.measure.lifePerModel);
const put = (part: Partial<Thing>): void => {
  const { id, name } = thing.value!;
  change(say.changeThing(name.toLowerCase()), (p) => withThing(p, id, part));
};

interface Field {
  readonly key: keyof Thing;
  readonly label: string;
  readonly shown: string;
  readonly parse: (typed: string) => Parsed<number>;
}
const path = (key: keyof Thing): string => `measure.shape.things.*.${key}`;
const percent = (share: number): string => `${Math.round(1000 * share) / 10} %`;
/** A length of the model that is kept as one of life. */
const length = (key: 'lengthMm' | 'thickMm', label: string, of: Thing): Field => ({
  ...{ key, label, shown: text(of[key] / n.value, 'mm', 1) },
  parse: (typed) => {
    const { minMm, maxMm } = lengthLimits(path(key));
    const limits = { minMm: minMm / n.value, maxMm: maxMm / n.value };
    const read = parseLength(typed, label, limits, system.value);
    return read.ok ? { ...read, value: read.value * n.value } : read;
  },
});
const angle = (
  key: 'around' | 'leanDeg' | 'twistDeg' | 'turnDeg' | 'curlDeg',
  label: string,
  of: Thing,
): Field => ({
  ...{ key, label, shown: text(of[key], 'deg'), parse: degreesAt(path(key), label) },
});
const share = (key: 'along' | 'breadth' | 'tip', label: string, of: Thing): Field => ({
  ...{ key, label, shown: percent(of[key]), parse: percentAt(path(key), label) },
});
const fields = computed((): readonly Field[] => {
  const of = thing.value;
  return of === undefined
    ? []
    : [
        length('lengthMm', say.longWord, of),
        length('thickMm', say.thickAtRoot, of),
        share('breadth', say.broadForThick, of),
        share('tip', say.tipForRoot, of),
        angle('leanDeg', say.leansBack, of),
        angle('twistDeg', say.leansAside, of),
        angle('turnDeg', say.tipTurns, of),
        angle('curlDeg', say.planeTurns, of),
        share('along', say.alongBone(boneName(of.boneId)), of),
        angle('around', say.fromBackLine, of),
      ];
});
const boneName = (boneId: string): string =>
  plan.value.measure.skeleton.byId.get(boneId)?.plainName.toLowerCase() ?? boneId;
const BONES = computed(() =>
  plan.value.measure.skeleton.bones
    .filter(({ side }) => side !== 'right')
    .map(({ id, plainName }) => ({ value: id, label: plainName })),
);
const SIDES = (['both', 'left', 'right', 'middle'] as const).map((value) => ({
  value,
  label: say.sides[value],
}));
const part = (): void => {
  const { id, name } = thing.value!;
  change(say.partThing(name.toLowerCase()), (p) =>
    withParted(p, id, [say.leftOf(name), say.rightOf(name)]),
  );
};
const remove = (): void => {
  const { id, name } = thing.value!;
  change(say.removeThing(name.toLowerCase()), (p) => withoutThing(p, id));
  emit('gone');
};
</script>

<template>
  <template v-if="thing">
    <DecisionRow :name="say.nameWord">
      <NameField
        :label="say.nameWord"
        :value="thing.name"
        :most="60"
        @set="put({ name: $event })"
      />
    </DecisionRow>
    <DecisionRow :name="say.onBone">
      <ChoiceField
        small
        :label="say.onBone"
        :value="thing.boneId"
        :options="BONES"
        @set="put({ boneId: $event })"
      />
    </DecisionRow>
    <DecisionRow :name="say.sidesWord">
      <ChoiceField
        small
        :label="say.sidesWord"
        :value="thing.sides"
        :options="SIDES"
        @set="put({ sides: $event as Thing['sides'] })"
      />
    </DecisionRow>
    <DecisionRow v-for="{ key, label, shown, parse } in fields" :key="key" :name="label">
      <QuantityField
        small
        :label="label"
        :shown="shown"
        :parse="parse"
        @set="put({ [key]: $event })"
      />
    </DecisionRow>
    <RowFields :thing="thing" :bones="BONES" @put="put" />
    <ActionButton v-if="thing.sides === 'both'" @click="part">{{ say.partWord }}</ActionButton>
    <ActionButton @click="remove">{{ say.removeWord }}</ActionButton>
  </template>
</template>
