<script setup lang="ts">
import * as say from './words.ts';
import { freeId, MOST_SHEETS, type FeatherChoice, type FeatherSheet } from '@keen-sinew/core';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import CheckField from '../../../kit/CheckField.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import { lengthAt, numberAt } from '../../../kit/limited.ts';
import NameField from '../../../kit/NameField.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import { withFeathers } from './featherChanges.ts';

/** Felt, paper or cloth that feathers are cut from, and what is left free on it. */
const { piece, change } = usePiecePlan();
const { text, system } = useUnits();
const set = (label: string, part: Partial<FeatherChoice>): void =>
  change(label, (p) => withFeathers(p, part));
const put = ({ id }: FeatherSheet, part: Partial<FeatherSheet>): void =>
  set(say.changeSheet, {
    sheets: piece.value.skin.feathers.sheets.map((of) => (of.id === id ? { ...of, ...part } : of)),
  });
const add = (): void => {
  const { sheets } = piece.value.skin.feathers;
  const id = freeId(
    'sheet',
    sheets.map((of) => of.id),
  );
  const sheet = { id, name: say.newSheet, longMm: 300, wideMm: 200, many: 1, grained: false };
  set(say.addSheet, { sheets: [...sheets, { ...sheet, thickMm: 1 }] });
};
const drop = (id: string): void =>
  set(say.removeSheet, { sheets: piece.value.skin.feathers.sheets.filter((of) => of.id !== id) });
const LENGTHS = ['longMm', 'wideMm', 'thickMm'] as const;
</script>

<template>
  <article v-for="sheet in piece.skin.feathers.sheets" :key="sheet.id">
    <NameField
      :label="say.nameOfSheet"
      :value="sheet.name"
      :most="60"
      @set="put(sheet, { name: $event })"
    />
    <DecisionRow v-for="key in LENGTHS" :key="key" :name="say.sizes[key]">
      <QuantityField
        small
        :label="say.ofSheet(say.sizes[key], sheet.name)"
        :shown="text(sheet[key], 'mm', 1)"
        :parse="lengthAt(`skin.feathers.sheets.*.${key}`, say.sizes[key], system)"
        @set="put(sheet, { [key]: $event })"
      />
    </DecisionRow>
    <DecisionRow :name="say.many">
      <QuantityField
        small
        :label="say.ofSheet(say.many, sheet.name)"
        :shown="String(sheet.many)"
        :parse="numberAt('skin.feathers.sheets.*.many', say.many)"
        @set="put(sheet, { many: Math.round($event) })"
      />
    </DecisionRow>
    <CheckField :checked="sheet.grained" @set="put(sheet, { grained: $event })">
      {{ say.grainLengthwise }}
    </CheckField>
    <ActionButton @click="drop(sheet.id)">
      {{ say.remove }}<span class="visually-hidden">: {{ sheet.name }}</span>
    </ActionButton>
  </article>
  <ActionButton v-if="piece.skin.feathers.sheets.length < MOST_SHEETS" kind="line" @click="add">{{
    say.addSheet
  }}</ActionButton>
  <DecisionRow :name="say.gap">
    <QuantityField
      small
      :label="say.gap"
      :shown="text(piece.skin.feathers.gapMm, 'mm', 1)"
      :parse="lengthAt('skin.feathers.gapMm', say.gap, system)"
      @set="set(say.changeCutting, { gapMm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.turns">
    <QuantityField
      small
      :label="say.turns"
      :shown="String(piece.skin.feathers.turns)"
      :parse="numberAt('skin.feathers.turns', say.turns)"
      @set="set(say.changeCutting, { turns: $event })"
    />
  </DecisionRow>
</template>

<style scoped>
article {
  border-bottom: 1px solid var(--line);
  padding: 4px 0 6px;
  margin-bottom: 6px;
}
</style>
