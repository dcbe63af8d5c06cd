<script setup lang="ts">
import * as say from './words.ts';
import { freeId, limitsOf, parseVolume, type PaintOnHand } from '@keen-sinew/core';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import ColourField from '../kit/ColourField.vue';
import NameField from '../kit/NameField.vue';
import QuantityField from '../kit/QuantityField.vue';
import OnHandTable from './OnHandTable.vue';
import { useWorkshop } from './useWorkshop.ts';

/** Paints on the shelf, by the colour that they dry to. */
const { workshop, change } = useWorkshop();
const { system, text } = useUnits();

const set = (label: string, paints: PaintOnHand[]): void =>
  change(label, (shop) => ({ ...shop, paints }));
function add(): void {
  const id = freeId(
    'paint',
    workshop.value.paints.map((entry) => entry.id),
  );
  set(say.addPaint, [...workshop.value.paints, { id, name: say.paint, hex: '#8c6f4f', ml: 0 }]);
}
const put = (paint: PaintOnHand): void =>
  set(
    say.changePaint,
    workshop.value.paints.map((entry) => (entry.id === paint.id ? paint : entry)),
  );
const drop = (id: string): void =>
  set(
    say.removePaint,
    workshop.value.paints.filter((entry) => entry.id !== id),
  );
</script>

<template>
  <OnHandTable
    :columns="[say.name, say.driesTo, say.left]"
    :last="say.remove"
    :empty="workshop.paints.length > 0 ? null : say.noPaintIsEntered"
  >
    <tr v-for="paint in workshop.paints" :key="paint.id">
      <td>
        <NameField
          :label="say.paintName"
          :value="paint.name"
          :most="60"
          @set="put({ ...paint, name: $event })"
        />
      </td>
      <td>
        <ColourField
          :label="say.colour(paint.name)"
          :hex="paint.hex"
          @set="put({ ...paint, hex: $event })"
        />
      </td>
      <td>
        <QuantityField
          small
          :label="say.left2(paint.name)"
          :shown="text(paint.ml, 'ml', system === 'metric' ? 0 : 1)"
          :parse="
            (typed) =>
              parseVolume(typed, say.left2(paint.name), limitsOf('workshop.paints.*.ml'), system)
          "
          @set="put({ ...paint, ml: $event })"
        />
      </td>
      <td>
        <ActionButton @click="drop(paint.id)">
          {{ say.remove }}<span class="visually-hidden">: {{ paint.name }}</span>
        </ActionButton>
      </td>
    </tr>
  </OnHandTable>
  <ActionButton @click="add">{{ say.addPaint }}</ActionButton>
</template>

<style scoped>
td:nth-child(2) {
  width: 168px;
}
td:nth-child(3) {
  width: 108px;
}
</style>
