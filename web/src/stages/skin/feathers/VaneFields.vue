<script setup lang="ts">
import * as say from './words.ts';
import {
  parseLength,
  SHAPE_STATIONS,
  shapedTo,
  vaneGrips,
  VANE_SIDES,
  type Feather,
  type VaneGrip,
} from '@keen-sinew/core';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import ChoiceRow from '../../../kit/ChoiceRow.vue';
import HintText from '../../../kit/HintText.vue';
import QuantityField from '../../../kit/QuantityField.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import { withFeatherShape } from './featherChanges.ts';

/** Widths of the vanes of one feather where they can be shaped, typed; for itself or for its whole row. */
const props = defineProps<{ feather: Feather; row: { id: string; name: string }; of: string }>();
const emit = defineEmits<{ of: [key: string] }>();
const { piece, change } = usePiecePlan();
const { text, system } = useUnits();
const OF = computed(() => [
  { label: say.thisFeather(props.feather.id), value: props.feather.id },
  { label: say.allOfRow(props.row.name.toLowerCase()), value: props.row.id },
]);
const grips = computed(() =>
  SHAPE_STATIONS.map((share, n) => ({
    share,
    both: VANE_SIDES.map((side) =>
      vaneGrips(props.feather).find((of) => of.side === side && of.station === n)!,
    ),
  })),
);
const set = (grip: VaneGrip, mm: number): void =>
  change(say.shapeFeather(props.of), (p) =>
    withFeatherShape(p, props.of, shapedTo(props.feather, grip, mm)),
  );
const isShaped = computed(() => piece.value.skin.feathers.shapes[props.of] !== undefined);
const revert = (): void =>
  change(say.revertFeather(props.of), (p) => withFeatherShape(p, props.of, null));
const name = ({ side, station }: VaneGrip): string => say.vaneAt(say.VANES[side], station + 1);
</script>

<template>
  <ChoiceRow :label="say.whatIsShaped" :value="of" :options="OF" @set="emit('of', $event)" />
  <ReckoningTable :columns="[...say.VANE_COLUMNS]" :rows="grips" :key-of="({ share }) => share"
    ><template #row="{ row: { share, both } }"
      ><tr>
        <td>{{ Math.round(100 * share) }} %</td>
        <td v-for="grip in both" :key="grip.side">
          <QuantityField
            small
            :label="name(grip)"
            :shown="text(grip.wideMm, 'mm', 1)"
            :parse="(typed) => parseLength(typed, name(grip), grip.limits, system)"
            @set="set(grip, $event)"
          />
        </td></tr></template
  ></ReckoningTable>
  <HintText>{{ say.shapeHint }}</HintText>
  <ActionButton v-if="isShaped" @click="revert">{{ say.asItComes }}</ActionButton>
</template>
