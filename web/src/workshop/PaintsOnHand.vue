<script setup lang="ts">
import * as say from './words.ts';
import {
  freeId,
  limitsOf,
  paletteGpl,
  parseVolume,
  problemSentence,
  readPalette,
  USUAL_PIGMENTS,
  type PaintOnHand,
} from '@keen-sinew/core';
import { ref } from 'vue';
import { useUnits } from '../composables/useUnits.ts';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import ColourField from '../kit/ColourField.vue';
import NameField from '../kit/NameField.vue';
import QuantityField from '../kit/QuantityField.vue';
import { downloadText } from '../files/download.ts';
import FileUpload from '../kit/FileUpload.vue';
import HintText from '../kit/HintText.vue';
import OnHandTable from './OnHandTable.vue';
import PaintDetails from './PaintDetails.vue';
import { useWorkshop } from './useWorkshop.ts';

/** Paints on the shelf, by the colour that they dry to. */
const { workshop, change } = useWorkshop();
const { system, text } = useUnits();

const NEW_PAINT: Omit<PaintOnHand, 'id'> = {
  ...{
    name: say.paint,
    kind: 'paint',
    hex: '#8c6f4f',
    tile: null,
    tint: null,
    opacity: 'semi-opaque',
  },
  ...{ card: null, light: 'unknown', ml: 0, packMl: null, price: null },
  ...{ where: '', opened: null },
};
/** The paint whose further facts are shown. */
const openId = ref<string | null>(null);
const problem = ref<string | null>(null);
const set = (label: string, paints: PaintOnHand[]): void =>
  change(label, (shop) => ({ ...shop, paints }));
function add(): void {
  const id = freeId(
    'paint',
    workshop.value.paints.map((entry) => entry.id),
  );
  set(say.addPaint, [...workshop.value.paints, { ...NEW_PAINT, id }]);
  openId.value = id;
}
const NAMED = USUAL_PIGMENTS.map(({ id, name }) => ({ label: name, value: id }));
/** A pigment by its common name, with what is usual of it. */
function addNamed(pigmentId: string): void {
  const pigment = USUAL_PIGMENTS.find(({ id }) => id === pigmentId);
  if (pigment === undefined) return;
  const id = freeId(
    'paint',
    workshop.value.paints.map((entry) => entry.id),
  );
  const { name, hex, opacity, light } = pigment;
  set(say.addPaint, [...workshop.value.paints, { ...NEW_PAINT, id, name, hex, opacity, light }]);
}

/** Colours of a palette are put beside those that are there. */
async function take([file]: readonly File[]): Promise<void> {
  if (file === undefined) return;
  const read = readPalette(await file.text());
  problem.value = read.ok ? null : problemSentence(read.problem);
  if (!read.ok) return;
  const next = [...workshop.value.paints];
  for (const { name, hex } of read.value.slice(0, 120 - next.length)) {
    const id = freeId(
      'paint',
      next.map((entry) => entry.id),
    );
    next.push({ ...NEW_PAINT, id, name: name.slice(0, 60), hex });
  }
  set(say.takePalette, next);
}
const give = (): void =>
  downloadText('paints.gpl', paletteGpl(say.paintsOnHand, workshop.value.paints), 'text/plain');
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
    <template v-for="paint in workshop.paints" :key="paint.id"
      ><tr>
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
          <ActionButton
            :aria-expanded="openId === paint.id"
            @click="openId = openId === paint.id ? null : paint.id"
          >
            {{ say.more }}<span class="visually-hidden">: {{ paint.name }}</span>
          </ActionButton>
          <ActionButton @click="drop(paint.id)">
            {{ say.remove }}<span class="visually-hidden">: {{ paint.name }}</span>
          </ActionButton>
        </td>
      </tr>
      <tr v-if="openId === paint.id">
        <td colspan="4"><PaintDetails :paint="paint" @put="put" /></td></tr
    ></template>
  </OnHandTable>
  <div class="acts">
    <ActionButton @click="add">{{ say.addPaint }}</ActionButton>
    <ChoiceField
      small
      :label="say.addByName"
      :value="''"
      :options="[{ label: say.addByName, value: '' }, ...NAMED]"
      @set="addNamed"
    />
    <FileUpload :label="say.takePalette" accept=".gpl" @take="take">{{
      say.takePalette
    }}</FileUpload>
    <ActionButton v-if="workshop.paints.length > 0" @click="give">{{
      say.givePalette
    }}</ActionButton>
  </div>
  <HintText v-if="problem" role="alert">{{ problem }}</HintText>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
td:nth-child(2) {
  width: 168px;
}
td:nth-child(3) {
  width: 108px;
}
</style>
