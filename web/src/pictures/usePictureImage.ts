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

  async function show(one: Picture): Promise<void> {
    const blob = one.shipped === null ? await loadPicture(pieceId(), one.id) : null;
    if (picture.value?.id !== one.id) return;
    letGo();
    if (one.shipped === null && blob === null) {
      image.value = null;
      problem.value = `This browser does not keep the picture “${one.name}”: it was brought in elsewhere. Its landmarks stand; bring the picture in again to see them on it.`;
      return;
    }
    held = blob === null ? null : URL.createObjectURL(blob);
    const next = new Image();
    next.src = held ?? `/references/${one.shipped}`;
    try {
      await next.decode();
    } catch (error) {
      problem.value = `The picture “${one.name}” could not be shown: ${(error as Error).message}`;
      return;
    }
    if (picture.value?.id !== one.id) return;
    image.value = next;
    problem.value = null;
  }

  watch(
    () => picture.value?.id,
    () => {
      image.value = null;
      problem.value = null;
      const one = picture.value;
      if (one === null) return;
      show(one).catch((error: unknown) => {
        problem.value = `The picture “${one.name}” could not be read from this browser’s store: ${String(error)}`;
      });
    },
    { immediate: true },
  );
  onScopeDispose(letGo);
  return { image, problem };
}
