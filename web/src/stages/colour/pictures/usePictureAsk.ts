import type { CardKind, Picture } from '@keen-sinew/core';
import { computed, ref } from 'vue';
import { usePiecePlan } from '../../../composables/usePiecePlan.ts';
import { usePictureImage } from '../../../pictures/usePictureImage.ts';
import type { Loop } from '../../../workers/palette.worker.ts';
import { usePalette } from './usePalette.ts';

/** What a touch on a picture sets: what is drawn round, or where the card lies. */
export type AskMode = 'round' | 'card';

/** A picture of the piece that colours are asked of: which, what is drawn round on it, and the card in it. */
export function usePictureAsk() {
  const { piece } = usePiecePlan();
  const pictures = computed(() => piece.value.references.pictures);
  const chosen = ref('');
  const picture = computed<Picture | null>(
    () => pictures.value.find(({ id }) => id === chosen.value) ?? pictures.value[0] ?? null,
  );
  const { image, problem: unseen } = usePictureImage(() => piece.value.id, picture);
  const mode = ref<AskMode>('round');
  const kind = ref<CardKind>('grey');
  /** By picture: what is drawn round on it, and where its card lies. */
  const rounds = ref<Readonly<Record<string, Loop | null>>>({});
  const cards = ref<Readonly<Record<string, Loop | null>>>({});
  const many = ref(5);
  const id = computed(() => picture.value?.id ?? '');
  const round = computed(() => rounds.value[id.value] ?? null);
  const card = computed(() => cards.value[id.value] ?? null);
  const question = computed(() => ({
    ...{ round: round.value, card: card.value, kind: kind.value, many: many.value },
  }));
  const { found, problem, busy } = usePalette(() => piece.value.id, picture, question);
  return {
    ...{ pictures, chosen, picture, image, unseen, mode, kind, many, round, card },
    ...{ found, problem, busy },
    setRound: (loop: Loop | null) => (rounds.value = { ...rounds.value, [id.value]: loop }),
    setCard: (loop: Loop | null) => (cards.value = { ...cards.value, [id.value]: loop }),
  };
}

export type PictureAsk = ReturnType<typeof usePictureAsk>;
