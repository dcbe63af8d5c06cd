<script setup lang="ts">
import * as say from './words.ts';
import type { FoundColour } from '@keen-sinew/core';
import { computed } from 'vue';
import ActionButton from '../../../kit/ActionButton.vue';
import HintText from '../../../kit/HintText.vue';
import ReckoningTable from '../../../kit/ReckoningTable.vue';
import SliderField from '../../../kit/SliderField.vue';
import type { PaletteFound } from '../../../workers/palette.worker.ts';

/** What a picture shows: its colours with their shares, and the area told apart into base, shade and light. */
const props = defineProps<{ found: PaletteFound; many: number; next: number; picture: string }>();
const emit = defineEmits<{ many: [many: number]; keep: [found: Omit<FoundColour, 'id'>] }>();
const percent = (share: number): string => `${Math.round(100 * share)} %`;
const PARTS = ['base', 'shade', 'light'] as const;
const cast = computed(() => {
  const [red, green, blue] = props.found.light;
  return red === green && green === blue
    ? null
    : say.castTold((red / green).toFixed(2), (blue / green).toFixed(2));
});
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
    ><template #row="{ row: { hex, share } }"
      ><tr :data-palette-colour="hex">
        <td><i :style="{ background: hex }" /> {{ hex }}</td>
        <td>{{ percent(share) }}</td>
        <td>
          <ActionButton @click="keep(hex)"
            >{{ say.keep }}<span class="visually-hidden">: {{ hex }}</span></ActionButton
          >
        </td>
      </tr></template
    ></ReckoningTable
  >
  <template v-if="found.area">
    <h4>{{ say.areaTold }}</h4>
    <ul>
      <li v-for="part in PARTS" :key="part">
        <i :style="{ background: found.area[part] }" /> {{ say.BASE[part] }}
        <span class="number">{{ found.area[part] }}</span>
      </li>
    </ul>
    <HintText>{{ say.spreadTold(found.area.spread.toFixed(1)) }}</HintText>
    <HintText>{{
      say.lightDid(percent(found.area.shadeBy), percent(found.area.lightBy), found.area.shadeIs)
    }}</HintText>
    <HintText v-if="cast">{{ cast }}</HintText>
    <HintText v-if="found.burnt >= 0.005">{{ say.burntTold(percent(found.burnt)) }}</HintText>
    <ActionButton kind="line" @click="keepArea">{{ say.keepArea }}</ActionButton>
  </template>
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
