<script setup lang="ts">
import * as say from './words.ts';
import type { FoundColour } from '@keen-sinew/core';
import { pictureWorkings } from '@keen-sinew/core/palette';
import { computed } from 'vue';
import ActionButton from '../../../kit/ActionButton.vue';
import HintText from '../../../kit/HintText.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import SliderField from '../../../kit/SliderField.vue';
import OpenedRow from '../../../ledger/OpenedRow.vue';
import WorkingCell from '../../../ledger/WorkingCell.vue';
import WorkingRow from '../../../ledger/WorkingRow.vue';
import type { PaletteFound } from '../../../workers/palette.worker.ts';

/**
 * What a picture shows: its colours with their shares, and the area told apart into base, shade and light. While
 * another area is looked at (`busy`), the one that stands here cannot be kept for it.
 */
const props = defineProps<{
  found: PaletteFound;
  busy: boolean;
  many: number;
  next: number;
  picture: string;
}>();
const emit = defineEmits<{ many: [many: number]; keep: [found: Omit<FoundColour, 'id'>] }>();
const told = computed(() => pictureWorkings(props.found, props.found.light));
const PARTS = ['base', 'shade', 'light'] as const;
const keep = (hex: string): void =>
  emit('keep', {
    ...{ name: say.areaName(props.next), hex, picture: props.picture },
    ...{ shade: null, light: null, spread: null },
  });
function keepArea(): void {
  const { area } = props.found;
  if (area === null) return;
  const { base: hex, shade, light, spread } = area;
  emit('keep', {
    ...{ name: say.areaName(props.next), hex, shade, light, spread, picture: props.picture },
  });
}
</script>

<template>
  <SliderField
    :label="say.howMany"
    :value="many"
    :min="2"
    :max="8"
    :step="1"
    :said="String(many)"
    @set="emit('many', $event)"
  />
  <ReckoningTable :columns="[...say.COLUMNS]" :rows="found.palette" :key-of="({ hex }) => hex"
    ><template #row="{ row: { hex }, index }"
      ><tr :data-palette-colour="hex">
        <td><i :style="{ background: hex }" /> {{ hex }}</td>
        <td><WorkingCell :working="told.shares[index]!" unit /></td>
        <td>
          <ActionButton @click="keep(hex)"
            >{{ say.keep }}<span class="visually-hidden">: {{ hex }}</span></ActionButton
          >
        </td>
      </tr>
      <OpenedRow :of="[told.shares[index]!]" /></template
  ></ReckoningTable>
  <template v-if="found.area">
    <h4>{{ say.areaTold }}</h4>
    <ul>
      <li v-for="part in PARTS" :key="part">
        <i :style="{ background: found.area[part] }" /> {{ say.BASE[part] }}
        <span class="number">{{ found.area[part] }}</span>
      </li>
    </ul>
    <WorkingRow v-for="working in told.area" :key="working.id" :working="working" />
    <HintText>{{ say.lightDid[found.area.shadeIs] }}{{ say.aimAtOwn }}</HintText>
    <WorkingRow v-for="working in told.cast" :key="working.id" :working="working" />
    <ActionButton kind="line" :disabled="busy" @click="keepArea">{{ say.keepArea }}</ActionButton>
  </template>
  <WorkingRow v-if="told.burnt" :working="told.burnt" />
</template>

<style scoped>
i {
  display: inline-block;
  width: 22px;
  height: 15px;
  border: 1px solid var(--soft);
  vertical-align: middle;
}
h4 {
  margin: 10px 4px 2px;
  font-size: 15px;
}
ul {
  margin: 0 4px 4px;
  padding: 0;
  list-style: none;
  font-size: 14px;
}
</style>
