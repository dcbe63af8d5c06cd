<script setup lang="ts">
import * as say from './words.ts';
import {
  EYE_LENGTH_LIMITS,
  followed,
  MODEL_LENGTH_LIMITS,
  parseLength,
  parseScale,
  planPiece,
  scaleText,
  type Workpiece,
  type ScaleChoice,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import { useUnits } from '../../composables/useUnits.ts';
import DecisionRow from '../../kit/DecisionRow.vue';
import { lengthAt } from '../../kit/limited.ts';
import ChoiceRow from '../../kit/ChoiceRow.vue';
import { LateSwitch } from '../../kit/heavy.ts';
import { withPart } from '../withPart.ts';
import BoxSizes from './BoxSizes.vue';
import { USUAL_OVEN } from './usualOven.ts';
import QuantityField from '../../kit/QuantityField.vue';

const { piece, plan, change } = usePiecePlan();
const { system, text } = useUnits();
/** A size of the plan is offered under this and its id. */
const SIZE = 'size:';
/** A row of sizes that still reads at a glance. */
const MOST_SIZES = 3;

const scale = computed(() => piece.value.measure.scale);
const sizes = computed(() => plan.value.measure.sizes.all.slice(0, MOST_SIZES));
const ways = computed(() => [
  { label: say.ratio, value: 'ratio' },
  ...sizes.value.map(({ spec }) => ({ label: spec.name, value: SIZE + spec.id })),
  { label: say.fitOven, value: 'oven' },
  { label: say.fitBox, value: 'box' },
  { label: say.fitBoard, value: 'board' },
  { label: say.fitEyes, value: 'eye' },
]);
const way = computed(() =>
  scale.value.by === 'size' ? SIZE + scale.value.sizeId : scale.value.by,
);
const sized = computed(() => {
  const now = scale.value;
  if (now.by !== 'size') return undefined;
  const size = plan.value.measure.sizes.all.find(({ spec }) => spec.id === now.sizeId);
  return { ...now, name: (size ?? plan.value.measure.sizes.length).spec.name };
});

const put = (what: string, part: Partial<Workpiece['measure']>): void =>
  change(what, (p) => withPart(p, 'measure', part));
const setScale = (next: ScaleChoice): void =>
  change(say.changeScale, (p) => atScale(p, { scale: next }));
/** Gauges and shells that were suggested follow the size. */
const atScale = (p: Workpiece, part: Partial<Workpiece['measure']>): Workpiece =>
  followed(p, withPart(p, 'measure', part), planPiece);

/** Keeps the model as large as it is, and only changes which target decides. */
function setWay(by: string): void {
  const ratio = plan.value.measure.lifePerModel;
  const size = plan.value.measure.sizes.all.find(({ spec }) => SIZE + spec.id === by);
  // What fitted an oven, a box or a board still does: never rounded to the wrong side.
  const fits = ['oven', 'box', 'board'].includes(scale.value.by);
  const oneDigit = (mm: number): number =>
    (fits ? Math.floor((mm / ratio) * 10 + 1e-9) : Math.round((mm / ratio) * 10)) / 10;
  if (by === 'ratio')
    setScale({
      by,
      lifePerModel: (fits ? Math.ceil(ratio * 1000 - 1e-9) : Math.round(ratio * 1000)) / 1000,
    });
  else if (size) setScale({ by: 'size', sizeId: size.spec.id, mm: oneDigit(size.mm) });
  else if (by === 'oven' || by === 'box')
    change(by === 'oven' ? say.fitOven : say.fitBox, (p) =>
      atScale(p, { [by]: p.measure[by] ?? USUAL_OVEN, scale: { by } }),
    );
  else if (by === 'eye') {
    const { mm } = plan.value.measure.skeleton.animal.eye;
    setScale({ by, mm: Math.max(0.5, Math.round((2 * mm) / ratio) / 2) });
  } else if (by === 'board') {
    const [long, , wide] = plan.value.measure.sizes.posedExtentMm;
    setScale({ by, lengthMm: upTo10(long / ratio), widthMm: upTo10(wide / ratio) });
  }
}

/** Boards are cut to whole centimetres. */
const upTo10 = (mm: number): number => Math.min(3000, Math.max(20, Math.ceil(mm / 10) * 10));

const readLength = (where: string) => (typed: string) =>
  parseLength(typed, where, MODEL_LENGTH_LIMITS, system.value);
const readEye = (typed: string) => parseLength(typed, say.eye, EYE_LENGTH_LIMITS, system.value);
</script>

<template>
  <ChoiceRow :label="say.whatDecidesScale" :value="way" :options="ways" @set="setWay" />
  <div class="target">
    <label v-if="scale.by === 'ratio'">
      <span>{{ say.scale }}</span>
      <QuantityField
        :label="say.scale"
        :shown="text(scale.lifePerModel, 'scale')"
        :parse="parseScale"
        @set="setScale({ by: 'ratio', lifePerModel: $event })"
      />
    </label>
    <label v-else-if="sized">
      <span>{{ say.ofModel(sized.name) }}</span>
      <QuantityField
        :label="say.ofModel(sized.name)"
        :shown="text(sized.mm, 'mm')"
        :parse="readLength(sized.name)"
        @set="setScale({ by: 'size', sizeId: sized.sizeId, mm: $event })"
      />
    </label>
    <label v-else-if="scale.by === 'eye'">
      <span>{{ say.eyesAtHandAcross }}</span>
      <QuantityField
        :label="say.eyesAtHandAcross"
        :shown="text(scale.mm, 'mm')"
        :parse="readEye"
        @set="setScale({ by: 'eye', mm: $event })"
      />
    </label>
    <p v-else>
      {{ say.largestModelThatFits(scale.by, scaleText(plan.measure.lifePerModel, 'smaller')) }}
    </p>
  </div>
  <BoxSizes @scale="setScale" />
  <DecisionRow :name="say.airLeftAllRound">
    <QuantityField
      small
      :label="say.airLeftAllRound"
      :shown="text(piece.measure.ovenAirMm, 'mm', system === 'metric' ? 0 : 2)"
      :parse="lengthAt('workshop.oven.airMm', say.airInOven, system)"
      @set="put(say.changeAirInOven, { ovenAirMm: $event })"
    />
  </DecisionRow>
  <DecisionRow :name="say.goesInOnIts">
    <LateSwitch
      :label="say.goesInOnIts"
      :value="piece.measure.onBoard"
      @set="put(say.changeWhatGoesInto, { onBoard: $event })"
    />
  </DecisionRow>
</template>

<style scoped>
.target {
  margin: 10px 0;
}
.target label {
  display: grid;
  grid-template-columns: 1fr 130px;
  align-items: center;
  gap: 8px;
}
.target p {
  margin: 0;
}
</style>
