import * as say from './words.ts';
import type { Picture } from '@keen-sinew/core';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import { loadPicture } from '../stores/pictureStorage.ts';

/**
 * The decoded image of a picture: decoded once, and again only when another picture is shown. Where
 * this browser has no bytes of it, `problem` says so.
 */
export function usePictureImage(pieceId: () => string, picture: Readonly<Ref<Picture | null>>) {
  const image = shallowRef<HTMLImageElement | null>(null);
  const problem = ref<string | null>(null);
  let held: string | null = null;

  const letGo = (): void => {
    if (held !== null) URL.revokeObjectURL(held);
    held = null;
  };

  async function show(entry: Picture): Promise<void> {
    const blob = entry.shipped === null ? await loadPicture(pieceId(), entry.id) : null;
    if (picture.value?.id !== entry.id) return;
    letGo();
    if (entry.shipped === null && blob === null) {
      image.value = null;
      problem.value = say.thisBrowserDoesNot(entry.name);
      return;
    }
    held = blob === null ? null : URL.createObjectURL(blob);
    const next = new Image();
    next.src = held ?? `/references/${entry.shipped}`;
    try {
      await next.decode();
    } catch (error) {
      problem.value = say.pictureCouldNotBe(entry.name, (error as Error).message);
      return;
    }
    if (picture.value?.id !== entry.id) return;
    image.value = next;
    problem.value = null;
  }

  watch(
    () => picture.value?.id,
    () => {
      image.value = null;
      problem.value = null;
      const entry = picture.value;
      if (entry === null) return;
      show(entry).catch((error: unknown) => {
        problem.value = say.pictureCouldNotBeRead(entry.name, String(error));
      });
    },
    { immediate: true },
  );
  onScopeDispose(letGo);
  return { image, problem };
}
