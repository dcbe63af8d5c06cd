<script setup lang="ts">
import * as say from './words.ts';
import { freeId, type OwnStuff } from '@keen-sinew/core';
import ActionButton from '../kit/ActionButton.vue';
import DecisionRow from '../kit/DecisionRow.vue';
import HintText from '../kit/HintText.vue';
import NameField from '../kit/NameField.vue';
import SwitchField from '../kit/SwitchField.vue';
import StuffLabel from './StuffLabel.vue';
import { useWorkshop } from './useWorkshop.ts';

/** Clays and other stuffs of the maker's own, by their labels: what they bear, and how they cure. */
const { workshop, change } = useWorkshop();
const set = (label: string, stuffs: OwnStuff[]): void =>
  change(label, (shop) => ({ ...shop, stuffs }));
const put = (stuff: OwnStuff): void =>
  set(
    say.changeStuff,
    workshop.value.stuffs.map((of) => (of.id === stuff.id ? stuff : of)),
  );
const add = (): void =>
  set(say.addStuff, [
    ...workshop.value.stuffs,
    {
      id: freeId(
        'stuff',
        workshop.value.stuffs.map(({ id }) => id),
      ),
      ...{ name: say.ownStuff, gPerMl: 1.7, standsC: 130 },
      cures: { temperatureC: 110, minutes: 30, perMm: 6 },
    },
  ]);
const drop = (id: string): void =>
  set(
    say.removeStuff,
    workshop.value.stuffs.filter((of) => of.id !== id),
  );
</script>

<template>
  <HintText v-if="workshop.stuffs.length === 0">{{ say.noStuffs }}</HintText>
  <article v-for="stuff in workshop.stuffs" :key="stuff.id">
    <NameField
      :label="say.stuffName"
      :value="stuff.name"
      :most="60"
      @set="put({ ...stuff, name: $event })"
    />
    <DecisionRow :name="say.curesInOven">
      <SwitchField
        :label="say.curesInOvenOf(stuff.name)"
        :value="stuff.cures !== null"
        @set="
          put({ ...stuff, cures: $event ? { temperatureC: 110, minutes: 30, perMm: 6 } : null })
        "
      />
    </DecisionRow>
    <StuffLabel :stuff="stuff" @set="put($event)" />
    <ActionButton @click="drop(stuff.id)">
      {{ say.remove }}<span class="visually-hidden">: {{ stuff.name }}</span>
    </ActionButton>
  </article>
  <ActionButton kind="line" @click="add">{{ say.addStuff }}</ActionButton>
</template>

<style scoped>
article {
  border-bottom: 1px solid var(--line);
  padding: 4px 0 6px;
  margin-bottom: 6px;
}
</style>
