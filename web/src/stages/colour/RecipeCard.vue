<script setup lang="ts">
import * as say from './words.ts';
import {
  recipeWords,
  sameTarget,
  type ColourPlan,
  type LayerPlan,
  type ZoneColour,
} from '@keen-sinew/core';
import { NTable } from 'naive-ui';
import ActionButton from '../../kit/ActionButton.vue';
import { useSelection } from '../../composables/useSelection.ts';

/** Every zone's layers side by side: the colour to aim at, and what to mix for it. */
defineProps<{
  colour: ColourPlan;
  layers: readonly { readonly id: string; readonly name: string }[];
}>();
const { target, pick } = useSelection();
const layerOf = (zone: ZoneColour, id: string): LayerPlan | undefined =>
  zone.layers.find(({ rule }) => rule.id === id);
const isChosen = ({ zone }: ZoneColour): boolean => sameTarget(zone.target, target.value);
</script>

<template>
  <div class="card" role="region" tabindex="0" :aria-label="say.card">
    <NTable class="reckoning words" size="small" :bordered="false">
      <thead>
        <tr>
          <th scope="col">{{ say.zone }}</th>
          <th v-for="layer in layers" :key="layer.id" scope="col">{{ layer.name }}</th>
          <th v-if="layers.length === 0" scope="col">{{ say.colouredClay }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="zone in colour.zones" :key="zone.zone.id" :class="{ chosen: isChosen(zone) }">
          <th scope="row">
            <ActionButton kind="plain" @click="pick(zone.zone.target)">{{
              zone.zone.name
            }}</ActionButton>
          </th>
          <td v-for="layer in layers" :key="layer.id">
            <template v-if="layerOf(zone, layer.id)">
              <i :style="{ background: layerOf(zone, layer.id)!.hex }" />
              <span class="number">{{ layerOf(zone, layer.id)!.hex }}</span>
              <small v-if="layerOf(zone, layer.id)!.recipe">{{
                recipeWords(layerOf(zone, layer.id)!.recipe!.best, colour)
              }}</small>
            </template>
          </td>
          <td v-if="layers.length === 0">
            <i :style="{ background: zone.hex }" />
            <small v-if="zone.clay?.recipe">{{ recipeWords(zone.clay.recipe.best, colour) }}</small>
          </td>
        </tr>
      </tbody>
    </NTable>
  </div>
</template>

<style scoped>
.card {
  overflow: auto;
  min-height: 0;
}
i {
  display: block;
  height: 16px;
  border: 1px solid var(--soft);
}
th {
  text-align: left;
  font-weight: 400;
}
.chosen th {
  font-weight: 700;
}
.number,
small {
  display: block;
  font-size: 12.5px;
}
</style>
