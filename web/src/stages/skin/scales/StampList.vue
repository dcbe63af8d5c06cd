<script setup lang="ts">
import * as say from './words.ts';
import { freeId, type StampChoice } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import { lengthAt, numberAt } from '../../../kit/limited.ts';
import NameField from '../../../kit/NameField.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import { withPart } from '../../withPart.ts';

/** Stamps and rollers that press scales: their faces, presses and seams. */
const { piece, plan, change } = usePiecePlan();
const { text, system } = useUnits();
const zones = computed(() =>
  plan.value.skin.zones
    .filter(({ zone, width }) => zone.covering === 'scale' && width !== null)
    .map(({ zone: { id, name } }) => ({ label: name, value: id })),
);
const set = (label: string, stamps: StampChoice[]): void =>
  change(label, (p) => withPart(p, 'skin', { stamps }));
const put = (stamp: StampChoice, part: Partial<StampChoice>): void =>
  set(
    say.changeStamp,
    piece.value.skin.stamps.map((of) => (of.id === stamp.id ? { ...stamp, ...part } : of)),
  );
const add = (): void =>
  set(say.addStamp, [
    ...piece.value.skin.stamps,
    {
      id: freeId(
        'stamp',
        piece.value.skin.stamps.map(({ id }) => id),
      ),
      ...{ name: say.newStamp, kind: 'stamp', zone: zones.value[0]!.value },
      ...{ across: 6, along: 6, diameterMm: 12 },
    },
  ]);
const drop = (id: string): void =>
  set(
    say.removeStamp,
    piece.value.skin.stamps.filter((of) => of.id !== id),
  );
const KINDS = [
  { label: say.stampKind, value: 'stamp' },
  { label: say.rollerKind, value: 'roller' },
];
const COUNTS = [
  ['across', say.scalesAcross],
  ['along', say.scalesAlong],
] as const;
const workingsOf = (id: string) => {
  const of = plan.value.skin.stamps.find(({ choice }) => choice.id === id);
  return of === undefined
    ? []
    : [of.wide, of.long, of.round, of.seam, of.presses, of.minutes].filter(
        (working) => working !== null,
      );
};
</script>

<template>
  <HintText v-if="zones.length === 0">{{ say.noScaleZones }}</HintText>
  <template v-else>
    <article v-for="stamp in piece.skin.stamps" :key="stamp.id">
      <NameField
        :label="say.nameOfStamp"
        :value="stamp.name"
        :most="60"
        @set="put(stamp, { name: $event })"
      />
      <ChoiceRow
        :label="say.kindOf(stamp.name)"
        :value="stamp.kind"
        :options="KINDS"
        @set="put(stamp, { kind: $event as StampChoice['kind'] })"
      />
      <DecisionRow :name="say.forZone">
        <ChoiceField
          small
          :label="say.zoneOf(stamp.name)"
          :value="stamp.zone"
          :options="zones"
          @set="put(stamp, { zone: $event })"
        />
      </DecisionRow>
      <DecisionRow v-for="[key, label] in COUNTS" :key="key" :name="label">
        <QuantityField
          small
          :label="say.countOf(label, stamp.name)"
          :shown="String(stamp[key])"
          :parse="numberAt(`skin.stamps.*.${key}`, label)"
          @set="put(stamp, { [key]: Math.round($event) })"
        />
      </DecisionRow>
      <DecisionRow v-if="stamp.kind === 'roller'" :name="say.rollerThick">
        <QuantityField
          small
          :label="say.countOf(say.rollerThick, stamp.name)"
          :shown="text(stamp.diameterMm, 'mm', 1)"
          :parse="lengthAt('skin.stamps.*.diameterMm', say.rollerThick, system)"
          @set="put(stamp, { diameterMm: $event })"
        />
      </DecisionRow>
      <WorkingRow v-for="working in workingsOf(stamp.id)" :key="working.id" :working="working" />
      <ActionButton @click="drop(stamp.id)">
        {{ say.remove }}<span class="visually-hidden">: {{ stamp.name }}</span>
      </ActionButton>
    </article>
    <ActionButton kind="line" @click="add">{{ say.addStamp }}</ActionButton>
    <HintText>{{ say.howStampIsMade }}</HintText>
  </template>
</template>

<style scoped>
article {
  border-bottom: 1px solid var(--line);
  padding: 4px 0 6px;
  margin-bottom: 6px;
}
</style>
