<script setup lang="ts">
import * as say from './words.ts';
import { computed } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { useUnits } from '../../../composables/useUnits.ts';
import ActionButton from '../../../kit/ActionButton.vue';
import { useBake } from './useBake.ts';

/** All bakes in their order, each with what cures in it, how hot and how long; one of them is looked at. */
const { piece, plan } = usePiecePlan();
const { text } = useUnits();
const { stages, stage, pick } = useBake();
const rows = computed(() =>
  stages.value.map((of) => ({
    of,
    isDone: piece.value.bench.done[`cure.${of.id}`] !== undefined,
    /** The last trace of it, if there is one. */
    verdict: plan.value.oven.records.findLast(({ log }) => log.bake === of.id)?.verdict,
    names: of.items.map(({ name }) => name).join(', '),
    figures:
      of.dial && of.bake
        ? [
            text(of.dial.value, 'degC'),
            text(of.byGun ? (of.gun?.value ?? 0) : of.bake.value, 'min'),
          ]
        : [text(of.rule.value, of.rule.unit)],
  })),
);
</script>

<template>
  <ol class="strip" :aria-label="say.bakesInOrder">
    <li v-for="row in rows" :key="row.of.id" :class="{ here: row.of.id === stage.id }">
      <ActionButton
        kind="plain"
        class="bake"
        :aria-pressed="row.of.id === stage.id"
        @click="pick(row.of.id)"
      >
        <span class="head">
          <b class="number">{{ row.of.number }}</b> {{ row.of.name }}
          <em v-if="row.isDone">{{ say.doneMark }}</em>
        </span>
        <span class="number figures">
          <span v-for="figure in row.figures" :key="figure">{{ figure }}</span>
        </span>
        <span class="names">{{ row.names }}</span>
        <span v-if="row.verdict" class="verdict" :class="row.verdict">{{
          say.verdicts[row.verdict]
        }}</span>
      </ActionButton>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  flex: none;
  list-style: none;
  margin: 6px 0 4px;
  padding: 0;
  display: flex;
  gap: 8px;
  overflow-x: auto;
}
li {
  flex: 1 1 0;
  min-width: 118px;
  max-width: 240px;
  border: 1px solid var(--line);
  border-radius: var(--radius);
}
.here {
  border-color: var(--verdigris);
  box-shadow: inset 0 3px 0 var(--verdigris);
}
.bake {
  width: 100%;
  height: auto;
  padding: 8px 10px;
}
.bake :deep(.n-button__content) {
  display: grid;
  justify-items: start;
  text-align: left;
  gap: 2px;
  width: 100%;
}
.head {
  font: 700 16px var(--font-title);
}
.figures {
  font-size: 14px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
}
.figures span {
  white-space: nowrap;
}
.names {
  font-size: 13px;
  color: var(--soft);
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.verdict {
  font-size: 13px;
  color: var(--verdigris);
}
.short,
.cool,
.scorched {
  color: var(--rust);
}
.hot {
  color: var(--ochre);
}
</style>
