<script setup lang="ts">
import { NUpload, type UploadFileInfo } from 'naive-ui';
import ActionButton from './ActionButton.vue';

/** A button that takes in files; several at once where that is allowed. Nothing is sent anywhere. */
defineProps<{
  label: string;
  accept: string;
  multiple?: boolean;
  disabled?: boolean;
  kind?: 'quiet' | 'line';
}>();
const emit = defineEmits<{ take: [files: readonly File[]] }>();

let gathered: File[] = [];
/** One call for each file of a choice, all before the next task: they are handed on together. */
function gather({ file }: { readonly file: UploadFileInfo }): void {
  if (!file.file) return;
  if (gathered.length === 0)
    setTimeout(() => {
      emit('take', gathered);
      gathered = [];
    });
  gathered.push(file.file);
}
</script>

<template>
  <NUpload
    class="files"
    :accept="accept"
    :multiple="multiple"
    :disabled="disabled"
    :default-upload="false"
    :show-file-list="false"
    :file-list="[]"
    :input-props="{ 'aria-label': label, tabindex: -1 }"
    @change="gather"
  >
    <ActionButton :kind="kind" :disabled="disabled"><slot /></ActionButton>
  </NUpload>
</template>

<style scoped>
.files {
  display: inline-block;
  width: auto;
}
</style>
