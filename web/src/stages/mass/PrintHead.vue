<script setup lang="ts">
import * as say from './words.ts';
import { usePieceFiles } from '../../files/usePieceFiles.ts';
import ActionButton from '../../kit/ActionButton.vue';
import HintText from '../../kit/HintText.vue';

/** The drawings of the head as a sheet, at the size that stands over each. */
const { makeHead, busy, problem } = usePieceFiles();
</script>

<template>
  <ActionButton kind="wide" :disabled="busy" @click="makeHead">{{ say.printHead }}</ActionButton>
  <HintText v-if="problem" role="alert">{{ problem }}</HintText>
</template>
