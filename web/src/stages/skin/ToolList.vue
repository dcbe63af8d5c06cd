<script setup lang="ts">
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
import OwnTools from '../../workshop/OwnTools.vue';
import ToolChoices from '../../workshop/ToolChoices.vue';
import { withPart } from '../withPart.ts';
import WorkshopNote from '../../workshop/WorkshopNote.vue';

/** The workshop's tools, as far as strokes are made with them. */
const { piece, change } = usePiecePlan();
</script>

<template>
  <WorkshopNote />
  <ToolChoices
    :tools="piece.skin.tools"
    @set="(label, tools) => change(label, (p) => withPart(p, 'skin', { tools }))"
  />
  <OwnTools
    :tools="piece.skin.ownTools"
    @set="(label, ownTools) => change(label, (p) => withPart(p, 'skin', { ownTools }))"
  />
</template>
