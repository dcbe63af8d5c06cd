<script setup lang="ts">
import { usePiecePlan } from '../../composables/usePiecePlan.ts';
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
</template>
