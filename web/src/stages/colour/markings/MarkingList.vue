<script setup lang="ts">
import * as say from './words.ts';
import {
  canStart,
  MARKING_STARTERS,
  markingZoneId,
  MOST_MARKINGS,
  type MarkingStarter,
} from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceField from '../../../kit/ChoiceField.vue';
import HintText from '../../../kit/HintText.vue';
import { withAnimals, withMoved, withNewMarking, withoutMarking } from './markingChanges.ts';

/** What is marked, from the bottom to the top; one is chosen, moved in the order, removed, or a new one added. */
const props = defineProps<{ chosen: string | null }>();
const emit = defineEmits<{ choose: [id: string | null] }>();
const { plan, change } = usePiecePlan();
const markings = computed(() => plan.value.markings.markings);
const starter = ref<MarkingStarter>('spots');
const options = computed(() =>
  MARKING_STARTERS.filter((value) => canStart(plan.value.measure.skeleton, value)).map((value) => ({
    label: say.starters[value],
    value,
  })),
);
const isFull = computed(() => markings.value.length >= MOST_MARKINGS);
/** The colours of a marking as they are aimed at now. */
const hexesOf = (id: string): readonly string[] => {
  const marking = markings.value.find((of) => of.id === id);
  const entries = plan.value.markings.entries ?? [];
  return (marking?.colours ?? []).map(
    ({ hex }, i) => entries.find(({ zoneId }) => zoneId === markingZoneId(id, i))?.hex ?? hex,
  );
};
function add(): void {
  const name = say.starters[starter.value];
  let made: string | null = null;
  change(say.addMarking(name), (p) => {
    const { piece, id } = withNewMarking(p, plan.value, starter.value, name);
    made = id;
    return piece;
  });
  emit('choose', made);
}
function remove(id: string, name: string): void {
  change(say.removeMarking(name), (p) => withoutMarking(p, plan.value, id));
  if (props.chosen === id) emit('choose', null);
}
</script>

<template>
  <HintText v-if="markings.length === 0">{{ say.noneYet }}</HintText>
  <HintText v-else>{{ plan.markings.isOwn ? say.order : say.fromAnimal }}</HintText>
  <ol>
    <li v-for="(of, n) in markings" :key="of.id" :class="{ chosen: of.id === chosen }">
      <ActionButton
        kind="plain"
        :aria-pressed="of.id === chosen"
        @click="emit('choose', of.id === chosen ? null : of.id)"
      >
        <i v-for="(hex, c) in hexesOf(of.id)" :key="c" :style="{ background: hex }" />{{ of.name }}
      </ActionButton>
      <span v-if="of.id === chosen" class="tools">
        <ActionButton
          :disabled="n === 0"
          @click="change(say.moveMarking, (p) => withMoved(p, plan, of.id, -1))"
          >{{ say.down }}</ActionButton
        >
        <ActionButton
          :disabled="n === markings.length - 1"
          @click="change(say.moveMarking, (p) => withMoved(p, plan, of.id, 1))"
          >{{ say.up }}</ActionButton
        >
        <ActionButton @click="remove(of.id, of.name)">{{ say.remove }}</ActionButton>
      </span>
    </li>
  </ol>
  <HintText v-if="isFull">{{ say.enough(MOST_MARKINGS) }}</HintText>
  <div v-else class="add">
    <ChoiceField
      small
      :label="say.addWhat"
      :value="starter"
      :options="options"
      @set="starter = $event as MarkingStarter"
    />
    <ActionButton kind="line" @click="add">{{ say.add }}</ActionButton>
  </div>
  <ActionButton
    v-if="plan.markings.isOwn && plan.measure.skeleton.animal.markings?.length"
    @click="change(say.animalsAgain, withAnimals)"
    >{{ say.animalsAgain }}</ActionButton
  >
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0 0 6px;
  padding: 0;
}
li {
  border-bottom: 1px dotted var(--line);
}
li.chosen {
  background: var(--wash);
}
.tools {
  display: flex;
  gap: 4px;
  padding: 0 4px 4px;
}
.add {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
  align-items: end;
}
i {
  display: inline-block;
  width: 14px;
  height: 14px;
  margin-right: 4px;
  border: 1px solid var(--soft);
}
</style>
