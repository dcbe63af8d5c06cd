<script setup lang="ts">
import * as say from './words.ts';
import { STUFFS, THING_TIMES, type FoundThing } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import HintText from '../../../kit/HintText.vue';
import NameField from '../../../kit/NameField.vue';
import { withNewThing, withThing } from './bakeChanges.ts';

/** Found and ready-made things on the piece: of what they are, and from when they are on it. */
const { piece, change } = usePiecePlan();
const things = computed(() => piece.value.cure.things);
const stuffs = computed(() => [
  ...piece.value.cure.stuffs.map(({ id, name }) => ({ value: id, label: name })),
  ...STUFFS.map(({ id, name }) => ({ value: id, label: name })),
]);
const times = THING_TIMES.map((value) => ({ value: value as string, label: say.times[value] }));
const put = (thing: FoundThing, part: Partial<FoundThing>): void =>
  change(say.changeFound, (p) => withThing(p, thing.id, part));
</script>

<template>
  <HintText v-if="things.length === 0">{{ say.noFoundThing }}</HintText>
  <div v-for="thing in things" :key="thing.id" class="thing">
    <NameField
      :label="say.foundName"
      :value="thing.name"
      :most="60"
      @set="put(thing, { name: $event })"
    />
    <ChoiceField
      small
      :label="say.foundStuff(thing.name)"
      :value="thing.stuff"
      :options="stuffs"
      @set="put(thing, { stuff: $event })"
    />
    <ChoiceField
      small
      :label="say.foundWhen(thing.name)"
      :value="thing.when"
      :options="times"
      @set="put(thing, { when: $event as FoundThing['when'] })"
    />
    <ActionButton @click="change(say.removeFound, (p) => withThing(p, thing.id, null))">
      {{ say.removeWord }}<span class="visually-hidden">: {{ thing.name }}</span>
    </ActionButton>
  </div>
  <ActionButton
    kind="line"
    @click="
      change(say.addFound, (p) =>
        withNewThing(p, { name: say.foundThing, stuff: 'stone', when: 'first' }),
      )
    "
    >{{ say.addFound }}</ActionButton
  >
</template>

<style scoped>
.thing {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 8px;
  align-items: center;
  padding: 4px;
  border-bottom: 1px dotted var(--line);
}
</style>
