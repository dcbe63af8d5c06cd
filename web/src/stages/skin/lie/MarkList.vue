<script setup lang="ts">
import * as say from './words.ts';
import type { LieMarkChoice, LiePlace } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import DecisionRow from '../../../kit/DecisionRow.vue';
import HintText from '../../../kit/HintText.vue';
import { degreesAt, lengthAt } from '../../../kit/limited.ts';
import QuantityField from '../../../kit/QuantityField.vue';
import SwitchField from '../../../kit/SwitchField.vue';
import PlaceFields from '../../PlaceFields.vue';
import { withMark, withNewMark, withoutMark, withPlace } from './lieChanges.ts';

/** The marks of the piece: chosen, one of them has its numbers to type. */
const props = defineProps<{ chosen: string | null }>();
const emit = defineEmits<{ choose: [id: string | null] }>();
const { piece, plan, change } = usePiecePlan();
const { text, system } = useUnits();
const marks = computed(() => piece.value.skin.marks);
const mark = computed(() => marks.value.find(({ id }) => id === props.chosen));
const put = (id: string, part: Partial<LieMarkChoice>): void =>
  change(say.changeMark, (p) => withMark(p, id, part));
const place = (id: string, n: number, part: Partial<LiePlace>): void =>
  change(say.moveMark, (p) => {
    const old = p.skin.marks.find((of) => of.id === id)!.places[n]!;
    return withPlace(p, id, n, { ...old, ...part });
  });
/** A line across the flank, to be typed where no pointer is at hand. */
function addLine(): void {
  const { bones: all, byId } = plan.value.measure.skeleton;
  const spine = plan.value.measure.skeleton.plan.parts.find(({ kind }) => kind === 'trunk');
  const bone = all.find(({ key }) => spine?.keys.includes(key)) ?? [...byId.values()][0]!;
  const places = [60, 90].map((around) => ({ boneId: bone.id, along: 0.5, around }));
  const before = new Set(marks.value.map(({ id }) => id));
  change(say.addLine, (p) => withNewMark(p, 'guide', places, 20));
  emit('choose', marks.value.find(({ id }) => !before.has(id))?.id ?? null);
}
function remove(id: string): void {
  change(say.removeMark, (p) => withoutMark(p, id));
  emit('choose', null);
}
const nameOf = ({ kind, places }: LieMarkChoice, n: number): string => {
  const bone = plan.value.measure.skeleton.byId.get(places[0]!.boneId)?.plainName ?? '';
  return say.markNamed(say.markKinds[kind], n + 1, bone.toLowerCase());
};
</script>

<template>
  <HintText v-if="marks.length === 0">{{ say.noMarksYet }}</HintText>
  <ul>
    <li v-for="(entry, n) in marks" :key="entry.id">
      <ActionButton
        kind="plain"
        :aria-pressed="entry.id === chosen"
        @click="emit('choose', entry.id === chosen ? null : entry.id)"
      >
        {{ nameOf(entry, n) }}
      </ActionButton>
    </li>
  </ul>
  <ActionButton kind="line" @click="addLine">{{ say.addLine }}</ActionButton>
  <template v-if="mark">
    <DecisionRow :name="say.otherSideToo">
      <SwitchField
        :label="say.otherSideToo"
        :value="mark.mirrored"
        @set="put(mark.id, { mirrored: $event })"
      />
    </DecisionRow>
    <DecisionRow
      v-if="mark.kind !== 'guide'"
      :name="mark.kind === 'whorl' ? say.whorlTurns : say.hairStandsOff"
    >
      <QuantityField
        small
        :label="mark.kind === 'whorl' ? say.whorlTurns : say.hairStandsOff"
        :shown="text(mark.turnDeg, 'deg')"
        :parse="degreesAt('skin.marks.*.turnDeg', say.hairStandsOff)"
        @set="put(mark.id, { turnDeg: $event })"
      />
    </DecisionRow>
    <DecisionRow v-if="mark.kind === 'whorl'" :name="say.radiusInLife">
      <QuantityField
        small
        :label="say.radiusInLife"
        :shown="text(mark.radiusMm, 'mm')"
        :parse="lengthAt('skin.marks.*.radiusMm', say.radiusInLife, system)"
        @set="put(mark.id, { radiusMm: $event })"
      />
    </DecisionRow>
    <PlaceFields
      :places="mark.places"
      path="skin.marks.*.places.*"
      @set="(n, part) => place(mark!.id, n, part)"
    />
    <ActionButton @click="remove(mark.id)">{{ say.removeMark }}</ActionButton>
  </template>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
