<script setup lang="ts">
import * as tell from './roomWords.ts';
import { boneDrawing, MOST_READINGS, parseLength, parseScale } from '@keen-sinew/core';
import { NInput } from 'naive-ui';
import { computed, nextTick, ref, watch } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import { useCaliper } from '../../devices/useCaliper.ts';
import ActionButton from '../../kit/ActionButton.vue';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import DecisionRow from '../../kit/DecisionRow.vue';
import HintText from '../../kit/HintText.vue';
import QuantityField from '../../kit/QuantityField.vue';
import LedgerPanel from '../../ledger/LedgerPanel.vue';
import LedgerSection from '../../ledger/LedgerSection.vue';
import SheetBoard from '../../sheet/SheetBoard.vue';
import SheetFrame from '../../sheet/SheetFrame.vue';
import CaliperField from './CaliperField.vue';
import MeasureTabs from './MeasureTabs.vue';
import OfferTable from './OfferTable.vue';
import TapeList from './TapeList.vue';
import TapeReadings from './TapeReadings.vue';
import { withReading } from './readingChanges.ts';

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
        <HintText>
          {{ tell.planExpectsLayJaws(text(expectedMm, 'mm')) }}
        </HintText>
      </div>
      <CaliperField
        :label="tell.readingOf(bone.name)"
        :parse="readReading"
        @read="take"
        @next="goNext"
      />
      <TapeReadings :bone="bone" :readings="readings" />
    </div>
  </SheetFrame>
  <LedgerPanel stage="measure">
    <LedgerSection :title="tell.whatIsMeasured">
      <DecisionRow :name="tell.specimenToyOrCast">
        <NInput
          size="small"
          :maxlength="80"
          :placeholder="tell.nameForIt"
          :input-props="{ 'aria-label': tell.nameOfSpecimen }"
          :default-value="references.specimen.name"
          @change="(name) => setSpecimen(tell.nameSpecimen, { name })"
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
      <HintText>
        {{ tell.specimensAreOftenProtected }}
      </HintText>
    </LedgerSection>
    <LedgerSection :title="tell.caliper">
      <HintText>
        {{ tell.caliperThatTypesLike }}
      </HintText>
      <ActionButton kind="wide" @click="caliper.running.value ? caliper.stop() : listen()">
        {{ caliper.running.value ? tell.stopSimulatedCaliper : tell.trySimulatedCaliper }}
      </ActionButton>
      <HintText v-if="caliper.problem.value" alarm>{{ caliper.problem.value }}</HintText>
      <ChoiceRow
        :label="tell.readingsOfEachBone"
        :value="each"
        :options="EACH"
        @set="each = $event"
      />
      <ChoiceRow
        class="sides"
        :label="tell.sides"
        :value="both"
        :options="SIDES"
        @set="both = $event"
      />
    </LedgerSection>
    <LedgerSection :title="tell.listOf(doneCount, bones.length)">
      <TapeList
        :bones="bones"
        :chosen-id="bone.id"
        :each="Number(each)"
        :readings="references.readings"
        @choose="boneId = $event"
      />
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
.sides {
  margin-top: 6px;
}
</style>
