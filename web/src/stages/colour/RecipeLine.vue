<script setup lang="ts">
import * as say from './words.ts';
import { differenceWords, recipeWords, type ColourPlan, type RecipePlan } from '@keen-sinew/core';
import WorkingRow from '../../ledger/WorkingRow.vue';

/** What to mix for a colour, what that looks like, how far it is off, and the second best. */
defineProps<{ recipe: RecipePlan; colour: ColourPlan }>();
</script>

<template>
  <p class="recipe">
    <i :style="{ background: recipe.best.hex }" />
    <b>{{ recipeWords(recipe.best, colour) }}</b>
    <span>{{ differenceWords(recipe.best.difference) }}</span>
  </p>
  <WorkingRow :working="recipe.difference" :label="say.mixOff" />
  <p v-if="recipe.second" class="recipe second">
    <i :style="{ background: recipe.second.hex }" />
    {{
      say.secondBest(recipeWords(recipe.second, colour), differenceWords(recipe.second.difference))
    }}
  </p>
  <WorkingRow
    v-if="recipe.secondDifference"
    :working="recipe.secondDifference"
    :label="say.secondOff"
  />
</template>

<style scoped>
.recipe {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 8px;
  margin: 4px 4px 0;
  font-size: 14px;
}
.recipe i {
  width: 14px;
  height: 14px;
  border: 1px solid var(--soft);
}
.recipe span,
.second {
  font-size: 13px;
  color: var(--soft);
}
</style>
