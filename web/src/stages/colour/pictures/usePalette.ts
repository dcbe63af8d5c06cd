import * as say from './words.ts';
import type { Picture } from '@keen-sinew/core';
import { wrap, type Remote } from 'comlink';
import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import { loadPicture } from '../../../stores/pictureStorage.ts';
import type {
  PaletteFound,
  PaletteQuestion,
  PaletteWorker,
} from '../../../workers/palette.worker.ts';

/** The bytes of a picture: kept in this browser, or shipped. */
async function bytesOf(pieceId: string, { id, shipped }: Picture): Promise<Blob | null> {
  if (shipped === null) return loadPicture(pieceId, id);
  const answer = await fetch(`/references/${shipped}`);
  return answer.ok ? answer.blob() : null;
}

/** A worker that is started when it is first asked. */
function paletteHand() {
  let worker: Worker | null = null;
  let remote: Remote<PaletteWorker> | null = null;
  return {
    started(): Remote<PaletteWorker> {
      worker ??= new Worker(new URL('../../../workers/palette.worker.ts', import.meta.url), {
        type: 'module',
      });
      remote ??= wrap<PaletteWorker>(worker);
      return remote;
    },
    end: (): void => worker?.terminate(),
  };
}

/**
 * The colours of a picture, worked out beside the page and anew with each question; the last question waits while one
 * is under way. `problem` says what could not be read.
 */
export function usePalette(
  pieceId: () => string,
  picture: Readonly<Ref<Picture | null>>,
  question: Readonly<Ref<PaletteQuestion>>,
) {
  const found = shallowRef<PaletteFound | null>(null);
  const problem = ref<string | null>(null);
  const busy = ref(false);
  const hand = paletteHand();
  let shown: string | null = null;
  let again = false;

  async function look(of: Picture): Promise<void> {
    if (shown !== of.id) {
      const blob = await bytesOf(pieceId(), of);
      if (blob === null) throw new Error(say.noBytesHere);
      await hand.started().show(blob);
      shown = of.id;
    }
    // A plain copy: reactive wrappers cannot be sent.
    const plain = JSON.parse(JSON.stringify(question.value)) as PaletteQuestion;
    const answer = await hand.started().ask(plain);
    if (picture.value?.id !== of.id) return;
    found.value = answer;
    problem.value = answer === null ? say.cardIsBlack : null;
  }

  async function work(): Promise<void> {
    const of = picture.value;
    if (of === null) return;
    if (busy.value) {
      again = true;
      return;
    }
    busy.value = true;
    try {
      await look(of);
    } catch (error) {
      problem.value = say.couldNotLookAt(of.name, (error as Error).message);
    } finally {
      busy.value = false;
    }
    if (!again) return;
    again = false;
    await work();
  }

  watch(
    () => picture.value?.id,
    () => {
      found.value = null;
      problem.value = null;
    },
  );
  watch([() => picture.value?.id, question], () => void work(), { immediate: true });
  onScopeDispose(hand.end);
  return { found, problem, busy };
}
