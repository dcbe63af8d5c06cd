<script setup lang="ts">
import * as tell from './roomWords.ts';
import { boneDrawing, MOST_READINGS, parseLength, parseScale, readingsOf } from '@keen-sinew/core';
import { computed, nextTick, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../controls/DecisionRow.vue';
import PickRow from '../../controls/PickRow.vue';
import QuantityField from '../../controls/QuantityField.vue';
import { useCaliper } from '../../devices/useCaliper.ts';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import CaliperField from './CaliperField.vue';
import MeasureTabs from './MeasureTabs.vue';
import OfferTable from './OfferTable.vue';
import { withReading, withoutReading } from './readingChanges.ts';

/** A list to work down with tape or caliper on a specimen, a toy or a cast. */
const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
const skeleton = computed(() => plan.value.measure.skeleton);
const references = computed(() => piece.value.references);
const each = ref('3');
const both = ref('left');
const EACH = ['1', '2', '3', '5'].map((n) => ({ label: tell.each(n), value: n }));
const SIDES = [
  { label: tell.oneSide, value: 'left' },
  { label: tell.bothSides, value: 'both' },
];
const bones = computed(() =>
  skeleton.value.bones.filter((bone) => both.value === 'both' || bone.side !== 'right'),
);
const readingsFor = (id: string): readonly number[] => references.value.readings[id] ?? [];
const isDone = (id: string): boolean => readingsFor(id).length >= Number(each.value);
const boneId = ref(bones.value.find(({ id }) => !isDone(id))?.id ?? bones.value[0]!.id);
const bone = computed(() => bones.value.find(({ id }) => id === boneId.value) ?? bones.value[0]!);
const readings = computed(() => readingsFor(bone.value.id));
const summary = computed(() => readingsOf(readings.value));
const doneCount = computed(() => bones.value.filter(({ id }) => isDone(id)).length);
const drawing = computed(() => boneDrawing(skeleton.value, bone.value));

function goNext(): void {
  const at = bones.value.findIndex(({ id }) => id === bone.value.id);
  const order = [...bones.value.slice(at + 1), ...bones.value.slice(0, at)];
  boneId.value = order.find(({ id }) => !isDone(id))?.id ?? order[0]?.id ?? boneId.value;
}

/** A reading goes to the bone that is measured; when it has enough, the next one comes by itself. */
function take(mm: number): void {
  const { id, name } = bone.value;
  if (readingsFor(id).length >= MOST_READINGS) {
    goNext();
    return;
  }
  change(tell.measure(name), (p) => withReading(p, id, mm));
  if (isDone(id)) void nextTick(goNext);
}

const expectedMm = computed(
  () =>
    Math.round((100 * bone.value.lifeLengthMm) / references.value.specimen.lifePerSpecimen) / 100,
);
const caliper = useCaliper(take);
let seed = 0;
const listen = (): void => caliper.start(expectedMm.value, ++seed);
watch(boneId, () => {
  if (!caliper.running.value) return;
  if (doneCount.value === bones.value.length) caliper.stop();
  else listen();
});

const readReading = (typed: string) =>
  parseLength(typed, bone.value.name, { minMm: 0.01, maxMm: 100_000 }, system.value);
const setSpecimen = (label: string, part: Partial<typeof references.value.specimen>): void =>
  change(label, (p) => ({
    ...p,
    references: { ...p.references, specimen: { ...p.references.specimen, ...part } },
  }));
const taped = computed(() =>
  plan.value.references.offers.filter(({ found }) => found.provenance === 'measured'),
);
</script>

<template>
  <SheetFrame :label="tell.measuringWithTapeOr">
    <MeasureTabs />
    <SheetBoard
      :rows="[[drawing]]"
      :target="null"
      :label="tell.whereToMeasure(bone.name, bone.measured)"
    />
    <div class="desk">
      <div class="what">
        <p class="name">{{ bone.name }}</p>
        <p>{{ tell.from2(bone.measured) }}</p>
        <p class="says">
          {{ tell.planExpectsLayJaws(text(expectedMm, 'mm')) }}
        </p>
      </div>
      <CaliperField
        :label="tell.readingOf(bone.name)"
        :parse="readReading"
        @read="take"
        @next="goNext"
      />
      <div class="taken">
        <ul>
          <li
            v-for="(mm, i) in readings"
            :key="i"
            :class="{ doubted: summary?.doubted.includes(i) }"
          >
            {{ text(mm, 'mm', 2) }}
            <button
              type="button"
              class="quiet-button"
              :aria-label="tell.takeAwayReading(text(mm, 'mm', 2))"
              @click="change(tell.takeReadingAway, (p) => withoutReading(p, bone.id, i))"
            >
              ×
            </button>
          </li>
        </ul>
        <p v-if="summary" class="mean">
          {{ tell.mean }} <b class="number">{{ text(summary.value, 'mm', 2) }}</b> ±
          {{ text(summary.plusMinusMm, 'mm', 2)
          }}<template v-if="summary.spreadMm !== null">{{
            tell.spread(text(summary.spreadMm, 'mm', 2))
          }}</template>
          <span v-if="summary.doubted.length > 0" class="caution">
            {{ tell.oneStruckOutLies }}
          </span>
        </p>
      </div>
    </div>
  </SheetFrame>
  <LedgerPanel stage="measure">
    <LedgerSection :title="tell.whatIsMeasured">
      <DecisionRow :name="tell.specimenToyOrCast">
        <input
          class="text"
          :aria-label="tell.nameOfSpecimen"
          maxlength="80"
          :placeholder="tell.nameForIt"
          :value="references.specimen.name"
          @change="
            setSpecimen(tell.nameSpecimen, { name: ($event.target as HTMLInputElement).value })
          "
        />
      </DecisionRow>
      <DecisionRow :name="tell.itsScaleToLife">
        <QuantityField
          small
          :label="tell.scaleOfSpecimen"
          :shown="text(references.specimen.lifePerSpecimen, 'scale')"
          :parse="parseScale"
          @set="setSpecimen(tell.changeSpecimensScale, { lifePerSpecimen: $event })"
        />
      </DecisionRow>
      <p class="says">
        {{ tell.specimensAreOftenProtected }}
      </p>
    </LedgerSection>
    <LedgerSection :title="tell.caliper">
      <p class="says">
        {{ tell.caliperThatTypesLike }}
      </p>
      <button
        type="button"
        class="wide-button"
        @click="caliper.running.value ? caliper.stop() : listen()"
      >
        {{ caliper.running.value ? tell.stopSimulatedCaliper : tell.trySimulatedCaliper }}
      </button>
      <p v-if="caliper.problem.value" class="problem" role="alert">{{ caliper.problem.value }}</p>
      <PickRow
        :label="tell.readingsOfEachBone"
        :value="each"
        :options="EACH"
        @set="each = $event"
      />
      <PickRow
        class="sides"
        :label="tell.sides"
        :value="both"
        :options="SIDES"
        @set="both = $event"
      />
    </LedgerSection>
    <LedgerSection :title="tell.listOf(doneCount, bones.length)">
      <ol>
        <li v-for="entry in bones" :key="entry.id">
          <button
            type="button"
            :class="{ done: isDone(entry.id) }"
            :aria-current="entry.id === bone.id ? 'true' : undefined"
            @click="boneId = entry.id"
          >
            <span>{{ entry.name }}</span>
            <small class="number">
              {{
                readingsFor(entry.id).length === 0
                  ? ''
                  : text(readingsOf(readingsFor(entry.id))!.value, 'mm')
              }}
              {{ readingsFor(entry.id).length }}/{{ each }}
            </small>
          </button>
        </li>
      </ol>
    </LedgerSection>
    <LedgerSection v-if="taped.length > 0" :title="tell.takeLengthsOver">
      <OfferTable :offers="taped" />
    </LedgerSection>
  </LedgerPanel>
</template>

<style scoped>
.desk {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px minmax(0, 1fr);
  gap: 18px;
  border-top: 1px solid var(--line);
  padding-top: 10px;
  min-height: 132px;
}
.what p {
  margin: 2px 0;
}
.what .name {
  font: 700 20px/1.2 var(--font-title);
}
.says {
  font-size: 13.5px;
  color: var(--soft);
  margin: 4px 0;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  font-family: var(--font-number);
}
ul li {
  border: 1px solid var(--line);
  border-radius: var(--radius);
  padding: 2px 2px 2px 8px;
}
.doubted {
  text-decoration: line-through;
  color: var(--ochre);
}
.caution {
  color: var(--ochre);
}
.mean {
  margin: 8px 0 0;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
ol button {
  width: 100%;
  display: flex;
  justify-content: space-between;
  background: none;
  border: 0;
  border-bottom: 1px dotted var(--line);
  border-left: 4px solid transparent;
  padding: 3px 6px;
  text-align: left;
  cursor: pointer;
  font-size: 14px;
}
ol .done {
  border-left-color: var(--verdigris);
}
ol button[aria-current='true'] {
  background: var(--verdigris-wash);
}
small {
  color: var(--soft);
  white-space: nowrap;
}
.text {
  width: 100%;
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  padding: 3px 6px;
}
.sides {
  margin-top: 6px;
}
.problem {
  color: var(--rust);
  font-size: 13.5px;
}
</style>
