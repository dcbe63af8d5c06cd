<script setup lang="ts">
import * as say from './words.ts';
import { plateReference, REFERENCE_PLATES, type Picture, type PictureView } from '@keen-sinew/core';
import { useDropZone, useEventListener } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { usePiecePlan } from '../composables/usePiecePlan.ts';
import ActionButton from '../kit/ActionButton.vue';
import ChoiceField from '../kit/ChoiceField.vue';
import { FilePicker } from '../kit/heavy.ts';
import HintText from '../kit/HintText.vue';
import { keepPicture } from '../stores/pictureStorage.ts';
import { withPictures } from './pictureChanges.ts';
import { takeInPictures } from './takeIn.ts';

/** Brings pictures in: by file, dropped on the sheet, or pasted; and the demonstration's own. */
const { piece, change } = usePiecePlan();
const router = useRouter();
const view = ref<PictureView>('side');
const busy = ref(false);
const sentences = ref<readonly string[]>([]);
const VIEWS = [
  { label: say.fromSide, value: 'side' },
  { label: say.fromFront, value: 'front' },
  { label: say.fromAbove, value: 'top' },
  { label: say.fromBehind, value: 'back' },
  { label: say.onePhotographOfStance, value: 'photo' },
];

const shipped = computed(() => {
  const have = new Set(piece.value.references.pictures.map((picture) => picture.id));
  return REFERENCE_PLATES.filter(
    (plate) =>
      plate.animalId === piece.value.measure.animalId &&
      piece.value.measure.creature === null &&
      !have.has(plateReference(plate).id),
  );
});

function add(added: readonly Picture[]): void {
  const first = added[0];
  if (first === undefined) return;
  change(added.length === 1 ? say.add(first.name) : say.addPictures2(added.length), (p) =>
    withPictures(p, [...p.references.pictures, ...added]),
  );
  void router.push(`/piece/${piece.value.id}/measure/pictures/${first.id}`);
}

async function take(files: readonly File[]): Promise<void> {
  if (files.length === 0 || busy.value) return;
  busy.value = true;
  sentences.value = [];
  try {
    const ids = piece.value.references.pictures.map((picture) => picture.id);
    const found = await takeInPictures(files, view.value, ids);
    for (const { picture, blob } of found.pictures)
      await keepPicture(piece.value.id, picture.id, blob);
    sentences.value = found.sentences;
    add(found.pictures.map(({ picture }) => picture));
  } catch (error) {
    sentences.value = [say.picturesCouldNotBe((error as Error).message)];
  } finally {
    busy.value = false;
  }
}

useEventListener(document, 'paste', (event: ClipboardEvent) => {
  const files = [...(event.clipboardData?.files ?? [])];
  if (files.length > 0) event.preventDefault();
  void take(files);
});
const { isOverDropZone } = useDropZone(() => document.querySelector<HTMLElement>('#sheet'), {
  onDrop: (files) => void take(files ?? []),
});
</script>

<template>
  <div class="add" :class="{ over: isOverDropZone }">
    <label class="pick">
      <span>{{ say.newPicture }}</span>
      <ChoiceField
        small
        :label="say.whatNewPicturesShow"
        :value="view"
        :options="VIEWS"
        @set="view = $event as PictureView"
      />
    </label>
    <FilePicker
      kind="line"
      multiple
      :label="say.pictureFiles"
      :disabled="busy"
      accept="image/png,image/jpeg,image/webp,application/pdf,.pdf"
      @take="take"
    >
      {{ busy ? say.reading : say.addPictures }}
    </FilePicker>
    <ActionButton v-if="shipped.length > 0" kind="line" @click="add(shipped.map(plateReference))">
      {{ say.takeDemonstrations(shipped.length) }}
    </ActionButton>
    <HintText v-for="sentence in sentences" :key="sentence" alarm>{{ sentence }}</HintText>
  </div>
</template>

<style scoped>
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  font-size: 14px;
  border: 1px dashed transparent;
  padding: 2px 4px;
}
.over {
  border-color: var(--verdigris);
}
.pick {
  display: flex;
  align-items: center;
  gap: 6px;
}
.pick > span {
  white-space: nowrap;
}
.pick > :last-child {
  min-width: 132px;
}
</style>
