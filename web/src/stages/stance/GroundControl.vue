<script setup lang="ts">
import * as say from './words.ts';
import {
  greatest,
  least,
  plantedAngles,
  stretched,
  type Ground,
  type Parsed,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import { lengthAt, numberAt, signedLengthAt } from '../../kit/limited.ts';
import HintText from '../../kit/HintText.vue';
import QuantityField from '../../kit/QuantityField.vue';
import WorkingRow from '../../ledger/WorkingRow.vue';
import RockShapes from './RockShapes.vue';
import { groundOf, withStance, type GroundKind } from './stanceChanges.ts';

/** What the piece stands on; the feet are planted on it whenever it changes. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const ground = computed(() => piece.value.stance.ground);
const KINDS = [
  { value: 'flat', label: say.flat },
  { value: 'slope', label: say.slope },
  { value: 'step', label: say.step },
  { value: 'log', label: say.log },
  { value: 'branch', label: say.branch },
  { value: 'post', label: say.post },
  { value: 'rock', label: say.rock },
];

/** A log that does not lie on the base is a branch. */
const kind = computed(() => plan.value.stance.perch?.kind ?? ground.value.kind);

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
  const feetRear = feet.length > 0 ? least(feet) : front;
  put(
    say.standOn(kind === 'flat' ? say.flatGround : `a ${kind}`),
    groundOf(kind as GroundKind, front, rear, plan.value.stance.heightAsPosed.value, feetRear),
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
  if (g.kind === 'log' || g.kind === 'post')
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
  if (g.kind === 'rock') {
    const long = g.points.at(-1)![0] - g.points[0]![0];
    const high = greatest(g.points.map(([, y]) => y));
    return [
      field(say.rockLong, mm(long), length(say.rockLong, 'diameterMm'), (to) =>
        stretched(g, to, high),
      ),
      field(say.rockHigh, mm(high), length(say.rockHigh, 'topMm'), (to) => stretched(g, long, to)),
    ];
  }
  return [];
});

/** How far it goes across the base: the user's, or what its feet need. */
const across = computed(() => {
  const g = ground.value;
  const { perch } = plan.value.stance;
  if ((g.kind !== 'log' && g.kind !== 'rock') || perch === null) return null;
  return { own: g.acrossMm !== null, mm: (perch.width ?? perch.length).value };
});
function setAcross(acrossMm: number | null): void {
  const g = ground.value;
  if (g.kind === 'log' || g.kind === 'rock') put(say.changeItsWidth, { ...g, acrossMm });
}

function underFeet(): void {
  const g = ground.value;
  const down = plan.value.stance.feet.filter((foot) => foot.down);
  if ((g.kind !== 'log' && g.kind !== 'post') || down.length === 0) return;
  const middle = down.reduce((sum, { ball }) => sum + ball[0], 0) / down.length;
  put(say.bringLogUnderFeet, { ...g, atMm: Math.round(middle * 10) / 10 });
}
</script>

<template>
  <DecisionRow :name="say.standsOn">
    <ChoiceField small :label="say.ground" :value="kind" :options="KINDS" @set="setKind" />
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
  <DecisionRow
    v-if="across"
    :name="say.acrossBase"
    :own="across.own"
    :back="say.asFeetNeed"
    @revert="setAcross(null)"
  >
    <QuantityField
      small
      :label="say.acrossBase"
      :shown="text(across.mm, 'mm')"
      :parse="length(say.acrossBase, 'acrossMm')"
      @set="setAcross"
    />
  </DecisionRow>
  <RockShapes v-if="ground.kind === 'rock'" :rock="ground" @set="put" />
  <HintText v-if="ground.kind !== 'flat'">{{ say.dragItOnSheet }}</HintText>
  <ActionButton
    v-if="ground.kind === 'log' || ground.kind === 'post'"
    kind="wide"
    @click="underFeet"
  >
    {{ say.bringItUnderMiddle }}
  </ActionButton>
  <template v-if="plan.stance.perch">
    <WorkingRow v-for="entry in plan.stance.perch.workings" :key="entry.id" :working="entry" />
  </template>
</template>
