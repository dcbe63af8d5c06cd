<script setup lang="ts">
import * as say from './words.ts';
import { headStands, isTooth, standOf, type Parsed, type Shape } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import { degreesAt, percentAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { withEntry, withShape } from './shapeChanges.ts';

/** Nostrils, ears, horns and teeth, left and right alike; each the animal's until it is typed or dragged. */
const { piece, plan, change } = usePiecePlan();
const { text } = useUnits();
type Head = Shape['head'];
type Stand = Head['stands'][string];
const head = computed(() => piece.value.measure.shape.head);
const skeleton = computed(() => plan.value.measure.skeleton);
const AS_IT_IS: Stand = { at: null, backDeg: null, outDeg: null };

interface Field {
  readonly label: string;
  readonly shown: string;
  readonly own: boolean;
  readonly parse: (typed: string) => Parsed<number>;
  readonly put: (value: number | null) => Head;
}
const percent = (share: number): string => `${Math.round(1000 * share) / 10} %`;

const nostril = computed((): readonly Field[] => {
  const hole = skeleton.value.animal.face?.holes[0];
  if (hole === undefined) return [];
  const field = (key: keyof Head['nostril'], label: string, shown: string, isAngle: boolean) => ({
    ...{ label, shown, own: head.value.nostril[key] !== null },
    parse: (isAngle ? degreesAt : percentAt)(`measure.shape.head.nostril.${key}`, label),
    put: (value: number | null) => ({
      ...head.value,
      nostril: { ...head.value.nostril, [key]: value },
    }),
  });
  return [
    field('along', say.nostrilAlong, percent(hole.at[1]), false),
    field('around', say.nostrilAround, text(hole.at[2], 'deg'), true),
    field('long', say.nostrilLong, percent(hole.long), false),
    field('wide', say.nostrilWide, percent(hole.wide), false),
    field('turnDeg', say.nostrilTurn, text(hole.turnDeg, 'deg'), true),
  ];
});
const stands = computed((): readonly Field[] =>
  headStands(skeleton.value).flatMap((bone) => {
    const now = standOf(bone);
    const own = head.value.stands[bone.key];
    const path = (key: keyof Stand): string => `measure.shape.head.stands.*.${key}`;
    const field = (key: keyof Stand, label: string, shown: string, isAngle: boolean): Field => ({
      ...{ label, shown, own: (own?.[key] ?? null) !== null },
      parse: (isAngle ? degreesAt : percentAt)(path(key), label),
      put: (value) => {
        const next = { ...AS_IT_IS, ...own, [key]: value };
        const isOwn = Object.values(next).some((of) => of !== null);
        const all = withEntry(head.value.stands, bone.key, isOwn ? next : undefined);
        return { ...head.value, stands: all };
      },
    });
    const name = bone.plainName;
    return [
      field('at', say.alongHead(name), percent(now.at), false),
      field('backDeg', say.leansBack(name), text(now.backDeg, 'deg'), true),
      ...(bone.side === 'mid'
        ? []
        : [field('outDeg', say.leansOut(name), text(now.outDeg, 'deg'), true)]),
    ];
  }),
);
const teeth = computed((): readonly Field[] =>
  skeleton.value.bones.some(({ flesh }) => flesh.some(isTooth))
    ? [
        {
          label: say.teethLength,
          shown: percent(head.value.teeth ?? 1),
          own: head.value.teeth !== null,
          parse: percentAt('measure.shape.head.teeth', say.teethLength),
          put: (value) => ({ ...head.value, teeth: value }),
        },
      ]
    : [],
);
const fields = computed(() => [...nostril.value, ...stands.value, ...teeth.value]);
const set = ({ label, put }: Field, value: number | null): void =>
  change(say.change(label.toLowerCase()), (p) =>
    withShape(p, { ...p.measure.shape, head: put(value) }),
  );
</script>

<template>
  <DecisionRow
    v-for="field in fields"
    :key="field.label"
    :name="field.label"
    :own="field.own"
    @revert="set(field, null)"
  >
    <QuantityField
      small
      :label="field.label"
      :shown="field.shown"
      :parse="field.parse"
      @set="set(field, $event)"
    />
  </DecisionRow>
  <HintText v-if="stands.length > 0">{{ say.lengthsInMeasure }}</HintText>
</template>
