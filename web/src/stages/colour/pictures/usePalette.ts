import * as say from './words.ts';
import type { Picture } from '@keen-sinew/core';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import { hired } from '../../../workers/hired.ts';
import type {
  PaletteFound,
  PaletteQuestion,
  PaletteWorker,
} from '../../../workers/palette.worker.ts';
import { bytesOf, newPaletteWorker } from './pictureBytes.ts';

/**
 * The colours of a picture, worked out beside the page and anew with each question; one that is overtaken is ended.
 * `problem` says what could not be looked at.
 */
export function usePalette(
  pieceId: () => string,
  picture: Readonly<Ref<Picture | null>>,
  question: Readonly<Ref<PaletteQuestion>>,
) {
  const found = shallowRef<PaletteFound | null>(null);
  const problem = ref<string | null>(null);
  const busy = ref(false);
  let current = new AbortController();

  async function look(of: Picture, { signal }: AbortController): Promise<void> {
    busy.value = true;
    try {
      const bytes = await bytesOf(pieceId(), of);
      // A plain copy: reactive wrappers cannot be sent.
      const plain = JSON.parse(JSON.stringify(question.value)) as PaletteQuestion;
      if (signal.aborted) return;
      const answer = await hired<PaletteWorker, PaletteFound | null>(
        newPaletteWorker,
        (worker) => worker.look(bytes, plain),
        signal,
      );
      if (signal.aborted) return;
      found.value = answer;
      problem.value = answer === null ? say.cardIsBlack : null;
    } catch (error) {
      if (!signal.aborted) problem.value = say.couldNotLookAt(of.name, (error as Error).message);
    }
    if (!signal.aborted) busy.value = false;
  }

  watch(
    [() => picture.value?.id, question],
    ([id], [before]) => {
      current.abort();
      current = new AbortController();
      if (id !== before) [found.value, problem.value] = [null, null];
      if (picture.value !== null) void look(picture.value, current);
    },
    { immediate: true },
  );
  onScopeDispose(() => current.abort());
  return { found, problem, busy };
}
