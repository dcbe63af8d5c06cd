<script setup lang="ts">
import * as say from './words.ts';
import { differenceWords, type ColourPlan, type ZoneColour } from '@keen-sinew/core';
import WorkingRow from '../../ledger/WorkingRow.vue';
import RecipeLine from './RecipeLine.vue';

/** A zone layer by layer: what to mix, how much, and how it looks in the end. */
defineProps<{ chosen: ZoneColour; colour: ColourPlan }>();
</script>

<template>
  <WorkingRow
    :working="chosen.area"
    :label="chosen.isDetail ? say.surfaceOfDetail : say.skinOfThisZone"
  />
  <template v-if="chosen.clay">
    <RecipeLine v-if="chosen.clay.recipe" :recipe="chosen.clay.recipe" :colour="colour" />
    <WorkingRow :working="chosen.clay.grams" :label="say.colouredClay" />
  </template>
  <template v-for="layer in chosen.layers" :key="layer.rule.id">
    <p class="layer">
      <i :style="{ background: layer.hex }" />
      <b>{{ layer.rule.name }}</b> <span class="number">{{ layer.hex }}</span>
      <span class="how">{{ layer.rule.how }}</span>
    </p>
    <RecipeLine v-if="layer.recipe" :recipe="layer.recipe" :colour="colour" />
    <WorkingRow :working="layer.ml" :label="layer.ml.unit === 'g' ? say.powder : say.paint" />
    <WorkingRow v-if="layer.water" :working="layer.water" :label="say.water" />
    <WorkingRow :working="layer.lightness" :label="say.lightness" />
  </template>
  <div v-if="chosen.ladder.length > 0" class="ladder" role="group" :aria-label="say.ladder">
    <span v-for="rung in chosen.ladder" :key="rung.light">
      <i :style="{ background: rung.hex }" :title="rung.hex" />{{
        say.rung(rung.shade, rung.light)
      }}
    </span>
    <span class="how">{{ say.ladderHint }}</span>
  </div>
  <p v-if="chosen.end" class="layer">
    <i :style="{ background: chosen.end.hex }" /><i :style="{ background: chosen.hex }" />
    <span class="how">{{ say.inTheEnd(differenceWords(chosen.end.difference.value)) }}</span>
  </p>
  <WorkingRow v-if="chosen.end" :working="chosen.end.difference" :label="say.offInTheEnd" />
  <p class="layer">
    <i :style="{ background: chosen.accent.hex }" />
    <span class="how">{{ say.accentOpposite(chosen.accent.hex) }}</span>
  </p>
  <WorkingRow :working="chosen.accent.contrast" :label="say.contrastOfAccent" />
</template>

<style scoped>
i {
  width: 26px;
  height: 18px;
  border: 1px solid var(--soft);
  flex: none;
}
.layer {
  display: flex;
  align-items: center;
  gap: 8px;
  margin: 10px 4px 0;
  font-size: 14px;
}
.how {
  font-size: 13px;
  color: var(--soft);
}
.ladder {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  margin: 12px 4px 0;
  font-size: 12.5px;
}
.ladder span {
  display: grid;
  justify-items: center;
}
.ladder i {
  width: 44px;
  height: 20px;
}
</style>
