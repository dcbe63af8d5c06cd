<script setup lang="ts">
import {
  restore,
  link,
  parseLength,
  parseNumber,
  unlink,
  SECTION_MM,
  SQUARENESS,
  adopt,
  withoutStation,
  withStation,
  withStationAdded,
  type SectionStation,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import PickRow from '../../controls/PickRow.vue';
import QuantityField from '../../controls/QuantityField.vue';
import type { Shaping } from './useShaping.ts';

/** The sections of one part of the body, in life sizes: typed here, dragged on the sheet. */
const props = defineProps<{ shaping: Shaping }>();
const { plan } = usePiecePlan();
const { system, text } = useUnits();
const { parts, part, partId, stations, chosen, station, shape, put } = props.shaping;
const library = computed(() => plan.value.measure.librarySkeleton);
const options = computed(() =>
  parts.value.map(({ id, name, taken }) => ({ value: id, label: taken ? `${name}, yours` : name })),
);

function choosePart(id: string): void {
  partId.value = id;
  chosen.value = 0;
}
function set(what: string, change: Partial<SectionStation>): void {
  const of = station.value;
  const bone = of && plan.value.measure.skeleton.byId.get(of.boneId);
  if (of === undefined || bone === undefined) return;
  put(
    `Change the ${what} of section ${chosen.value + 1}`,
    withStation(plan.value.measure.skeleton, shape.value, bone, of.index, change),
  );
}
const life = (label: string, min: number, max: number) => (typed: string) =>
  parseLength(typed, label, { minMm: min, maxMm: max }, system.value);
const whole = (label: string) => life(label, 2 * SECTION_MM.min, 2 * SECTION_MM.max);
const offset = (label: string) => life(label, -SECTION_MM.max, SECTION_MM.max);

function addAfter(): void {
  const of = station.value;
  if (of === undefined) return;
  const list = shape.value.sections[of.key]!;
  const next = list[of.index + 1] ?? list[of.index - 1];
  if (next === undefined) return;
  put(
    `Add a section to the ${of.name.toLowerCase()}`,
    withStationAdded(shape.value, of.key, (of.station.at + next.at) / 2),
  );
}
function takeOut(): void {
  const of = station.value;
  if (of === undefined) return;
  put(`Take out section ${chosen.value + 1}`, withoutStation(shape.value, of.key, of.index));
  chosen.value = Math.max(0, chosen.value - 1);
}
</script>

<template>
  <PickRow label="Part of the body" :value="part?.id ?? ''" :options="options" @set="choosePart" />
  <template v-if="part && !part.taken">
    <p class="says">
      The {{ part.name.toLowerCase() }} has the library’s shape. Shape it yourself to widen or
      narrow it section by section.
    </p>
    <button
      type="button"
      class="wide-button"
      @click="
        put(`Shape the ${part.name.toLowerCase()} by sections`, adopt(library, shape, part.id))
      "
    >
      Shape the {{ part.name.toLowerCase() }}
    </button>
  </template>
  <template v-else-if="part && station">
    <ol class="stations" :aria-label="`Sections of the ${part.name.toLowerCase()}`">
      <li v-for="(listed, i) in stations" :key="`${listed.boneId} ${listed.index}`">
        <button type="button" :aria-pressed="i === chosen" @click="chosen = i">
          <b>{{ i + 1 }}</b> {{ listed.name }}, {{ Math.round(listed.station.at * 100) }} %
          <span class="number">
            {{ text(2 * listed.station.halfWidth, 'mm', 0) }} ×
            {{ text(2 * listed.station.halfDepth, 'mm', 0) }}
          </span>
        </button>
      </li>
    </ol>
    <p class="says">Section {{ chosen + 1 }}, life sizes; drag its edges on the sheet.</p>
    <DecisionRow name="Width">
      <QuantityField
        small
        label="Width of the section"
        :shown="text(2 * station.station.halfWidth, 'mm')"
        :parse="whole('Width of the section')"
        @set="set('width', { halfWidth: $event / 2 })"
      />
    </DecisionRow>
    <DecisionRow name="Depth">
      <QuantityField
        small
        label="Depth of the section"
        :shown="text(2 * station.station.halfDepth, 'mm')"
        :parse="whole('Depth of the section')"
        @set="set('depth', { halfDepth: $event / 2 })"
      />
    </DecisionRow>
    <DecisionRow name="Squareness, 2 is round">
      <QuantityField
        small
        label="Squareness of the section"
        :shown="station.station.squareness.toFixed(2)"
        :parse="
          (typed) => parseNumber(typed, 'Squareness of the section', SQUARENESS.min, SQUARENESS.max)
        "
        @set="set('squareness', { squareness: $event })"
      />
    </DecisionRow>
    <DecisionRow name="Middle above the bone">
      <QuantityField
        small
        label="Middle of the section above the bone"
        :shown="text(station.station.up, 'mm')"
        :parse="offset('Middle of the section above the bone')"
        @set="set('height', { up: $event })"
      />
    </DecisionRow>
    <DecisionRow name="Middle to its right">
      <QuantityField
        small
        label="Middle of the section to the right"
        :shown="text(station.station.side, 'mm')"
        :parse="offset('Middle of the section to the right')"
        @set="set('side', { side: $event })"
      />
    </DecisionRow>
    <p class="ways">
      <button type="button" class="quiet-button" @click="addAfter">Add a section after it</button>
      <button type="button" class="quiet-button" @click="takeOut">Take it out</button>
      <button
        v-if="part.bones.some((bone) => bone.side === 'left')"
        type="button"
        class="quiet-button"
        @click="
          part.apart
            ? put('Make both sides alike', link(library, shape, part.id))
            : put('Shape left and right apart', unlink(library, shape, part.id))
        "
      >
        {{ part.apart ? 'Both sides alike, as the left' : 'Left and right apart' }}
      </button>
      <button
        type="button"
        class="quiet-button"
        @click="
          put(
            `Give the ${part.name.toLowerCase()} its library shape`,
            restore(library, shape, part.id),
          )
        "
      >
        Library’s shape again
      </button>
    </p>
  </template>
</template>

<style scoped>
.says {
  margin: 8px 4px;
  font-size: 14px;
  color: var(--soft);
}
.stations {
  list-style: none;
  margin: 8px 0;
  padding: 0;
  max-height: 210px;
  overflow-y: auto;
  border: 1px solid var(--line);
}
.stations button {
  display: flex;
  gap: 8px;
  width: 100%;
  border: 0;
  border-bottom: 1px dotted var(--line);
  background: none;
  padding: 4px 8px;
  font-size: 14px;
  text-align: left;
  cursor: pointer;
}
.stations b {
  min-width: 20px;
}
.stations .number {
  margin-left: auto;
  white-space: nowrap;
}
.stations button[aria-pressed='true'] {
  background: var(--verdigris-wash);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  margin: 6px 0;
}
</style>
