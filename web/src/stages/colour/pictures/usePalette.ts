import type { Picture } from '@keen-sinew/core';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import type { PaletteFound, PaletteQuestion } from '../../../workers/palette.worker.ts';
import { askPicture } from './askPicture.ts';

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
    const asked = await askPicture(
      pieceId(),
      of,
      question.value,
      (worker, bytes, plain) => worker.look(bytes, plain),
      signal,
    );
    if (signal.aborted) return;
    found.value = asked.answer;
    problem.value = asked.problem;
    busy.value = false;
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
