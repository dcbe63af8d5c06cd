<script setup lang="ts">
import * as say from './words.ts';
import {
  accepted,
  plainNumber,
  plantedAngles,
  refused,
  ROCK_STEP_MM,
  type Ground,
  type Parsed,
  greatest,
  least,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import { lengthAt, numberAt, signedLengthAt } from '../../kit/limited.ts';
import QuantityField from '../../kit/QuantityField.vue';
import { groundOf, withStance } from './stanceChanges.ts';

/** What the piece stands on; the feet are planted on it whenever it changes. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const ground = computed(() => piece.value.stance.ground);
const KINDS = [
  { value: 'flat', label: say.flat },
  { value: 'slope', label: say.slope },
  { value: 'step', label: say.step },
  { value: 'log', label: say.logOrBranch },
  { value: 'rock', label: say.rock },
];

const put = (label: string, next: Ground): void =>
  change(label, (p) => {
    const moved = withStance(p, { ground: next });
    const { skeleton, lifePerModel } = plan.value.measure;
    return withStance(moved, {
      anglesDeg: { ...plantedAngles(skeleton, moved.stance, 1 / lifePerModel) },
    });
  });

function setKind(kind: string): void {
  const xs = plan.value.stance.posed.bones.flatMap(({ start, end }) => [start[0], end[0]]);
  const feet = plan.value.stance.feet.map(({ ball }) => ball[0]);
  const [front, rear] = [Math.max(greatest(feet), greatest(feet.length ? [] : xs)), least(xs)];
  put(
    say.standOn(kind === 'flat' ? say.flatGround : `a ${kind}`),
    groundOf(kind as Ground['kind'], front, rear, plan.value.stance.heightAsPosed.value),
  );
}

interface Field {
  readonly label: string;
  readonly shown: string;
  readonly parse: (typed: string) => Parsed<number>;
  readonly with: (value: number) => Ground;
}

const length = (label: string, key: string) =>
  lengthAt(`stance.ground.${key}`, label, system.value);

/** Places may lie behind the hip, so they may be negative. */
const place = (label: string) => signedLengthAt('stance.ground.fromMm', label, system.value);

const fields = computed((): readonly Field[] => {
  const g = ground.value;
  const mm = (value: number): string => text(value, 'mm');
  const field = (
    label: string,
    value: string,
    parse: (typed: string) => Parsed<number>,
    set: (value: number) => Ground,
  ): Field => ({ label, shown: value, parse, with: set });
  if (g.kind === 'slope')
    return [
      field(
        say.risesByMinusFalls,
        text(g.deg, 'deg'),
        numberAt('stance.ground.deg', say.slope, 'degrees'),
        (deg) => ({ ...g, deg }),
      ),
      field(say.fromAheadOfHip, mm(g.fromMm), place(say.fromHere), (fromMm) => ({ ...g, fromMm })),
    ];
  if (g.kind === 'step')
    return [
      field(say.stepUp, mm(g.riseMm), length(say.stepUp, 'riseMm'), (riseMm) => ({ ...g, riseMm })),
      field(say.fromAheadOfHip, mm(g.fromMm), place(say.fromHere), (fromMm) => ({ ...g, fromMm })),
    ];
  if (g.kind === 'log')
    return [
      field(say.thick, mm(g.diameterMm), length(say.thick, 'diameterMm'), (diameterMm) => ({
        ...g,
        diameterMm,
      })),
      field(say.itsTopAboveBase, mm(g.topMm), length(say.top, 'topMm'), (topMm) => ({
        ...g,
        topMm,
      })),
      field(say.middleAheadOfHip, mm(g.atMm), place(say.middle), (atMm) => ({ ...g, atMm })),
    ];
  return [];
});

const rockText = computed(() =>
  ground.value.kind === 'rock' ? ground.value.points.map(([x, y]) => `${x} ${y}`).join(', ') : '',
);
/** A rock as pairs of numbers: how far ahead of the hip, and how high. */
function readRock(typed: string): Parsed<Ground> {
  const points = typed
    .split(/[,;\n]/)
    .map((pair) => pair.trim())
    .filter((pair) => pair !== '')
    .map((pair) => pair.split(/\s+/).map(plainNumber));
  const fine =
    points.length >= 2 &&
    points.length <= 40 &&
    points.every((point) => point.length === 2 && point.every((v) => Number.isFinite(v))) &&
    points.every(([, y]) => y! >= 0 && y! <= 2000) &&
    points.every(([x], i) => i === 0 || x! - points[i - 1]![0]! >= ROCK_STEP_MM);
  return fine
    ? accepted({ kind: 'rock', points: points.map(([x, y]) => [x!, y!] as [number, number]) })
    : refused(say.rock, typed, say.toPointsFromBack);
}
function underFeet(): void {
  const g = ground.value;
  const down = plan.value.stance.feet.filter((foot) => foot.down);
  if (g.kind !== 'log' || down.length === 0) return;
  const middle = down.reduce((sum, { ball }) => sum + ball[0], 0) / down.length;
  put(say.bringLogUnderFeet, { ...g, atMm: Math.round(middle * 10) / 10 });
}
</script>

<template>
  <DecisionRow :name="say.standsOn">
    <ChoiceField small :label="say.ground" :value="ground.kind" :options="KINDS" @set="setKind" />
  </DecisionRow>
  <DecisionRow v-for="field in fields" :key="field.label" :name="field.label">
    <QuantityField
      small
      :label="field.label"
      :shown="field.shown"
      :parse="field.parse"
      @set="put(say.changeGround(field.label.toLowerCase()), field.with($event))"
    />
  </DecisionRow>
  <QuantityField
    v-if="ground.kind === 'rock'"
    :label="say.pointsOfRockBack"
    :shown="rockText"
    :parse="readRock"
    @set="put(say.changeRock, $event)"
  />
  <ActionButton v-if="ground.kind === 'log'" kind="wide" @click="underFeet">
    {{ say.bringItUnderMiddle }}
  </ActionButton>
</template>
