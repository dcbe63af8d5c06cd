<script setup lang="ts">
import * as say from './words.ts';
import { restore, link, unlink, adopt, withoutStation, withStationAdded } from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import HintText from '../../kit/HintText.vue';
import SectionFields from './SectionFields.vue';
import type { Shaping } from './useShaping.ts';

/** The sections of one part of the body, in life sizes: typed here, dragged on the sheet. */
const props = defineProps<{ shaping: Shaping }>();
const { plan } = usePiecePlan();
const { text } = useUnits();
const { parts, part, partId, stations, chosen, station, shape, put } = props.shaping;
const library = computed(() => plan.value.measure.librarySkeleton);
const options = computed(() =>
  parts.value.map(({ id, name, taken }) => ({ value: id, label: taken ? say.yours(name) : name })),
);

function choosePart(id: string): void {
  partId.value = id;
  chosen.value = 0;
}
function addAfter(): void {
  const of = station.value;
  if (of === undefined) return;
  const list = shape.value.sections[of.key]!;
  const next = list[of.index + 1] ?? list[of.index - 1];
  if (next === undefined) return;
  put(
    say.addSectionTo(of.name.toLowerCase()),
    withStationAdded(shape.value, of.key, (of.station.at + next.at) / 2),
  );
}
function takeOut(): void {
  const of = station.value;
  if (of === undefined) return;
  put(say.takeOutSection(chosen.value + 1), withoutStation(shape.value, of.key, of.index));
  chosen.value = Math.max(0, chosen.value - 1);
}
</script>

<template>
  <ChoiceRow
    v-if="options.length > 1"
    :label="say.partOfBody"
    :value="part?.id ?? ''"
    :options="options"
    @set="choosePart"
  />
  <template v-if="part && !part.taken">
    <HintText>
      {{ say.hasLibrarysShapeShape(part.name.toLowerCase()) }}
    </HintText>
    <ActionButton
      kind="wide"
      @click="put(say.shapeBySections(part.name.toLowerCase()), adopt(library, shape, part.id))"
    >
      {{ say.shape2(part.name.toLowerCase()) }}
    </ActionButton>
  </template>
  <template v-else-if="part && station">
    <ol class="stations" :aria-label="say.sectionsOf(part.name.toLowerCase())">
      <li v-for="(listed, i) in stations" :key="`${listed.boneId} ${listed.index}`">
        <ActionButton kind="row" :aria-pressed="i === chosen" @click="chosen = i">
          <span
            ><b>{{ i + 1 }}</b> {{ listed.name }}, {{ Math.round(listed.station.at * 100) }} %</span
          >
          <span class="number">
            {{ text(2 * listed.station.halfWidth, 'mm', 0) }} ×
            {{ text(2 * listed.station.halfDepth, 'mm', 0) }}
          </span>
        </ActionButton>
      </li>
    </ol>
    <HintText>{{ say.sectionLifeSizesDrag(chosen + 1) }}</HintText>
    <SectionFields :shaping="shaping" />
    <p class="ways">
      <ActionButton @click="addAfter">
        {{ say.addSectionAfterIt }}
      </ActionButton>
      <ActionButton @click="takeOut">{{ say.takeItOut }}</ActionButton>
      <ActionButton
        v-if="part.bones.some((bone) => bone.side === 'left')"
        @click="
          part.apart
            ? put(say.makeBothSidesAlike, link(library, shape, part.id))
            : put(say.shapeLeftAndRight, unlink(library, shape, part.id))
        "
      >
        {{ part.apart ? say.bothSidesAlikeAs : say.leftAndRightApart }}
      </ActionButton>
      <ActionButton
        @click="
          put(say.giveItsLibraryShape(part.name.toLowerCase()), restore(library, shape, part.id))
        "
      >
        {{ say.librarysShapeAgain }}
      </ActionButton>
    </p>
  </template>
</template>

<style scoped>
.stations {
  list-style: none;
  margin: 8px 0;
  padding: 0;
  max-height: 210px;
  overflow-y: auto;
  border: 1px solid var(--line);
}
.stations b {
  min-width: 20px;
}
.stations .number {
  margin-left: auto;
  white-space: nowrap;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  margin: 6px 0;
}
</style>
